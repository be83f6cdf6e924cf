-- A transfer is never edited or deleted: a refund is a new transfer that names the one it returns.
create function refuse_change() returns trigger language plpgsql as $$
begin
  raise exception 'Rows of % are never changed or deleted.', tg_table_name using errcode = 'restrict_violation';
end $$;
--> statement-breakpoint
create trigger transfer_append_only before update or delete on transfer for each row execute function refuse_change();
--> statement-breakpoint
create trigger transfer_no_truncate before truncate on transfer for each statement execute function refuse_change();
--> statement-breakpoint
-- Rows that every payment updates: free room on the page lets the new version stay on it (no index is touched).
alter table account set (fillfactor = 70);
--> statement-breakpoint
alter table viewer set (fillfactor = 70);

DROP INDEX "overlay_secret_hash";--> statement-breakpoint
ALTER TABLE "unreadable" DROP CONSTRAINT "unreadable_pkey";--> statement-breakpoint
ALTER TABLE "unreadable" ADD CONSTRAINT "unreadable_channel_id_pk" PRIMARY KEY("channel","id");--> statement-breakpoint
CREATE INDEX "overlay_by_secret" ON "overlay" USING btree ("secret_hash");
--> statement-breakpoint
-- A table in parts is called otherwise where its trigger runs: what may be taken out of a row is told by the row alone.
CREATE OR REPLACE FUNCTION refuse_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  IF tg_op = 'UPDATE' AND current_setting('ricompensa.forgetting', true) = 'on'
     AND to_jsonb(new) - 'detail' - 'intent' = to_jsonb(old) - 'detail' - 'intent' THEN
    RETURN new;
  END IF;
  IF tg_op = 'DELETE' AND current_setting('ricompensa.deleting', true) = to_jsonb(old)->>'channel'
     AND EXISTS (SELECT 1 FROM channel WHERE id = (to_jsonb(old)->>'channel')::integer
       AND closed_at <= extract(epoch FROM now()) - 30 * 86400) THEN
    RETURN old;
  END IF;
  RAISE EXCEPTION 'Rows of % are never changed or deleted.', tg_table_name USING errcode = 'restrict_violation';
END $$;

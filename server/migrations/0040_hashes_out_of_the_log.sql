-- What an overlay's address is looked for by was written into the change log with its settings. It is no setting.
UPDATE "change" SET "before" = ("before"::jsonb - 'secretHash')::json WHERE "of" = 'overlay' AND "before"::jsonb ? 'secretHash';
--> statement-breakpoint
UPDATE "change" SET "after" = ("after"::jsonb - 'secretHash')::json WHERE "of" = 'overlay' AND "after"::jsonb ? 'secretHash';

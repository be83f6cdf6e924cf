ALTER TABLE "sold" ADD COLUMN "week" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "sold" ADD COLUMN "weeked" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "sold" ADD COLUMN "month" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "sold" ADD COLUMN "monthed" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "store_order" ADD COLUMN "week" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "store_order" ADD COLUMN "month" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "store_order" ADD COLUMN "tally" bigint;--> statement-breakpoint
ALTER TABLE "store_order" ADD COLUMN "tally_count" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
-- A message to the buyer was kept, and never said, where a reward had been made automatic: it must not begin to be said by itself.
UPDATE "reward" SET "settings" = jsonb_set("settings", '{doneText}', '""') WHERE "settings"->>'kind' <> 'hand' AND coalesce("settings"->>'doneText', '') <> '';

ALTER TABLE "adjustment" ADD COLUMN "digest" text;--> statement-breakpoint
ALTER TABLE "people_import" ADD COLUMN "undone_at" bigint;--> statement-breakpoint
ALTER TABLE "viewer" ADD COLUMN "account_made_at" bigint;
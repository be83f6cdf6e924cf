CREATE TABLE "key_check" (
	"id" integer PRIMARY KEY NOT NULL,
	"sealed" text NOT NULL,
	"hash" text NOT NULL
);
--> statement-breakpoint
ALTER TABLE "overlay" DROP CONSTRAINT "overlay_secret_unique";--> statement-breakpoint
ALTER TABLE "overlay" ADD COLUMN "secret_hash" text;--> statement-breakpoint
-- The server seals what is here at its next start and puts the real hashes in (server/src/sealing/reseal.ts).
UPDATE "overlay" SET "secret_hash" = 'unsealed/' || "channel" || '/' || "id";--> statement-breakpoint
ALTER TABLE "overlay" ALTER COLUMN "secret_hash" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "event_secret" ADD COLUMN "kinds" jsonb;--> statement-breakpoint
CREATE UNIQUE INDEX "overlay_secret_hash" ON "overlay" USING btree ("secret_hash");
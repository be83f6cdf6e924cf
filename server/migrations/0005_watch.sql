CREATE TABLE "watch" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"counting" boolean NOT NULL,
	"counted_until" bigint NOT NULL,
	"carry_seconds" bigint NOT NULL,
	"watched_seconds" bigint NOT NULL,
	"show_id" bigint,
	"show_seconds" bigint NOT NULL,
	CONSTRAINT "watch_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
ALTER TABLE "watch" ADD CONSTRAINT "watch_channel_id_viewer_channel_id_fk" FOREIGN KEY ("channel","id") REFERENCES "public"."viewer"("channel","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "watch_counting" ON "watch" USING btree ("channel","id") WHERE counting;--> statement-breakpoint
INSERT INTO "watch" (channel, id, counting, counted_until, carry_seconds, watched_seconds, show_id, show_seconds)
	SELECT channel, id, present AND NOT ignored, greatest(coalesce(present_since, 0), accrued_until), carry_seconds, watched_seconds, show_id, show_seconds FROM "viewer";--> statement-breakpoint
-- Rewritten by every payment, like the balances: free room on the page lets the new version stay on it.
ALTER TABLE "watch" SET (fillfactor = 70);--> statement-breakpoint
ALTER TABLE "viewer" DROP COLUMN "accrued_until";--> statement-breakpoint
ALTER TABLE "viewer" DROP COLUMN "carry_seconds";--> statement-breakpoint
ALTER TABLE "viewer" DROP COLUMN "watched_seconds";--> statement-breakpoint
ALTER TABLE "viewer" DROP COLUMN "show_id";--> statement-breakpoint
ALTER TABLE "viewer" DROP COLUMN "show_seconds";
DROP INDEX "overlay_secret_hash";--> statement-breakpoint
ALTER TABLE "unreadable" DROP CONSTRAINT "unreadable_pkey";--> statement-breakpoint
ALTER TABLE "unreadable" ADD CONSTRAINT "unreadable_channel_id_pk" PRIMARY KEY("channel","id");--> statement-breakpoint
CREATE INDEX "overlay_by_secret" ON "overlay" USING btree ("secret_hash");

CREATE UNLOGGED TABLE "rate_limit" (
	"key" text PRIMARY KEY NOT NULL,
	"points" integer DEFAULT 0 NOT NULL,
	"expire" bigint
);
--> statement-breakpoint
CREATE TABLE "security_event" (
	"id" bigint PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "security_event_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 9223372036854775807 START WITH 1 CACHE 1),
	"channel" integer,
	"at" bigint NOT NULL,
	"kind" text NOT NULL,
	"account" text NOT NULL,
	"name" text NOT NULL,
	"address" text NOT NULL,
	"what" text NOT NULL,
	"times" integer NOT NULL
);
--> statement-breakpoint
ALTER TABLE "security_event" ADD CONSTRAINT "security_event_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "security_event_channel" ON "security_event" USING btree ("channel","id");--> statement-breakpoint
CREATE INDEX "security_event_at" ON "security_event" USING btree ("at");--> statement-breakpoint
-- Keys of intents are kept as hashes from now on: whatever they named, and however long they were. What was seen before stays known.
UPDATE "seen_intent" SET "key" = rtrim(translate(encode(sha256(convert_to("key", 'UTF8')), 'base64'), '+/', '-_'), '=');

CREATE TABLE "own_voice" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"settings" jsonb NOT NULL,
	"password" text NOT NULL,
	"gone_at" bigint,
	CONSTRAINT "own_voice_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
ALTER TABLE "own_voice" ADD CONSTRAINT "own_voice_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;
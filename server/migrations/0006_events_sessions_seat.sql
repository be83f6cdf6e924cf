CREATE TABLE "chat_seat" (
	"channel" integer PRIMARY KEY NOT NULL,
	"status" text NOT NULL,
	"sentence" text NOT NULL,
	"room" text,
	"since" bigint NOT NULL,
	"known_until" bigint NOT NULL,
	"spoken_seq" bigint NOT NULL
);
--> statement-breakpoint
CREATE TABLE "claim_code" (
	"hash" text PRIMARY KEY NOT NULL,
	"created_at" bigint NOT NULL
);
--> statement-breakpoint
CREATE TABLE "event" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"at" bigint NOT NULL,
	"happened_at" bigint NOT NULL,
	"source" text NOT NULL,
	"type" text NOT NULL,
	"viewer" bigint,
	"name" text,
	"body" jsonb NOT NULL,
	"outcome" text NOT NULL,
	CONSTRAINT "event_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
CREATE TABLE "event_refusal" (
	"channel" integer NOT NULL,
	"id" integer GENERATED ALWAYS AS IDENTITY (sequence name "event_refusal_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"at" bigint NOT NULL,
	"code" text NOT NULL,
	"sentence" text NOT NULL,
	CONSTRAINT "event_refusal_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
CREATE TABLE "event_secret" (
	"channel" integer NOT NULL,
	"id" integer GENERATED ALWAYS AS IDENTITY (sequence name "event_secret_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"name" text NOT NULL,
	"secret" text NOT NULL,
	"created_at" bigint NOT NULL,
	"used_at" bigint,
	"revoked_at" bigint,
	CONSTRAINT "event_secret_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
ALTER TABLE "session" ADD COLUMN "seen_at" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "chat_seat" ADD CONSTRAINT "chat_seat_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "event_refusal" ADD CONSTRAINT "event_refusal_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "event_secret" ADD CONSTRAINT "event_secret_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;
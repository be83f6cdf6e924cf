CREATE TABLE "chat_lease" (
	"connection" text PRIMARY KEY NOT NULL,
	"holder" text NOT NULL,
	"renewed_at" bigint NOT NULL,
	"until" bigint NOT NULL
);
--> statement-breakpoint
CREATE TABLE "room" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"settings" jsonb NOT NULL,
	"password" text NOT NULL,
	"room_key" text NOT NULL,
	"gone_at" bigint,
	CONSTRAINT "room_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
CREATE TABLE "room_owner" (
	"place" text PRIMARY KEY NOT NULL,
	"owner" integer NOT NULL
);
--> statement-breakpoint
ALTER TABLE "viewer" ADD COLUMN "rooms" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "chat_seat" ADD COLUMN "room_id" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "chat_seat" ADD COLUMN "connection" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "chat_seat" DROP CONSTRAINT "chat_seat_pkey";--> statement-breakpoint
ALTER TABLE "chat_seat" ADD CONSTRAINT "chat_seat_channel_room_id_pk" PRIMARY KEY("channel","room_id");--> statement-breakpoint
-- Who is there is in the one room that there was.
UPDATE "viewer" SET "rooms" = '[0]' WHERE "present";--> statement-breakpoint
ALTER TABLE "room" ADD CONSTRAINT "room_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "room_owner" ADD CONSTRAINT "room_owner_owner_channel_id_fk" FOREIGN KEY ("owner") REFERENCES "public"."channel"("id") ON DELETE cascade ON UPDATE no action;
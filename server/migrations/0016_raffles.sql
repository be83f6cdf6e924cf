CREATE TABLE "raffle" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"setup" bigint,
	"settings" jsonb NOT NULL,
	"status" text NOT NULL,
	"by_name" text NOT NULL,
	"made_at" bigint NOT NULL,
	"opens_at" bigint,
	"opened_at" bigint,
	"closes_at" bigint,
	"remind_at" bigint,
	"closed_at" bigint,
	"finish_at" bigint,
	"ended_at" bigint,
	"show" bigint,
	"seed" text NOT NULL,
	"commitment" text NOT NULL,
	"draws" bigint NOT NULL,
	"won" bigint NOT NULL,
	"drawn_at" bigint,
	"drawing" jsonb,
	"waiting" jsonb NOT NULL,
	"picked" jsonb NOT NULL,
	"each" bigint,
	"returned" bigint NOT NULL,
	"why" text,
	CONSTRAINT "raffle_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
CREATE TABLE "raffle_cheer" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"until" bigint NOT NULL,
	"more" bigint NOT NULL,
	CONSTRAINT "raffle_cheer_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
CREATE TABLE "raffle_entry" (
	"channel" integer NOT NULL,
	"key" text NOT NULL,
	"raffle" bigint NOT NULL,
	"viewer" bigint NOT NULL,
	"name" text NOT NULL,
	"nr" bigint NOT NULL,
	"tickets" bigint NOT NULL,
	"free" bigint NOT NULL,
	"paid" bigint NOT NULL,
	"weight" bigint NOT NULL,
	"standing" text,
	"at" bigint NOT NULL,
	"changed_at" bigint NOT NULL,
	"state" text NOT NULL,
	"why" text,
	CONSTRAINT "raffle_entry_channel_key_pk" PRIMARY KEY("channel","key")
);
--> statement-breakpoint
CREATE TABLE "raffle_luck" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"wins" bigint NOT NULL,
	"won_at" bigint NOT NULL,
	"earlier_at" bigint NOT NULL,
	"title" text NOT NULL,
	CONSTRAINT "raffle_luck_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
CREATE TABLE "raffle_setup" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"settings" jsonb NOT NULL,
	"digit" integer,
	"gone_at" bigint,
	CONSTRAINT "raffle_setup_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
CREATE TABLE "raffle_totals" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"last" bigint NOT NULL,
	"people" bigint NOT NULL,
	"tickets" bigint NOT NULL,
	"weight" bigint NOT NULL,
	"paid" bigint NOT NULL,
	"tell_at" bigint,
	"told_at" bigint NOT NULL,
	"names" jsonb NOT NULL,
	"came" bigint NOT NULL,
	CONSTRAINT "raffle_totals_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
CREATE TABLE "raffle_winner" (
	"channel" integer NOT NULL,
	"key" text NOT NULL,
	"raffle" bigint NOT NULL,
	"draw" bigint NOT NULL,
	"viewer" bigint NOT NULL,
	"name" text NOT NULL,
	"digest" text NOT NULL,
	"point" bigint NOT NULL,
	"weight" bigint NOT NULL,
	"total" bigint NOT NULL,
	"drawn_at" bigint NOT NULL,
	"state" text NOT NULL,
	"claim_until" bigint,
	"line" text,
	"claimed_at" bigint,
	"why" text,
	"amount" bigint NOT NULL,
	"code" text,
	"delivered_at" bigint,
	"note" text NOT NULL,
	CONSTRAINT "raffle_winner_channel_key_pk" PRIMARY KEY("channel","key")
);
--> statement-breakpoint
ALTER TABLE "raffle" ADD CONSTRAINT "raffle_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "raffle_cheer" ADD CONSTRAINT "raffle_cheer_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "raffle_setup" ADD CONSTRAINT "raffle_setup_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "raffle_totals" ADD CONSTRAINT "raffle_totals_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "raffle_running" ON "raffle" USING btree ("channel") WHERE "raffle"."ended_at" is null;--> statement-breakpoint
CREATE INDEX "raffle_entry_nr" ON "raffle_entry" USING btree ("channel","raffle","nr");--> statement-breakpoint
CREATE INDEX "raffle_entry_viewer" ON "raffle_entry" USING btree ("channel","viewer","raffle");--> statement-breakpoint
CREATE INDEX "raffle_winner_raffle" ON "raffle_winner" USING btree ("channel","raffle","draw");--> statement-breakpoint
CREATE INDEX "raffle_winner_viewer" ON "raffle_winner" USING btree ("channel","viewer");
CREATE TABLE "command" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"settings" jsonb NOT NULL,
	"gone_at" bigint,
	CONSTRAINT "command_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
CREATE TABLE "outside_reward" (
	"channel" integer NOT NULL,
	"id" text NOT NULL,
	"name" text NOT NULL,
	"price" bigint,
	"seen_at" bigint NOT NULL,
	"listed" boolean NOT NULL,
	CONSTRAINT "outside_reward_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
CREATE TABLE "redemption" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"outside" text NOT NULL,
	"trigger" bigint NOT NULL,
	"reward_name" text NOT NULL,
	"viewer" bigint NOT NULL,
	"viewer_name" text NOT NULL,
	"text" text,
	"status" text NOT NULL,
	"why" text,
	"at" bigint NOT NULL,
	"ended_at" bigint,
	"by" text,
	CONSTRAINT "redemption_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
CREATE TABLE "run" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"at" bigint NOT NULL,
	"ended_at" bigint,
	"source" text NOT NULL,
	"of" bigint NOT NULL,
	"name" text NOT NULL,
	"viewer" bigint,
	"viewer_name" text,
	"outcome" text NOT NULL,
	"code" text,
	"why" text,
	"log" json NOT NULL,
	"state" json,
	"seed" bigint,
	CONSTRAINT "run_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
CREATE TABLE "run_time" (
	"channel" integer NOT NULL,
	"run" bigint NOT NULL,
	"at" bigint NOT NULL,
	"ms" integer NOT NULL,
	CONSTRAINT "run_time_channel_run_pk" PRIMARY KEY("channel","run")
);
--> statement-breakpoint
CREATE TABLE "seed" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"seed" text NOT NULL,
	"commitment" text NOT NULL,
	"opened_at" bigint NOT NULL,
	"closed_at" bigint NOT NULL,
	CONSTRAINT "seed_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
CREATE TABLE "tally" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"key" text NOT NULL,
	"name" text NOT NULL,
	"one" text NOT NULL,
	"many" text NOT NULL,
	"ceiling" bigint,
	"passing" boolean NOT NULL,
	"gone_at" bigint,
	CONSTRAINT "tally_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
CREATE TABLE "tally_count" (
	"channel" integer NOT NULL,
	"key" text NOT NULL,
	"tally" bigint NOT NULL,
	"viewer" bigint NOT NULL,
	"total" bigint NOT NULL,
	"show" bigint NOT NULL,
	"shown" bigint NOT NULL,
	CONSTRAINT "tally_count_channel_key_pk" PRIMARY KEY("channel","key")
);
--> statement-breakpoint
CREATE TABLE "trigger" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"settings" jsonb NOT NULL,
	"gone_at" bigint,
	"due_at" bigint,
	"lines_at" bigint NOT NULL,
	"show_id" bigint NOT NULL,
	CONSTRAINT "trigger_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
ALTER TABLE "show" ADD COLUMN "lines" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "cooldown" ADD COLUMN "period" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "cooldown" ADD COLUMN "used" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "command" ADD CONSTRAINT "command_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "outside_reward" ADD CONSTRAINT "outside_reward_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "seed" ADD CONSTRAINT "seed_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "tally" ADD CONSTRAINT "tally_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "trigger" ADD CONSTRAINT "trigger_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "redemption_waiting" ON "redemption" USING btree ("channel","id") WHERE status = 'waiting';--> statement-breakpoint
CREATE INDEX "redemption_viewer" ON "redemption" USING btree ("channel","viewer");--> statement-breakpoint
CREATE INDEX "run_of" ON "run" USING btree ("channel","of","id");--> statement-breakpoint
CREATE INDEX "run_viewer" ON "run" USING btree ("channel","viewer","id");--> statement-breakpoint
CREATE INDEX "run_at" ON "run" USING btree ("at");--> statement-breakpoint
CREATE INDEX "run_time_at" ON "run_time" USING btree ("at");--> statement-breakpoint
CREATE INDEX "tally_count_top" ON "tally_count" USING btree ("channel","tally","total");--> statement-breakpoint
CREATE INDEX "tally_count_viewer" ON "tally_count" USING btree ("channel","viewer");
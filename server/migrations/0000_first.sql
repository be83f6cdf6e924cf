CREATE TABLE "account" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"kind" text NOT NULL,
	"balance" bigint NOT NULL,
	CONSTRAINT "account_channel_id_pk" PRIMARY KEY("channel","id"),
	CONSTRAINT "account_balance_not_negative" CHECK ("account"."balance" >= 0 and "account"."balance" <= 9007199254740991)
);
--> statement-breakpoint
CREATE TABLE "channel" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "channel_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"slug" text NOT NULL,
	"name" text NOT NULL,
	"owner" text NOT NULL,
	"time_zone" text DEFAULT 'UTC' NOT NULL,
	"seq" bigint DEFAULT 0 NOT NULL,
	"revision" bigint DEFAULT 0 NOT NULL,
	"last_id" bigint DEFAULT 0 NOT NULL,
	CONSTRAINT "channel_slug_unique" UNIQUE("slug")
);
--> statement-breakpoint
CREATE TABLE "fact" (
	"channel" integer NOT NULL,
	"seq" bigint NOT NULL,
	"at" bigint NOT NULL,
	"kind" text NOT NULL,
	"audience" text NOT NULL,
	"body" jsonb NOT NULL,
	CONSTRAINT "fact_channel_seq_pk" PRIMARY KEY("channel","seq")
);
--> statement-breakpoint
CREATE TABLE "flow" (
	"channel" integer NOT NULL,
	"minute" bigint NOT NULL,
	"paid" bigint NOT NULL,
	"spent" bigint NOT NULL,
	CONSTRAINT "flow_channel_minute_pk" PRIMARY KEY("channel","minute")
);
--> statement-breakpoint
CREATE TABLE "overlay" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"name" text NOT NULL,
	"secret" text NOT NULL,
	CONSTRAINT "overlay_channel_id_pk" PRIMARY KEY("channel","id"),
	CONSTRAINT "overlay_secret_unique" UNIQUE("secret")
);
--> statement-breakpoint
CREATE TABLE "overlay_presence" (
	"channel" integer NOT NULL,
	"overlay" bigint NOT NULL,
	"seen_at" bigint NOT NULL,
	CONSTRAINT "overlay_presence_channel_overlay_pk" PRIMARY KEY("channel","overlay")
);
--> statement-breakpoint
CREATE TABLE "reward" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"word" text NOT NULL,
	"name" text NOT NULL,
	"description" text NOT NULL,
	"price" bigint NOT NULL,
	"delivery" text NOT NULL,
	"ask" text,
	"picture" text NOT NULL,
	"sound" text NOT NULL,
	"alert_title" text NOT NULL,
	"alert_line" text NOT NULL,
	"open" boolean NOT NULL,
	CONSTRAINT "reward_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
CREATE TABLE "seen_intent" (
	"channel" integer NOT NULL,
	"key" text NOT NULL,
	"at" bigint NOT NULL,
	"answer" jsonb NOT NULL,
	CONSTRAINT "seen_intent_channel_key_pk" PRIMARY KEY("channel","key")
);
--> statement-breakpoint
CREATE TABLE "session" (
	"id_hash" text PRIMARY KEY NOT NULL,
	"scope" text NOT NULL,
	"account" text NOT NULL,
	"name" text NOT NULL,
	"created_at" bigint NOT NULL,
	"expires_at" bigint NOT NULL
);
--> statement-breakpoint
CREATE TABLE "setting" (
	"channel" integer NOT NULL,
	"name" text NOT NULL,
	"body" jsonb NOT NULL,
	CONSTRAINT "setting_channel_name_pk" PRIMARY KEY("channel","name")
);
--> statement-breakpoint
CREATE TABLE "show" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"title" text NOT NULL,
	"status" text NOT NULL,
	"started_at" bigint NOT NULL,
	"ended_at" bigint,
	"paid" bigint NOT NULL,
	"spent" bigint NOT NULL,
	CONSTRAINT "show_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
CREATE TABLE "sign_in_attempt" (
	"state" text PRIMARY KEY NOT NULL,
	"scope" text NOT NULL,
	"nonce" text NOT NULL,
	"verifier" text NOT NULL,
	"return_to" text NOT NULL,
	"expires_at" bigint NOT NULL
);
--> statement-breakpoint
CREATE TABLE "store_order" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"reward" bigint NOT NULL,
	"reward_name" text NOT NULL,
	"viewer" bigint NOT NULL,
	"viewer_name" text NOT NULL,
	"price" bigint NOT NULL,
	"text" text,
	"status" text NOT NULL,
	"show" bigint,
	"placed_at" bigint NOT NULL,
	"ended_at" bigint,
	"ended_by" text,
	"payment" bigint NOT NULL,
	CONSTRAINT "store_order_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
CREATE TABLE "transfer" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"at" bigint NOT NULL,
	"from_account" bigint NOT NULL,
	"to_account" bigint NOT NULL,
	"amount" bigint NOT NULL,
	"reason" text NOT NULL,
	"about" bigint,
	"intent" text NOT NULL,
	"returns" bigint,
	"from_balance" bigint,
	"to_balance" bigint,
	"detail" jsonb,
	CONSTRAINT "transfer_channel_id_pk" PRIMARY KEY("channel","id"),
	CONSTRAINT "transfer_amount_positive" CHECK ("transfer"."amount" > 0),
	CONSTRAINT "transfer_not_to_self" CHECK ("transfer"."from_account" <> "transfer"."to_account")
);
--> statement-breakpoint
CREATE TABLE "viewer" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"account" text NOT NULL,
	"name" text NOT NULL,
	"moderator" boolean NOT NULL,
	"ignored" boolean NOT NULL,
	"present" boolean NOT NULL,
	"present_since" bigint,
	"accrued_until" bigint NOT NULL,
	"carry_seconds" bigint NOT NULL,
	"watched_seconds" bigint NOT NULL,
	"show_id" bigint,
	"show_seconds" bigint NOT NULL,
	"chatted_at" bigint,
	"first_seen_at" bigint NOT NULL,
	"last_seen_at" bigint NOT NULL,
	CONSTRAINT "viewer_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
ALTER TABLE "account" ADD CONSTRAINT "account_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "fact" ADD CONSTRAINT "fact_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "flow" ADD CONSTRAINT "flow_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "overlay" ADD CONSTRAINT "overlay_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "overlay_presence" ADD CONSTRAINT "overlay_presence_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "reward" ADD CONSTRAINT "reward_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "seen_intent" ADD CONSTRAINT "seen_intent_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "setting" ADD CONSTRAINT "setting_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "show" ADD CONSTRAINT "show_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "store_order" ADD CONSTRAINT "store_order_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "store_order" ADD CONSTRAINT "store_order_channel_viewer_viewer_channel_id_fk" FOREIGN KEY ("channel","viewer") REFERENCES "public"."viewer"("channel","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "store_order" ADD CONSTRAINT "store_order_channel_reward_reward_channel_id_fk" FOREIGN KEY ("channel","reward") REFERENCES "public"."reward"("channel","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "transfer" ADD CONSTRAINT "transfer_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "viewer" ADD CONSTRAINT "viewer_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "reward_word" ON "reward" USING btree ("channel","word");--> statement-breakpoint
CREATE UNIQUE INDEX "show_one_open" ON "show" USING btree ("channel") WHERE status <> 'ended';--> statement-breakpoint
CREATE INDEX "store_order_waiting" ON "store_order" USING btree ("channel","id") WHERE status = 'waiting';--> statement-breakpoint
CREATE INDEX "store_order_viewer" ON "store_order" USING btree ("channel","viewer","id");--> statement-breakpoint
CREATE INDEX "transfer_from" ON "transfer" USING btree ("channel","from_account","id") WHERE from_account > 0;--> statement-breakpoint
CREATE INDEX "transfer_to" ON "transfer" USING btree ("channel","to_account","id") WHERE to_account > 0;--> statement-breakpoint
CREATE UNIQUE INDEX "viewer_account" ON "viewer" USING btree ("channel","account");--> statement-breakpoint
CREATE INDEX "viewer_present" ON "viewer" USING btree ("channel","id") WHERE present;
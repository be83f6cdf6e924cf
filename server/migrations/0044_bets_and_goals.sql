CREATE TABLE "backing" (
	"channel" integer NOT NULL,
	"key" text NOT NULL,
	"bet" bigint NOT NULL,
	"viewer" bigint NOT NULL,
	"name" text NOT NULL,
	"nr" bigint NOT NULL,
	"laid" jsonb NOT NULL,
	"back" bigint NOT NULL,
	"won" bigint NOT NULL,
	CONSTRAINT "backing_channel_key_pk" PRIMARY KEY("channel","key")
);
--> statement-breakpoint
CREATE TABLE "bet" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"template" bigint,
	"settings" jsonb NOT NULL,
	"status" text NOT NULL,
	"by_name" text NOT NULL,
	"opened_at" bigint NOT NULL,
	"locks_at" bigint,
	"locked_at" bigint,
	"show" bigint,
	"pick" jsonb,
	"payment" jsonb,
	"paid_to" bigint NOT NULL,
	"ended_at" bigint,
	"why" text,
	CONSTRAINT "bet_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
CREATE TABLE "bet_evidence" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"note" text NOT NULL,
	"link" text NOT NULL,
	CONSTRAINT "bet_evidence_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
CREATE TABLE "bet_template" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"settings" jsonb NOT NULL,
	"digit" integer,
	"gone_at" bigint,
	CONSTRAINT "bet_template_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
CREATE TABLE "bet_totals" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"last" bigint NOT NULL,
	"people" jsonb NOT NULL,
	"staked" jsonb NOT NULL,
	"backers" bigint NOT NULL,
	"tell_at" bigint,
	"told_at" bigint NOT NULL,
	CONSTRAINT "bet_totals_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
CREATE TABLE "goal" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"settings" jsonb NOT NULL,
	"status" text NOT NULL,
	"by_name" text NOT NULL,
	"made_at" bigint NOT NULL,
	"opened_at" bigint,
	"ended_at" bigint,
	"reached" integer NOT NULL,
	"returned" bigint NOT NULL,
	"ends_as" text,
	"why" text,
	CONSTRAINT "goal_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
CREATE TABLE "goal_part" (
	"channel" integer NOT NULL,
	"key" text NOT NULL,
	"goal" bigint NOT NULL,
	"viewer" bigint NOT NULL,
	"name" text NOT NULL,
	"nr" bigint NOT NULL,
	"paid" bigint NOT NULL,
	"back" bigint NOT NULL,
	"at" bigint NOT NULL,
	CONSTRAINT "goal_part_channel_key_pk" PRIMARY KEY("channel","key")
);
--> statement-breakpoint
CREATE TABLE "goal_totals" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"last" bigint NOT NULL,
	"people" bigint NOT NULL,
	"paid" bigint NOT NULL,
	"last_name" text NOT NULL,
	"last_amount" bigint NOT NULL,
	"tell_at" bigint,
	"told_at" bigint NOT NULL,
	CONSTRAINT "goal_totals_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
ALTER TABLE "bet" ADD CONSTRAINT "bet_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "bet_evidence" ADD CONSTRAINT "bet_evidence_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "bet_template" ADD CONSTRAINT "bet_template_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "bet_totals" ADD CONSTRAINT "bet_totals_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "goal" ADD CONSTRAINT "goal_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "goal_totals" ADD CONSTRAINT "goal_totals_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "backing_nr" ON "backing" USING btree ("channel","bet","nr");--> statement-breakpoint
CREATE INDEX "backing_viewer" ON "backing" USING btree ("channel","viewer","bet");--> statement-breakpoint
CREATE INDEX "bet_running" ON "bet" USING btree ("channel") WHERE "bet"."ended_at" is null;--> statement-breakpoint
CREATE INDEX "goal_running" ON "goal" USING btree ("channel") WHERE "goal"."ended_at" is null;--> statement-breakpoint
CREATE INDEX "goal_part_nr" ON "goal_part" USING btree ("channel","goal","nr");--> statement-breakpoint
CREATE INDEX "goal_part_viewer" ON "goal_part" USING btree ("channel","viewer","goal");
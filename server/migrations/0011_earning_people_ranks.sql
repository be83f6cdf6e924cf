CREATE TABLE "alias" (
	"channel" integer NOT NULL,
	"account" text NOT NULL,
	"viewer" bigint NOT NULL,
	CONSTRAINT "alias_channel_account_pk" PRIMARY KEY("channel","account")
);--> statement-breakpoint
CREATE TABLE "attendance" (
	"channel" integer NOT NULL,
	"viewer" bigint NOT NULL,
	"show" bigint NOT NULL,
	"seconds" bigint NOT NULL,
	"earned" bigint NOT NULL,
	CONSTRAINT "attendance_channel_viewer_show_pk" PRIMARY KEY("channel","viewer","show")
);--> statement-breakpoint
CREATE TABLE "circle" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"name" text NOT NULL,
	"rules" jsonb NOT NULL,
	"keep" boolean NOT NULL,
	"gone_at" bigint,
	CONSTRAINT "circle_channel_id_pk" PRIMARY KEY("channel","id")
);--> statement-breakpoint
CREATE TABLE "cooldown" (
	"channel" integer NOT NULL,
	"key" text NOT NULL,
	"until" bigint NOT NULL,
	CONSTRAINT "cooldown_channel_key_pk" PRIMARY KEY("channel","key")
);--> statement-breakpoint
CREATE TABLE "gap" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"show" bigint NOT NULL,
	"from_time" bigint NOT NULL,
	"until_time" bigint NOT NULL,
	"people" jsonb NOT NULL,
	"status" text NOT NULL,
	"lines" jsonb NOT NULL,
	"ended_at" bigint,
	"by" text,
	CONSTRAINT "gap_channel_id_pk" PRIMARY KEY("channel","id")
);--> statement-breakpoint
CREATE TABLE "habit" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"checked_in" bigint NOT NULL,
	"streak" bigint NOT NULL,
	"best_streak" bigint NOT NULL,
	"check_ins" bigint NOT NULL,
	"chat_paid_at" bigint NOT NULL,
	"allowance_at" bigint NOT NULL,
	"handed_day" bigint NOT NULL,
	"handed" bigint NOT NULL,
	CONSTRAINT "habit_channel_id_pk" PRIMARY KEY("channel","id")
);--> statement-breakpoint
CREATE TABLE "note" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"viewer" bigint NOT NULL,
	"at" bigint NOT NULL,
	"by" text NOT NULL,
	"text" text NOT NULL,
	"removed_at" bigint,
	CONSTRAINT "note_channel_id_pk" PRIMARY KEY("channel","id")
);--> statement-breakpoint
CREATE TABLE "people_import" (
	"channel" integer NOT NULL,
	"digest" text NOT NULL,
	"at" bigint NOT NULL,
	"by" text NOT NULL,
	"lines" bigint NOT NULL,
	CONSTRAINT "people_import_channel_digest_pk" PRIMARY KEY("channel","digest")
);--> statement-breakpoint
CREATE TABLE "plan" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"at" bigint NOT NULL,
	"by" text NOT NULL,
	"plan" jsonb NOT NULL,
	CONSTRAINT "plan_channel_id_pk" PRIMARY KEY("channel","id")
);--> statement-breakpoint
CREATE TABLE "supporter" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"at" bigint NOT NULL,
	"account" text NOT NULL,
	"name" text NOT NULL,
	"support" jsonb NOT NULL,
	"status" text NOT NULL,
	"viewer" bigint,
	CONSTRAINT "supporter_channel_id_pk" PRIMARY KEY("channel","id")
);--> statement-breakpoint
ALTER TABLE "account" ADD COLUMN "earned" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "adjustment" ADD COLUMN "of" text DEFAULT 'balance' NOT NULL;--> statement-breakpoint
ALTER TABLE "adjustment" ADD COLUMN "undo_until" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "show" ADD COLUMN "number" bigint;--> statement-breakpoint
UPDATE "show" s SET number = n.number FROM (SELECT channel, id, row_number() OVER (PARTITION BY channel ORDER BY id) AS number FROM "show") n WHERE n.channel = s.channel AND n.id = s.id;--> statement-breakpoint
ALTER TABLE "show" ALTER COLUMN "number" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "show" ADD COLUMN "counts_from" bigint;--> statement-breakpoint
UPDATE "show" SET counts_from = started_at;--> statement-breakpoint
ALTER TABLE "show" ALTER COLUMN "counts_from" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "show" ADD COLUMN "paused_at" bigint;--> statement-breakpoint
ALTER TABLE "show" ADD COLUMN "guest" text;--> statement-breakpoint
ALTER TABLE "viewer" ADD COLUMN "chat_name" text;--> statement-breakpoint
ALTER TABLE "viewer" ADD COLUMN "handle" text;--> statement-breakpoint
UPDATE "viewer" SET chat_name = name, handle = lower(name);--> statement-breakpoint
ALTER TABLE "viewer" ALTER COLUMN "chat_name" SET NOT NULL, ALTER COLUMN "handle" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "viewer" ADD COLUMN "nickname" text;--> statement-breakpoint
ALTER TABLE "viewer" ADD COLUMN "tier" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "viewer" ADD COLUMN "subscribed_since" bigint;--> statement-breakpoint
ALTER TABLE "viewer" ADD COLUMN "subscribed_until" bigint;--> statement-breakpoint
ALTER TABLE "viewer" ADD COLUMN "circles" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "viewer" ADD COLUMN "circles_by_hand" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "viewer" ADD COLUMN "rank" bigint;--> statement-breakpoint
ALTER TABLE "viewer" ADD COLUMN "rank_next" bigint DEFAULT 0;--> statement-breakpoint
ALTER TABLE "viewer" ADD COLUMN "unlisted" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "viewer" ADD COLUMN "archived_at" bigint;--> statement-breakpoint
ALTER TABLE "viewer" ADD COLUMN "merged_into" bigint;--> statement-breakpoint
ALTER TABLE "watch" ADD COLUMN "off_air_carry" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "watch" ADD COLUMN "show_earned_from" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "watch" ADD COLUMN "attended" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "watch" ADD COLUMN "attended_show" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "alias" ADD CONSTRAINT "alias_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "alias" ADD CONSTRAINT "alias_channel_viewer_viewer_channel_id_fk" FOREIGN KEY ("channel","viewer") REFERENCES "public"."viewer"("channel","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "circle" ADD CONSTRAINT "circle_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "gap" ADD CONSTRAINT "gap_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "note" ADD CONSTRAINT "note_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "people_import" ADD CONSTRAINT "people_import_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "plan" ADD CONSTRAINT "plan_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "supporter" ADD CONSTRAINT "supporter_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "alias_viewer" ON "alias" USING btree ("channel","viewer");--> statement-breakpoint
CREATE INDEX "attendance_show" ON "attendance" USING btree ("channel","show");--> statement-breakpoint
CREATE INDEX "note_viewer" ON "note" USING btree ("channel","viewer");--> statement-breakpoint
CREATE INDEX "supporter_waiting" ON "supporter" USING btree ("channel","id") WHERE status = 'waiting';--> statement-breakpoint
CREATE INDEX "viewer_handle" ON "viewer" USING btree ("channel","handle");--> statement-breakpoint
ALTER TABLE "viewer" drop column "folded";--> statement-breakpoint
ALTER TABLE "viewer" ADD COLUMN "folded" text GENERATED ALWAYS AS (fold_name(case when nickname is null then name else name || chat_name end)) STORED NOT NULL;--> statement-breakpoint
CREATE INDEX "viewer_folded" ON "viewer" USING gin ("folded" gin_trgm_ops);--> statement-breakpoint
-- What was earned so far is the sum of what was issued.
UPDATE account a SET earned = t.sum FROM (SELECT channel, to_account, sum(amount) AS sum FROM transfer WHERE from_account = -1 AND to_account > 0 GROUP BY channel, to_account) t WHERE a.channel = t.channel AND a.id = t.to_account;--> statement-breakpoint
UPDATE adjustment SET undo_until = at + 600;--> statement-breakpoint
-- What support pays is a part of the earning plan now.
UPDATE setting s SET body = s.body || jsonb_build_object('support', jsonb_build_object('giftReceived', 0, 'thanks', '{}'::jsonb) || old.body || jsonb_build_object('raid', (old.body->'raid') || '{"followersOnly": false}'::jsonb)) FROM setting old WHERE s.name = 'earning' AND old.name = 'support' AND old.channel = s.channel;--> statement-breakpoint
DELETE FROM setting WHERE name = 'support';--> statement-breakpoint
INSERT INTO setting (channel, name, body) SELECT id, 'zone', jsonb_build_object('timeZone', time_zone) FROM channel ON CONFLICT DO NOTHING;--> statement-breakpoint
ALTER TABLE "channel" DROP COLUMN "time_zone";

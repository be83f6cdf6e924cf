CREATE TABLE "alert" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"settings" jsonb NOT NULL,
	"gone_at" bigint,
	CONSTRAINT "alert_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
CREATE TABLE "media" (
	"channel" integer NOT NULL,
	"file" text NOT NULL,
	"name" text NOT NULL,
	"kind" text NOT NULL,
	"bytes" bigint NOT NULL,
	"width" bigint,
	"height" bigint,
	"ms" bigint,
	"added_at" bigint NOT NULL,
	"gone_at" bigint,
	CONSTRAINT "media_channel_file_pk" PRIMARY KEY("channel","file")
);
--> statement-breakpoint
CREATE TABLE "media_content" (
	"channel" integer NOT NULL,
	"file" text NOT NULL,
	"type" text NOT NULL,
	"content" "bytea" NOT NULL,
	"thumb" "bytea",
	"stored_at" bigint NOT NULL,
	CONSTRAINT "media_content_channel_file_pk" PRIMARY KEY("channel","file")
);
--> statement-breakpoint
CREATE TABLE "code" (
	"channel" integer NOT NULL,
	"key" text NOT NULL,
	"code" text NOT NULL,
	"mark" text NOT NULL,
	"order_id" bigint,
	CONSTRAINT "code_channel_key_pk" PRIMARY KEY("channel","key")
);
--> statement-breakpoint
CREATE TABLE "code_list" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"count" bigint NOT NULL,
	"given" bigint NOT NULL,
	CONSTRAINT "code_list_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
CREATE TABLE "order_address" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"viewer" bigint NOT NULL,
	"address" text,
	"erase_at" bigint,
	CONSTRAINT "order_address_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
CREATE TABLE "sold" (
	"channel" integer NOT NULL,
	"key" text NOT NULL,
	"total" bigint NOT NULL,
	"show" bigint NOT NULL,
	"shown" bigint NOT NULL,
	"day" bigint NOT NULL,
	"dayed" bigint NOT NULL,
	"until" bigint NOT NULL,
	"last_at" bigint NOT NULL,
	"perk_until" bigint NOT NULL,
	"unlocked" boolean NOT NULL,
	CONSTRAINT "sold_channel_key_pk" PRIMARY KEY("channel","key")
);
--> statement-breakpoint
ALTER TABLE "reward" ALTER COLUMN "word" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "reward" ALTER COLUMN "name" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "reward" ALTER COLUMN "description" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "reward" ALTER COLUMN "price" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "reward" ALTER COLUMN "delivery" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "reward" ALTER COLUMN "picture" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "reward" ALTER COLUMN "sound" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "reward" ALTER COLUMN "alert_title" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "reward" ALTER COLUMN "alert_line" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "reward" ALTER COLUMN "open" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "overlay" ADD COLUMN "width" bigint DEFAULT 1920 NOT NULL;--> statement-breakpoint
ALTER TABLE "overlay" ADD COLUMN "height" bigint DEFAULT 1080 NOT NULL;--> statement-breakpoint
ALTER TABLE "overlay" ADD COLUMN "pieces" jsonb DEFAULT '[{"of":"alerts","id":"alerts","x":60,"y":640,"w":1240,"h":380,"locked":false,"hidden":false,"look":{"font":"display","size":0,"colour":"","ground":"","cover":92,"corner":8,"shadow":false},"which":"all"}]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "overlay" ADD COLUMN "background" text;--> statement-breakpoint
ALTER TABLE "overlay" ADD COLUMN "gone_at" bigint;--> statement-breakpoint
ALTER TABLE "reward" ADD COLUMN "settings" jsonb;--> statement-breakpoint
ALTER TABLE "reward" ADD COLUMN "place" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "reward" ADD COLUMN "gone_at" bigint;--> statement-breakpoint
ALTER TABLE "store_order" ADD COLUMN "by_hand" boolean DEFAULT true NOT NULL;--> statement-breakpoint
ALTER TABLE "store_order" ADD COLUMN "taken_by" text;--> statement-breakpoint
ALTER TABLE "store_order" ADD COLUMN "period" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "store_order" ADD COLUMN "day" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "store_order" ADD COLUMN "begins_at" bigint;--> statement-breakpoint
ALTER TABLE "store_order" ADD COLUMN "ends_at" bigint;--> statement-breakpoint
ALTER TABLE "store_order" ADD COLUMN "circle" bigint;--> statement-breakpoint
ALTER TABLE "store_order" ADD COLUMN "code" text;--> statement-breakpoint
ALTER TABLE "alert" ADD CONSTRAINT "alert_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "media" ADD CONSTRAINT "media_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "media_content" ADD CONSTRAINT "media_content_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "code_list" ADD CONSTRAINT "code_list_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "code_mark" ON "code" USING btree ("channel","mark");--> statement-breakpoint
CREATE INDEX "order_address_viewer" ON "order_address" USING btree ("channel","viewer");--> statement-breakpoint
CREATE INDEX "store_order_open" ON "store_order" USING btree ("channel","id") WHERE status in ('waiting', 'back');--> statement-breakpoint
CREATE INDEX "store_order_reward" ON "store_order" USING btree ("channel","reward","id");--> statement-breakpoint
-- The columns of a reward that its settings hold now stay, empty for new ones, until the next version: an older server may still read them.
-- What a reward showed on the stream becomes an alert of the list, numbered on from the channel's last id.
CREATE TEMPORARY TABLE shown_before ON COMMIT DROP AS
  SELECT r.channel, r.id AS reward, c.last_id + row_number() OVER (PARTITION BY r.channel ORDER BY r.id) AS alert
  FROM reward r JOIN channel c ON c.id = r.channel WHERE r.alert_title <> '';--> statement-breakpoint
INSERT INTO alert (channel, id, settings)
  SELECT r.channel, s.alert, jsonb_build_object('name', left(r.name, 60), 'title', r.alert_title, 'line', r.alert_line, 'picture', r.picture,
    'sound', r.sound, 'volume', 80, 'seconds', 7, 'enter', 'slide', 'leave', 'fade', 'place', 'bottomLeft', 'layout', 'beside')
  FROM reward r JOIN shown_before s ON s.channel = r.channel AND s.reward = r.id;--> statement-breakpoint
UPDATE reward r SET
  settings = jsonb_build_object('word', r.word, 'command', false, 'name', r.name, 'description', r.description, 'group', '', 'on', r.open,
    'price', r.price, 'kind', r.delivery, 'picture', r.picture,
    'alert', (SELECT s.alert FROM shown_before s WHERE s.channel = r.channel AND s.reward = r.id),
    'asks', CASE WHEN r.ask IS NULL THEN '{"of": "nothing"}'::jsonb
      ELSE jsonb_build_object('of', 'text', 'question', r.ask, 'least', 1, 'most', 200) END,
    'confirm', '', 'post', null, 'hours', 0, 'secret', '', 'onAir', false, 'from', null, 'to', null, 'perk', null, 'say', true,
    'who', '{"everyone": true, "streamer": false, "standings": [], "rank": null, "people": []}'::jsonb,
    'stock', '{"all": null, "show": null, "day": null}'::jsonb, 'each', '{"all": null, "show": null, "day": null}'::jsonb,
    'rest', '{"everyoneSeconds": 0, "eachSeconds": 0}'::jsonb, 'steps', '[]'::jsonb, 'doneText', '', 'doneTo', 'room', 'low', 3),
  place = (SELECT count(*) FROM reward o WHERE o.channel = r.channel AND (o.price, o.id) < (r.price, r.id));--> statement-breakpoint
ALTER TABLE "reward" ALTER COLUMN "settings" SET NOT NULL;--> statement-breakpoint
UPDATE channel c SET last_id = greatest(c.last_id, (SELECT max(alert) FROM shown_before s WHERE s.channel = c.id)), revision = c.revision + 1
  WHERE EXISTS (SELECT FROM shown_before s WHERE s.channel = c.id);--> statement-breakpoint
UPDATE store_order o SET by_hand = o.status = 'waiting' OR (o.price = 0 AND o.ended_by IS NOT NULL)
  OR EXISTS (SELECT FROM account a WHERE a.channel = o.channel AND a.id = o.id);--> statement-breakpoint
INSERT INTO sold (channel, key, total, show, shown, day, dayed, until, last_at, perk_until, unlocked)
  SELECT channel, reward::text || CASE WHEN grouping(viewer) = 1 THEN '' ELSE '/' || viewer END,
    count(*) FILTER (WHERE status <> 'refunded'), 0, 0, 0, 0, 0, max(placed_at), 0, false
  FROM store_order GROUP BY GROUPING SETS ((channel, reward), (channel, reward, viewer));

CREATE TABLE "waiting_tip" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"at" bigint NOT NULL,
	"viewer" bigint NOT NULL,
	"name" text NOT NULL,
	"minor_units" bigint NOT NULL,
	"currency" text NOT NULL,
	"status" text NOT NULL,
	"paid" bigint NOT NULL,
	CONSTRAINT "waiting_tip_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
ALTER TABLE "waiting_tip" ADD CONSTRAINT "waiting_tip_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "waiting_tip_waiting" ON "waiting_tip" USING btree ("channel","id") WHERE status = 'waiting';--> statement-breakpoint
-- Until now every tip was paid alike. A plan counts in the currency that most tips came in; what has another one waits to be decided.
UPDATE "setting" AS s SET "body" = jsonb_set(s."body", '{support,money}', jsonb_build_object('currency', most."currency", 'rates', '{}'::jsonb))
FROM (
  SELECT DISTINCT ON ("channel") "channel", "body"->>'currency' AS "currency" FROM "event"
  WHERE "type" = 'ricompensa.tip' AND "body"->>'currency' ~ '^[A-Z]{3}$'
  GROUP BY "channel", "body"->>'currency' ORDER BY "channel", count(*) DESC
) AS most
WHERE s."channel" = most."channel" AND s."name" = 'earning' AND jsonb_typeof(s."body"->'support') = 'object';

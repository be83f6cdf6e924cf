CREATE TABLE "fact_batch" (
	"channel" integer NOT NULL,
	"last" bigint NOT NULL,
	"first" bigint NOT NULL,
	"at" bigint NOT NULL,
	"facts" text NOT NULL,
	CONSTRAINT "fact_batch_channel_last_pk" PRIMARY KEY("channel","last")
);
--> statement-breakpoint
ALTER TABLE "seen_intent" DROP CONSTRAINT "seen_intent_channel_channel_id_fk";
--> statement-breakpoint
ALTER TABLE "store_order" DROP CONSTRAINT "store_order_channel_channel_id_fk";
--> statement-breakpoint
ALTER TABLE "transfer" DROP CONSTRAINT "transfer_channel_channel_id_fk";
--> statement-breakpoint
ALTER TABLE "seen_intent" ALTER COLUMN "answer" SET DATA TYPE json;
--> statement-breakpoint
-- Each old fact becomes a batch of its own; pages that were away find all they missed.
INSERT INTO "fact_batch" (channel, last, first, at, facts)
	SELECT channel, seq, seq, at, json_build_array(json_build_object('seq', seq, 'at', at, 'kind', kind, 'audience', audience, 'body', body))::text FROM "fact";
--> statement-breakpoint
ALTER TABLE "fact_batch" ALTER COLUMN "facts" SET COMPRESSION lz4;

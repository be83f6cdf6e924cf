CREATE TABLE "adjustment" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"at" bigint NOT NULL,
	"by" text NOT NULL,
	"how" text NOT NULL,
	"amount" bigint NOT NULL,
	"why" text NOT NULL,
	"lines" jsonb NOT NULL,
	"undone_at" bigint,
	CONSTRAINT "adjustment_channel_id_pk" PRIMARY KEY("channel","id")
);

CREATE TABLE "webhook" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"name" text NOT NULL,
	"address" text NOT NULL,
	"kinds" jsonb NOT NULL,
	"secret" text NOT NULL,
	"failing_since" bigint,
	"paused_at" bigint,
	"gone_at" bigint,
	CONSTRAINT "webhook_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
CREATE TABLE "webhook_delivery" (
	"channel" integer NOT NULL,
	"webhook" bigint NOT NULL,
	"seq" bigint NOT NULL,
	"kind" text NOT NULL,
	"at" bigint NOT NULL,
	"sent_at" bigint NOT NULL,
	"tries" integer NOT NULL,
	"status" integer,
	"problem" text,
	CONSTRAINT "webhook_delivery_channel_webhook_seq_pk" PRIMARY KEY("channel","webhook","seq")
);
--> statement-breakpoint
ALTER TABLE "webhook" ADD CONSTRAINT "webhook_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "webhook_delivery" ADD CONSTRAINT "webhook_delivery_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;
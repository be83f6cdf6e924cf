CREATE TABLE "token" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"name" text NOT NULL,
	"hash" text NOT NULL,
	"rights" jsonb NOT NULL,
	"by" text NOT NULL,
	"made_at" bigint NOT NULL,
	"until" bigint,
	"gone_at" bigint,
	CONSTRAINT "token_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
CREATE TABLE "token_use" (
	"channel" integer NOT NULL,
	"token" bigint NOT NULL,
	"used_at" bigint NOT NULL,
	CONSTRAINT "token_use_channel_token_pk" PRIMARY KEY("channel","token")
);
--> statement-breakpoint
ALTER TABLE "token" ADD CONSTRAINT "token_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "token_use" ADD CONSTRAINT "token_use_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "token_hash" ON "token" USING btree ("hash");
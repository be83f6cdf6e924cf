CREATE TABLE "invitation" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"hash" text NOT NULL,
	"whom" text NOT NULL,
	"account" text,
	"rights" jsonb NOT NULL,
	"by" text NOT NULL,
	"made_at" bigint NOT NULL,
	"expires_at" bigint NOT NULL,
	"until" bigint,
	"used_at" bigint,
	"gone_at" bigint,
	CONSTRAINT "invitation_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
CREATE TABLE "member" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"account" text NOT NULL,
	"name" text NOT NULL,
	"rights" jsonb NOT NULL,
	"by" text NOT NULL,
	"since" bigint NOT NULL,
	"until" bigint,
	"gone_at" bigint,
	CONSTRAINT "member_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
ALTER TABLE "invitation" ADD CONSTRAINT "invitation_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "member" ADD CONSTRAINT "member_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "member_account" ON "member" USING btree ("account");
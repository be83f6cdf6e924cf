CREATE TABLE "change" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"at" bigint NOT NULL,
	"by" text NOT NULL,
	"of" text NOT NULL,
	"which" text NOT NULL,
	"name" text NOT NULL,
	"before" json,
	"after" json,
	CONSTRAINT "change_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
ALTER TABLE "change" ADD CONSTRAINT "change_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "change_of" ON "change" USING btree ("channel","of","id");
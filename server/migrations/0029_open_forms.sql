CREATE UNLOGGED TABLE "open_form" (
	"channel" integer NOT NULL,
	"form" text NOT NULL,
	"account" text NOT NULL,
	"name" text NOT NULL,
	"until" bigint NOT NULL,
	CONSTRAINT "open_form_channel_form_account_pk" PRIMARY KEY("channel","form","account")
);
--> statement-breakpoint
ALTER TABLE "open_form" ADD CONSTRAINT "open_form_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;
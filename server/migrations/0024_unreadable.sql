CREATE TABLE "unreadable" (
	"id" bigint PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "unreadable_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 9223372036854775807 START WITH 1 CACHE 1),
	"channel" integer NOT NULL,
	"of" text NOT NULL,
	"key" text NOT NULL,
	"kept" jsonb NOT NULL,
	"at" bigint NOT NULL
);
--> statement-breakpoint
ALTER TABLE "unreadable" ADD CONSTRAINT "unreadable_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;
CREATE TABLE "sign_in_issuer" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "sign_in_issuer_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"word" text NOT NULL,
	"name" text NOT NULL,
	"issuer" text NOT NULL,
	"client_id" text NOT NULL,
	"client_secret" text NOT NULL,
	"scope" text NOT NULL,
	"account_claim" text NOT NULL,
	"name_claim" text NOT NULL,
	"gone_at" bigint,
	CONSTRAINT "sign_in_issuer_word_unique" UNIQUE("word")
);
--> statement-breakpoint
ALTER TABLE "sign_in_attempt" ADD COLUMN "issuer" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "sign_in_attempt" ADD COLUMN "linking" text;
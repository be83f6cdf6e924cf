CREATE TABLE "barred" (
	"channel" integer NOT NULL,
	"account" text NOT NULL,
	"until" bigint NOT NULL,
	CONSTRAINT "barred_channel_account_pk" PRIMARY KEY("channel","account")
);
--> statement-breakpoint
CREATE TABLE "message" (
	"channel" integer NOT NULL,
	"id" bigint NOT NULL,
	"viewer" bigint NOT NULL,
	"at" bigint NOT NULL,
	"text" text NOT NULL,
	"code" jsonb,
	CONSTRAINT "message_channel_id_pk" PRIMARY KEY("channel","id")
);
--> statement-breakpoint
CREATE TABLE "installation" (
	"name" text PRIMARY KEY NOT NULL,
	"value" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "link_code" (
	"channel" integer NOT NULL,
	"hash" text NOT NULL,
	"account" text NOT NULL,
	"name" text NOT NULL,
	"expires_at" bigint NOT NULL,
	CONSTRAINT "link_code_channel_hash_pk" PRIMARY KEY("channel","hash")
);
--> statement-breakpoint
DROP INDEX "viewer_account";--> statement-breakpoint
ALTER TABLE "viewer" ADD COLUMN "issuer" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "viewer" ADD COLUMN "account_key" text;--> statement-breakpoint
-- What stood as a prefix in the account is a column of its own: a provider may call an account what it likes.
UPDATE "viewer" SET "issuer" = split_part("account", '/', 1), "account" = substr("account", strpos("account", '/') + 1)
  WHERE "account" ~ '^(nick|merged|forgotten)/';--> statement-breakpoint
UPDATE "viewer" SET "account_key" = CASE WHEN "issuer" = '' THEN "account" ELSE "issuer" || chr(10) || "account" END;--> statement-breakpoint
ALTER TABLE "viewer" ALTER COLUMN "account_key" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "viewer" ADD CONSTRAINT "viewer_account_key_of" CHECK ("account_key" = CASE WHEN "issuer" = '' THEN "account" ELSE "issuer" || chr(10) || "account" END);--> statement-breakpoint
UPDATE "alias" SET "account" = 'nick' || chr(10) || substr("account", 6) WHERE "account" LIKE 'nick/%';--> statement-breakpoint
-- Until now the chat network's accounts were taken for those of the sign-in. An installation that ran so goes on so.
INSERT INTO "installation" ("name", "value") SELECT 'chat-accounts', 'sign-in' WHERE EXISTS (SELECT 1 FROM "channel");--> statement-breakpoint
ALTER TABLE "viewer" ADD COLUMN "barred_until" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "barred" ADD CONSTRAINT "barred_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "link_code" ADD CONSTRAINT "link_code_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "message_viewer" ON "message" USING btree ("channel","viewer","id");--> statement-breakpoint
CREATE UNIQUE INDEX "viewer_account_key" ON "viewer" USING btree ("channel","account_key");--> statement-breakpoint
-- A transfer's money never changes. Its words may go when a person is forgotten, and only then.
CREATE OR REPLACE FUNCTION refuse_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  IF tg_op = 'UPDATE' AND tg_table_name = 'transfer' AND current_setting('ricompensa.forgetting', true) = 'on'
     AND to_jsonb(new) - 'detail' - 'intent' = to_jsonb(old) - 'detail' - 'intent' THEN
    RETURN new;
  END IF;
  RAISE EXCEPTION 'Rows of % are never changed or deleted.', tg_table_name USING errcode = 'restrict_violation';
END $$;

ALTER TABLE "viewer" ADD COLUMN "linked" boolean DEFAULT false NOT NULL;--> statement-breakpoint
-- Whoever linked the account of their sign-in to the one in chat: the one has no issuer before it, the other one.
UPDATE "viewer" SET "linked" = true WHERE "merged_into" IS NULL AND "issuer" LIKE 'irc:%' AND EXISTS (
  SELECT 1 FROM "alias" WHERE "alias"."channel" = "viewer"."channel" AND "alias"."viewer" = "viewer"."id" AND strpos("alias"."account", chr(10)) = 0);

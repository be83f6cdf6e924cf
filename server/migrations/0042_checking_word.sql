-- !fair is a word of our own now. Where a channel has that word for something of its own, ours is called otherwise.
INSERT INTO "setting" ("channel", "name", "body")
SELECT c."id", 'chatWords', '{"fair":{"word":"fairness","aliases":[],"on":true,"everyoneSeconds":30,"eachSeconds":0}}'
FROM "channel" c WHERE EXISTS (
  SELECT 1 FROM "command" k WHERE k."channel" = c."id" AND k."gone_at" IS NULL
    AND (lower(k."settings"->>'word') = 'fair' OR lower((k."settings"->'aliases')::text)::jsonb ? 'fair')
) OR EXISTS (
  SELECT 1 FROM "reward" r WHERE r."channel" = c."id" AND r."gone_at" IS NULL AND lower(r."settings"->>'word') = 'fair'
) OR EXISTS (
  SELECT 1 FROM "setting" s WHERE s."channel" = c."id" AND s."name" = 'currency'
    AND (lower(s."body"->>'word') = 'fair' OR lower(coalesce(s."body"->'aliases', '[]')::text)::jsonb ? 'fair')
) OR EXISTS (
  SELECT 1 FROM "raffle" f WHERE f."channel" = c."id" AND f."ended_at" IS NULL AND lower(f."settings"->'word'->>'word') = 'fair'
)
ON CONFLICT ("channel", "name") DO UPDATE SET "body" = "setting"."body" || excluded."body";

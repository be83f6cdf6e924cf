-- !back, !chip and !goal are words of our own now. Where a channel has one of them for something of its own, ours is called otherwise.
WITH taken AS (
  SELECT k."channel", lower(k."settings"->>'word') AS word FROM "command" k WHERE k."gone_at" IS NULL
  UNION SELECT k."channel", lower(a) FROM "command" k, jsonb_array_elements_text(k."settings"->'aliases') a WHERE k."gone_at" IS NULL
  UNION SELECT r."channel", lower(r."settings"->>'word') FROM "reward" r WHERE r."gone_at" IS NULL
  UNION SELECT f."channel", lower(f."settings"->'word'->>'word') FROM "raffle" f WHERE f."ended_at" IS NULL
  UNION SELECT f."channel", lower(a) FROM "raffle" f, jsonb_array_elements_text(f."settings"->'word'->'aliases') a WHERE f."ended_at" IS NULL
  UNION SELECT s."channel", lower(s."body"->>'word') FROM "setting" s WHERE s."name" = 'currency'
  UNION SELECT s."channel", lower(a) FROM "setting" s, jsonb_array_elements_text(coalesce(s."body"->'aliases', '[]')) a WHERE s."name" = 'currency'
  UNION SELECT s."channel", lower(w.value->>'word') FROM "setting" s, jsonb_each(s."body") w
    WHERE (s."name" = 'chatWords' OR s."name" LIKE 'game.%' OR s."name" = 'wagering') AND jsonb_typeof(w.value) = 'object' AND w.value ? 'word'
)
INSERT INTO "setting" ("channel", "name", "body")
SELECT c."id", 'bets', '{"word":{"word":"bet_on","aliases":[]}}'::jsonb FROM "channel" c
WHERE EXISTS (SELECT 1 FROM taken t WHERE t."channel" = c."id" AND t.word = 'back');
--> statement-breakpoint
WITH taken AS (
  SELECT k."channel", lower(k."settings"->>'word') AS word FROM "command" k WHERE k."gone_at" IS NULL
  UNION SELECT k."channel", lower(a) FROM "command" k, jsonb_array_elements_text(k."settings"->'aliases') a WHERE k."gone_at" IS NULL
  UNION SELECT r."channel", lower(r."settings"->>'word') FROM "reward" r WHERE r."gone_at" IS NULL
  UNION SELECT f."channel", lower(f."settings"->'word'->>'word') FROM "raffle" f WHERE f."ended_at" IS NULL
  UNION SELECT f."channel", lower(a) FROM "raffle" f, jsonb_array_elements_text(f."settings"->'word'->'aliases') a WHERE f."ended_at" IS NULL
  UNION SELECT s."channel", lower(s."body"->>'word') FROM "setting" s WHERE s."name" = 'currency'
  UNION SELECT s."channel", lower(a) FROM "setting" s, jsonb_array_elements_text(coalesce(s."body"->'aliases', '[]')) a WHERE s."name" = 'currency'
  UNION SELECT s."channel", lower(w.value->>'word') FROM "setting" s, jsonb_each(s."body") w
    WHERE (s."name" = 'chatWords' OR s."name" LIKE 'game.%' OR s."name" = 'wagering') AND jsonb_typeof(w.value) = 'object' AND w.value ? 'word'
)
INSERT INTO "setting" ("channel", "name", "body")
SELECT c."id", 'goals', jsonb_build_object(
    'chip', jsonb_build_object('word', CASE WHEN EXISTS (SELECT 1 FROM taken t WHERE t."channel" = c."id" AND t.word = 'chip') THEN 'chip_in' ELSE 'chip' END, 'aliases', '[]'::jsonb),
    'goal', jsonb_build_object('word', CASE WHEN EXISTS (SELECT 1 FROM taken t WHERE t."channel" = c."id" AND t.word = 'goal') THEN 'our_goals' ELSE 'goal' END, 'aliases', '[]'::jsonb))
FROM "channel" c
WHERE EXISTS (SELECT 1 FROM taken t WHERE t."channel" = c."id" AND t.word IN ('chip', 'goal'));

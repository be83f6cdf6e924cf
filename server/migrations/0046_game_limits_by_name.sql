-- What limits of games are kept by was their place in a list; now it is their name.
UPDATE "cooldown" SET "key" = 'g:' || (ARRAY['heist', 'duel', 'roulette', 'reels', 'coin', 'cup', 'scramble', 'boss'])[substring("key" FROM '^g([1-8])')::integer] || substring("key" FROM '^g[1-8](.*)$')
WHERE "key" ~ '^g[1-8](/|$)';

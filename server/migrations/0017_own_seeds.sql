ALTER TABLE "round" ADD COLUMN "seed_origin" text DEFAULT 'channel' NOT NULL;--> statement-breakpoint
ALTER TABLE "raffle" ADD COLUMN "seed_origin" text DEFAULT 'channel' NOT NULL;--> statement-breakpoint
ALTER TABLE "raffle" ADD COLUMN "hidden" jsonb;--> statement-breakpoint
ALTER TABLE "raffle" ADD COLUMN "revealed" jsonb;;--> statement-breakpoint
-- A draw that is being shown during the upgrade: who was picked is kept apart from what everybody may see.
UPDATE "raffle" SET
  "hidden" = jsonb_build_object(
    'draws', (SELECT jsonb_agg(pick->'draw') FROM jsonb_array_elements("drawing"->'picks') AS pick),
    'reveal', jsonb_build_object('picks', "drawing"->'picks', 'total', "drawing"->'total', 'slices', "drawing"->'slices')),
  "drawing" = "drawing" - 'picks'
WHERE jsonb_typeof("drawing") = 'object';

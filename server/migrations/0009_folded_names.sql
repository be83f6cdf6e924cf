-- Finding a name by a part of it, among any number of people.
CREATE EXTENSION IF NOT EXISTS pg_trgm;--> statement-breakpoint
-- Look-alikes in one: case, accents of Latin letters, digits that stand for letters, and what only separates words.
CREATE FUNCTION fold_name(name text) RETURNS text LANGUAGE sql IMMUTABLE PARALLEL SAFE AS $$
	SELECT translate(lower(regexp_replace(normalize(name, NFKD), '[\u0300-\u036f_.\-\s]', '', 'g')), '0134578|l', 'oieastbii')
$$;--> statement-breakpoint
ALTER TABLE "viewer" ADD COLUMN "folded" text GENERATED ALWAYS AS (fold_name(name)) STORED NOT NULL;--> statement-breakpoint
CREATE INDEX "viewer_folded" ON "viewer" USING gin ("folded" gin_trgm_ops);
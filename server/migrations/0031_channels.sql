CREATE TABLE "former_address" (
	"slug" text PRIMARY KEY NOT NULL,
	"channel" integer NOT NULL,
	"left_at" bigint NOT NULL
);
--> statement-breakpoint
CREATE TABLE "opening_code" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "opening_code_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"hash" text NOT NULL,
	"whom" text NOT NULL,
	"made_at" bigint NOT NULL,
	"expires_at" bigint NOT NULL,
	"used_at" bigint,
	"opened" text,
	CONSTRAINT "opening_code_hash_unique" UNIQUE("hash")
);
--> statement-breakpoint
ALTER TABLE "channel" ADD COLUMN "opened_at" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "channel" ADD COLUMN "unlisted" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "channel" ADD COLUMN "paused_by" text;--> statement-breakpoint
ALTER TABLE "channel" ADD COLUMN "closed_at" bigint;--> statement-breakpoint
ALTER TABLE "former_address" ADD CONSTRAINT "former_address_channel_channel_id_fk" FOREIGN KEY ("channel") REFERENCES "public"."channel"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "former_address_channel" ON "former_address" USING btree ("channel");--> statement-breakpoint
-- The ledger of a channel goes with it once it has been closed for thirty days, and in no other way.
CREATE OR REPLACE FUNCTION refuse_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  -- What may be taken out of a row is told by the row alone: a table in parts is called otherwise where its trigger runs.
  IF tg_op = 'UPDATE' AND current_setting('ricompensa.forgetting', true) = 'on'
     AND to_jsonb(new) - 'detail' - 'intent' = to_jsonb(old) - 'detail' - 'intent' THEN
    RETURN new;
  END IF;
  IF tg_op = 'DELETE' AND current_setting('ricompensa.deleting', true) = to_jsonb(old)->>'channel'
     AND EXISTS (SELECT 1 FROM channel WHERE id = (to_jsonb(old)->>'channel')::integer
       AND closed_at <= extract(epoch FROM now()) - 30 * 86400) THEN
    RETURN old;
  END IF;
  RAISE EXCEPTION 'Rows of % are never changed or deleted.', tg_table_name USING errcode = 'restrict_violation';
END $$;
--> statement-breakpoint
-- Deletes a channel with all that is its. As the owner of the tables: the servers' role may not delete transfers.
CREATE FUNCTION delete_channel(channel_id integer) RETURNS boolean LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
DECLARE
  one text;
  again boolean := true;
BEGIN
  PERFORM 1 FROM channel WHERE id = channel_id AND closed_at <= extract(epoch FROM now()) - 30 * 86400 FOR UPDATE;
  IF NOT found THEN RETURN false; END IF;
  PERFORM set_config('ricompensa.deleting', channel_id::text, true);
  WHILE again LOOP
    again := false;
    FOR one IN SELECT c.relname FROM pg_class c JOIN pg_attribute a ON a.attrelid = c.oid
      WHERE c.relnamespace = 'public'::regnamespace AND c.relkind = 'r' AND a.attname = 'channel' AND NOT a.attisdropped LOOP
      BEGIN
        EXECUTE format('DELETE FROM public.%I WHERE channel = $1', one) USING channel_id;
      EXCEPTION WHEN foreign_key_violation THEN
        -- What refers to it goes first, in the next round.
        again := true;
      END;
    END LOOP;
  END LOOP;
  DELETE FROM channel WHERE id = channel_id;
  RETURN true;
END $$;

-- Commits that notify wait for one another: servers tell each other afterwards, many at once (server/src/feed/bus.ts).
CREATE OR REPLACE FUNCTION advance_channel(channel_id integer, from_revision bigint, to_seq bigint, to_last_id bigint) RETURNS void
LANGUAGE plpgsql AS $$
BEGIN
  UPDATE channel SET seq = to_seq, last_id = to_last_id, revision = revision + 1
    WHERE id = channel_id AND revision = from_revision;
  IF NOT found THEN
    RAISE EXCEPTION 'Channel % moved on from revision %.', channel_id, from_revision USING errcode = 'RC001';
  END IF;
END $$;

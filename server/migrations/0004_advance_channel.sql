-- Moves a channel's row on by one batch, and tells every instance; refuses if the rows a batch was decided on are outdated.
create function advance_channel(channel_id integer, from_revision bigint, to_seq bigint, to_last_id bigint) returns void
language plpgsql as $$
begin
  update channel set seq = to_seq, last_id = to_last_id, revision = revision + 1
    where id = channel_id and revision = from_revision;
  if not found then
    raise exception 'Channel % moved on from revision %.', channel_id, from_revision using errcode = 'RC001';
  end if;
  perform pg_notify('ricompensa', channel_id || ':' || to_seq);
end $$;

-- What the person practised: answers of drills and days in the field, as JSON. Frames with a guess are looked up by it.
create table exercise (
  id text primary key,
  kind text not null,
  data text not null,
  done_at text not null,
  revision integer not null default 1
) strict;
create index exercise_done on exercise (kind, done_at);
create index frame_guessed on frame (taken_at) where guess is not null and deleted_at is null;

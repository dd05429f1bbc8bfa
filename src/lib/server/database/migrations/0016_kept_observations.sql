-- What each judged frame says of its camera, kept: worked out again only when the frame, its judgement, its film's development
-- or the program changed (state). batch_id null = no evidence. The error expected is one number where it rises stop by stop
-- with the camera's bias, else one at each of the biases asked, as little-endian doubles.
create table judged_observation (
  frame_id text primary key references frame (id) on delete cascade,
  state text not null,
  batch_id text,
  reading_id text,
  expected blob,
  seen_stops real,
  seen_sd real,
  seen_lo real,
  seen_hi real,
  reading_sd real,
  frame_sd real,
  -- on the first frame of a reading: what all frames of it say together along the biases weighed, and of which states of them
  line blob,
  line_of text
) strict;
-- Which build of the program worked them out: another one may expect other errors.
create table observed_by (
  only_row integer primary key check (only_row = 1),
  build text not null
) strict;
-- Where controls stand is changed by the one who saw where they stood.
alter table camera add column stands_revision integer not null default 1;

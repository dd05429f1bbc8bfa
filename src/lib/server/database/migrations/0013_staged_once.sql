-- What is staged is there once: the tables themselves say so, which takes less memory than a list of a hundred thousand names.
drop table staged_frame;
create table staged_frame (
  id text primary key,
  load_id text not null,
  number integer not null,
  logged_at text not null,
  camera_revision integer not null,
  light_lv real not null,
  light_sd_stops real not null,
  light_way text not null,
  contrast text not null,
  guess text,
  conditions text not null,
  choice text not null,
  delta_stops real not null,
  sd_stops real not null,
  p_usable real not null,
  note text not null,
  series text,
  timed_seconds real,
  subject text not null,
  reason text not null,
  deleted_at text,
  words text not null,
  tags text not null
) strict;
create unique index staged_frame_number on staged_frame (load_id, number) where deleted_at is null;

drop table staged_judgement;
create table staged_judgement (
  frame_id text primary key,
  judged_on text not null,
  outcome text not null,
  faults text not null,
  judged_at text not null
) strict;

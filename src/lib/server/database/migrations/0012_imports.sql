-- Lines of an import on their way in: nothing of them is in the log until all of them are.
create table staged (
  line integer primary key,
  tbl text not null,
  body text not null check (json_valid(body))
) strict;

-- Frames and judgements, of which there may be a hundred thousand, wait as the rows that they become.
create table staged_frame (
  id text not null,
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
create table staged_judgement (
  frame_id text not null,
  judged_on text not null,
  outcome text not null,
  faults text not null,
  judged_at text not null
) strict;

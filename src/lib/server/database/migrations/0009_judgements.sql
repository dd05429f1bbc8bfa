-- What came of frames, and how a camera's bias was changed by it.
create table judgement (
  frame_id text primary key references frame (id),
  judged_on text not null check (judged_on in ('print', 'negative')),
  outcome text not null,
  faults text not null,
  judged_at text not null
) strict, without rowid;

create table bias_change (
  id integer primary key,
  camera_id text not null references camera (id),
  changed_at text not null,
  from_stops real not null,
  from_sd real,
  to_stops real not null,
  to_sd real,
  frames integer not null check (frames >= 0)
) strict;
create index bias_change_by_camera on bias_change (camera_id, id);

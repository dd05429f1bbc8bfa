-- Cameras: the controls are one JSON document, since a camera is read and written whole.
create table camera (
  id text primary key,
  name text not null check (length(name) between 1 and 80),
  focal_mm real not null check (focal_mm > 0),
  condition text not null check (condition in ('automatic', 'mechanical', 'old', 'unsure')),
  hand_held_seconds real check (hand_held_seconds > 0),
  formats text not null check (json_valid(formats)),
  controls text not null check (json_valid(controls)),
  revision integer not null default 1,
  created_at text not null
) strict;

-- Films: speeds arithmetic, ranges and shifts in stops.
create table film (
  id text primary key,
  name text not null check (length(name) between 1 and 80),
  kind text not null check (kind in ('instant-colour', 'instant-bw', 'negative-colour', 'negative-bw', 'reversal')),
  iso real not null check (iso > 0),
  below_stops real not null check (below_stops > 0),
  above_stops real not null check (above_stops > 0),
  reciprocity text not null check (json_valid(reciprocity)),
  development_stops real not null,
  age_stops real not null check (age_stops >= 0),
  sd_stops real not null check (sd_stops >= 0),
  formats text not null check (json_valid(formats)),
  frames integer not null check (frames >= 1),
  created_at text not null
) strict;

-- Loads: a film in a camera. A camera holds one film at a time.
create table load (
  id text primary key,
  camera_id text not null references camera (id),
  film_id text not null references film (id),
  frames_total integer not null check (frames_total >= 1),
  loaded_at text not null,
  finished_at text
) strict;
create unique index load_in_camera on load (camera_id) where finished_at is null;

-- The pair in hand: at most one row.
create table in_hand (
  only_row integer primary key check (only_row = 1),
  load_id text not null references load (id)
) strict;

-- Frames: the id is made by whoever logs them, so that a frame sent twice is stored once.
create table frame (
  id text primary key,
  load_id text not null references load (id),
  number integer not null check (number >= 1),
  logged_at text not null,
  camera_revision integer not null,
  light_lv real not null,
  light_sd_stops real not null check (light_sd_stops >= 0),
  light_way text not null check (json_valid(light_way)),
  contrast text not null check (contrast in ('flat', 'normal', 'hard', 'backlit')),
  choice text not null check (json_valid(choice)),
  delta_stops real not null,
  sd_stops real not null,
  p_usable real not null check (p_usable between 0 and 1),
  note text not null default '' check (length(note) <= 2000),
  deleted_at text
) strict;
create unique index frame_number on frame (load_id, number) where deleted_at is null;

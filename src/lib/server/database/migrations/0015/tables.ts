// The tables of version 15, and how the rows of version 14 come into them.

const FRAME_COLUMNS = `
  id text primary key,
  load_id text not null references load (id),
  number integer not null check (number between 1 and 99999),
  taken_at text not null,
  taken_zone text not null,
  taken_day text not null,
  place text not null default '' check (length(place) <= 80),
  camera_revision integer not null,
  film_revision integer not null,
  light_lv real,
  light_sd_stops real check (light_sd_stops >= 0),
  light_way text check (light_way is null or json_valid(light_way)),
  contrast text check (contrast in ('flat', 'normal', 'hard', 'backlit')),
  guess text,
  conditions text not null default '{}',
  choice text not null check (json_valid(choice)),
  set_marks text not null check (json_valid(set_marks)),
  delta_stops real,
  sd_stops real,
  p_usable real check (p_usable between 0 and 1),
  note text not null default '' check (length(note) <= 2000),
  series text,
  timed_seconds real check (timed_seconds > 0),
  heard_seconds real check (heard_seconds > 0),
  subject text not null default '' check (length(subject) <= 200),
  reason text not null default '' check (length(reason) <= 500),
  doubts text not null default '[]' check (json_valid(doubts)),
  revision integer not null default 1,
  deleted_at text`;

/** SQL before and after the rows that are looked at one by one. */
export const TABLES = {
  before: `
alter table camera rename to camera_15;
create table camera (
  id text primary key,
  revision integer not null default 1,
  created_at text not null,
  retired_at text,
  -- where its controls were left, as places on its present revision
  stands text
) strict;
insert into camera (id, revision, created_at, retired_at, stands)
  select id, revision, created_at, retired_at, stands from camera_15;
-- A camera as it was from a day on: entered, corrected on its sheet, rebuilt (converted or repaired), or its bias learned.
create table camera_revision (
  camera_id text not null references camera (id),
  revision integer not null check (revision >= 1),
  definition text not null check (json_valid(definition)),
  name text generated always as (json_extract(definition, '$.name')) virtual,
  what text not null check (what in ('entered', 'corrected', 'rebuilt', 'bias')),
  note text not null default '' check (length(note) <= 200),
  since_at text not null,
  since_zone text not null,
  primary key (camera_id, revision)
) strict, without rowid;

alter table film rename to film_15;
create table film (
  id text primary key,
  revision integer not null default 1,
  created_at text not null,
  deleted_at text
) strict;
insert into film (id, created_at, deleted_at) select id, created_at, deleted_at from film_15;
create table film_revision (
  film_id text not null references film (id),
  revision integer not null check (revision >= 1),
  definition text not null check (json_valid(definition)),
  name text generated always as (json_extract(definition, '$.name')) virtual,
  since_at text not null,
  since_zone text not null,
  primary key (film_id, revision)
) strict, without rowid;

alter table frame rename to frame_15;
drop index frame_number;
drop index frame_by_time;
drop index frame_in_trash;
drop index frame_latest_of_load;
create table frame (${FRAME_COLUMNS}
) strict;
insert into frame (id, load_id, number, taken_at, taken_zone, taken_day, camera_revision, film_revision,
    light_lv, light_sd_stops, light_way, contrast, guess, conditions, choice, set_marks, delta_stops, sd_stops, p_usable,
    note, series, timed_seconds, subject, reason, deleted_at)
  select id, load_id, number, logged_at, '', '', camera_revision, 1,
    light_lv, light_sd_stops, light_way, contrast, guess, conditions, choice, '[]', delta_stops, sd_stops, p_usable,
    note, series, timed_seconds, subject, reason, deleted_at
  from frame_15;
create unique index frame_number on frame (load_id, number) where deleted_at is null;
`,
  after: `
create index frame_by_time on frame (taken_at desc, id desc, load_id, light_lv, taken_day) where deleted_at is null;
create index frame_in_trash on frame (deleted_at desc) where deleted_at is not null;
create index frame_latest_of_load on frame (load_id, taken_at) where deleted_at is null;

alter table load add column loaded_zone text not null default 'UTC';
alter table load add column finished_zone text;
alter table load add column first_number integer not null default 1;
alter table load add column pack_filter text check (pack_filter is null or json_valid(pack_filter));
alter table load add column development text check (development is null or json_valid(development));
alter table load add column remark text not null default '' check (length(remark) <= 500);
alter table load add column revision integer not null default 1;
update load set loaded_zone = (select since_zone from camera_revision where camera_id = load.camera_id limit 1);
update load set finished_zone = loaded_zone where finished_at is not null;

alter table judgement add column judged_zone text not null default 'UTC';
alter table judgement add column revision integer not null default 1;
update judgement set judged_zone = coalesce((select loaded_zone from frame join load on load.id = load_id
  where frame.id = frame_id), 'UTC');

alter table bias_change add column changed_zone text not null default 'UTC';
update bias_change set changed_zone = (select since_zone from camera_revision
  where camera_revision.camera_id = bias_change.camera_id limit 1);

alter table thing add column revision integer not null default 1;
alter table setting add column revision integer not null default 1;

create table load_in_use (
  only_row integer primary key check (only_row = 1),
  load_id text not null references load (id)
) strict;
insert into load_in_use (only_row, load_id) select only_row, load_id from in_hand;
drop table in_hand;

create table notice (
  id integer primary key,
  words text not null,
  read integer not null default 0
) strict;

drop table frame_15;
drop table camera_15;
drop table film_15;

drop table staged_frame;
create table staged_frame (${FRAME_COLUMNS.replace(' references load (id)', '')},
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
  judged_at text not null,
  judged_zone text not null,
  revision integer not null
) strict;
`
} as const;

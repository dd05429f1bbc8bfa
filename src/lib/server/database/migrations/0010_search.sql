-- What people write about frames, and what frames are searched by.
alter table frame add column subject text not null default '' check (length(subject) <= 200);
alter table frame add column reason text not null default '' check (length(reason) <= 500);
create index frame_by_time on frame (logged_at desc, id desc, load_id, light_lv) where deleted_at is null;
create index frame_in_trash on frame (deleted_at desc) where deleted_at is not null;
create index load_by_camera on load (camera_id);
create index load_by_film on load (film_id);

create table frame_tag (
  frame_id text not null references frame (id),
  tag text not null check (length(tag) between 1 and 40),
  place integer not null check (place >= 0),
  primary key (frame_id, tag)
) strict, without rowid;
create index frame_tag_by_tag on frame_tag (tag, frame_id);

-- A frame's words in small letters without accents: narrow, so that looking through all of them is quick.
create table frame_words (
  frame_id text primary key references frame (id),
  words text not null
) strict, without rowid;
insert into frame_words (frame_id, words) select id, lower(note) from frame where note <> '';

-- Too dark, right or too light, whatever it was judged on.
alter table judgement add column verdict text generated always as (
  case
    when json_extract(outcome, '$.kind') = 'tone' then
      case when json_extract(outcome, '$.stops') < 0 then 'dark' when json_extract(outcome, '$.stops') > 0 then 'light' else 'right' end
    when json_extract(outcome, '$.word') = 'right' then 'right'
    when json_extract(outcome, '$.word') in ('nothing-dark', 'too-dark', 'shadows-empty', 'thin') then 'dark'
    else 'light'
  end
) virtual;
create index judgement_by_verdict on judgement (verdict, frame_id);

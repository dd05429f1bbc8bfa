-- What the judged frames of each film come to, kept until something of the film changes: the page of numbers adds these up.
-- kind 'month': what = YYYY-MM; 'side': dark or light; 'fault': one that was marked; 'cause': the likeliest of a frame gone wrong.
create table film_sum (
  load_id text not null references load (id) on delete cascade,
  kind text not null check (kind in ('month', 'side', 'fault', 'cause')),
  what text not null,
  frames integer not null check (frames > 0),
  keepers integer not null check (keepers >= 0),
  primary key (load_id, kind, what)
) strict, without rowid;
-- Films whose sums are as the film is.
create table film_summed (
  load_id text primary key references load (id) on delete cascade
) strict, without rowid;
create trigger film_sum_judged after insert on judgement begin
  delete from film_summed where load_id = (select load_id from frame where id = new.frame_id);
end;
create trigger film_sum_judged_anew after update on judgement begin
  delete from film_summed where load_id = (select load_id from frame where id = new.frame_id);
end;
create trigger film_sum_not_judged after delete on judgement begin
  delete from film_summed where load_id = (select load_id from frame where id = old.frame_id);
end;
create trigger film_sum_frame after insert on frame begin
  delete from film_summed where load_id = new.load_id;
end;
create trigger film_sum_frame_changed after update on frame begin
  delete from film_summed where load_id in (old.load_id, new.load_id);
end;
create trigger film_sum_frame_gone after delete on frame begin
  delete from film_summed where load_id = old.load_id;
end;
create trigger film_sum_load_changed after update on load begin
  delete from film_summed where load_id = new.id;
end;
-- The film before in a camera, and its latest films, off one index.
drop index load_by_camera;
create index load_by_camera on load (camera_id, loaded_at);
-- What was judged last.
create index judgement_by_time on judgement (judged_at desc, frame_id);
-- The frames of a film, those in the trash too; and the scans of a frame, deleted ones too: SQLite asks for them when a frame goes.
drop index frame_latest_of_load;
create index frame_of_load on frame (load_id, taken_at);
drop index scan_by_frame;
create index scan_by_frame on scan (frame_id);
-- Tags in use with how often, in step with the frames: each page of the log offers them.
create table tag_use (
  tag text primary key,
  frames integer not null check (frames > 0)
) strict, without rowid;
insert into tag_use (tag, frames) select tag, count(*) from frame_tag group by tag;
create trigger tag_used after insert on frame_tag begin
  insert into tag_use (tag, frames) values (new.tag, 1) on conflict (tag) do update set frames = frames + 1;
end;
create trigger tag_not_used after delete on frame_tag begin
  delete from tag_use where tag = old.tag and frames = 1;
  update tag_use set frames = frames - 1 where tag = old.tag;
end;

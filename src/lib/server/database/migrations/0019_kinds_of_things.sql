-- Which kinds of things there are is checked where they are read: a further kind is no new table.
create table thing_19 (
  id text primary key,
  kind text not null,
  name text not null check (length(name) between 1 and 80),
  data text not null check (json_valid(data)),
  created_at text not null,
  deleted_at text,
  revision integer not null default 1
) strict;
insert into thing_19 (id, kind, name, data, created_at, deleted_at, revision)
  select id, kind, name, data, created_at, deleted_at, revision from thing;
drop table thing;
alter table thing_19 rename to thing;

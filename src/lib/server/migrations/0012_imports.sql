-- Lines of an import on their way in: nothing of them is in the log until all of them are.
create table staged (
  line integer not null,
  tbl text not null,
  id text not null,
  -- what may be there once only beside the name: a frame's number on its film, a camera's open film
  once text unique,
  words text not null default '',
  body text not null check (json_valid(body)),
  primary key (tbl, id)
) strict, without rowid;
create index staged_by_line on staged (line);

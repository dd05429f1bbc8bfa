-- Days out: stops with their hours, and what is wanted there, as JSON.
create table outing (
  id text primary key,
  data text not null,
  revision integer not null default 1,
  created_at text not null,
  deleted_at text
) strict;

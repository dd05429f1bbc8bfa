-- Keys of changes that phones sent and that were done: the same change sent again does nothing.
create table change_done (
  key text primary key,
  done_at text not null
) strict, without rowid;

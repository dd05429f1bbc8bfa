-- The passcode that phones are asked for, and who is signed in. Neither is kept as it is: only what it comes to.
create table passcode (
  only_row integer primary key check (only_row = 1),
  salt blob not null,
  hash blob not null,
  set_at text not null
) strict;

create table session (
  token_hash blob primary key,
  opened_at text not null
) strict, without rowid;

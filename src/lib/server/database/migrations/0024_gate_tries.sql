-- How often a passcode was tried, by address and in all: a restart forgets nothing. The form is the limiter's own.
create table gate_try (
  key text primary key,
  points integer not null default 0,
  expire integer
) strict;

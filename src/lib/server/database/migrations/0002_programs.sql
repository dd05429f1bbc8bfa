-- Who sets the exposure, and what is known of a camera's error. Cameras from before are set by hand and have none.
alter table camera add column program text not null default '{"kind":"manual"}' check (json_valid(program));
alter table camera add column bias_stops real not null default 0;

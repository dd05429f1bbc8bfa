-- A retired camera keeps its films and frames; it only leaves the kit.
alter table camera add column retired_at text;

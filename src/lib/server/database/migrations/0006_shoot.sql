-- Where a camera's controls were left; what its owner wants to be reminded of; series of frames and timed lengths.
alter table camera add column stands text;
update camera set traits = json_set(traits, '$.checks', json('[]')) where json_extract(traits, '$.checks') is null;

alter table frame add column series text;
alter table frame add column timed_seconds real check (timed_seconds > 0);

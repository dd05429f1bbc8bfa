-- Guessed light and conditions of a frame; what the ways to light have learnt to say; the person's own settings.
alter table frame add column guess text;
alter table frame add column conditions text not null default '{}';

update frame set light_way = json_set(light_way, '$.shaded', json('false'), '$.lowSun', 'no')
  where json_extract(light_way, '$.kind') = 'shadow';
update frame set light_way = json_set(light_way, '$.of', 'incident', '$.elsewhere', json('false'), '$.meter', json('null'))
  where json_extract(light_way, '$.kind') = 'reading';

create table setting (
  name text primary key,
  value text not null
) strict;

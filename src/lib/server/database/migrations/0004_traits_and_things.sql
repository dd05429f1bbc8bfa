-- What cameras and films are beside exposure, whole documents like the controls. Rows from before get the plain ones.
alter table camera add column traits text not null
  default '{"focusing":{"kind":"fixed","atM":null,"sharpFromM":null},"flash":{"kind":"none"},"transport":{"kind":"still"},"finder":{"rightMm":0,"upMm":0,"rightShare":0,"upShare":0},"toleranceStops":null,"repeats":false,"needsPackBattery":false,"perforations":[]}'
  check (json_valid(traits));
update camera set program = json_set(program, '$.eye.angleDegrees', null)
  where json_extract(program, '$.kind') <> 'manual';
alter table film add column traits text not null
  default '{"balance":"daylight","tungstenIso":null,"temperature":null,"price":null,"expires":null,"feet":null,"perforation":null,"packBattery":false}'
  check (json_valid(traits));
-- A film in the trash keeps its loads and frames.
alter table film add column deleted_at text;
-- Double-run film is exposed on one side, then on the other; null = it has one side only.
alter table load add column side integer check (side in (1, 2));

-- Everything else in the bag: filters, flashes, meters, supports, lamps and what is put before them.
create table thing (
  id text primary key,
  kind text not null check (kind in ('filter', 'flash', 'meter', 'support', 'lamp', 'modifier')),
  name text not null check (length(name) between 1 and 80),
  data text not null check (json_valid(data)),
  created_at text not null,
  deleted_at text
) strict;

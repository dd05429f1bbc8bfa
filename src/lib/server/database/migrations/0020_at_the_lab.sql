-- Where a finished film is; null: at home, or nobody said.
alter table load add column lab text check (lab in ('sent', 'back'));

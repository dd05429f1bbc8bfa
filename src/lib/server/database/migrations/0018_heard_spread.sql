-- How unsure a time that was heard is; null: by ear.
alter table frame add column heard_sd_stops real;
alter table staged_frame add column heard_sd_stops real;

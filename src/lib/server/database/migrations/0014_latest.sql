-- What was last: of a camera over all its films, and of all films.
create index frame_latest_of_load on frame (load_id, logged_at) where deleted_at is null;
create index load_by_time on load (loaded_at);

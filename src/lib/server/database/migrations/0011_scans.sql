-- Scans of prints and negatives: what they are; the files themselves lie beside the database, byte for byte as they came.
create table scan (
  id text primary key,
  load_id text not null references load (id),
  frame_id text references frame (id),
  name text not null check (length(name) between 1 and 200),
  type text not null check (type in ('jpeg', 'png', 'tiff', 'webp')),
  bytes integer not null check (bytes > 0),
  width integer not null check (width > 0),
  height integer not null check (height > 0),
  sha256 text not null check (length(sha256) = 64),
  middle real not null check (middle between 0 and 1),
  dark_share real not null check (dark_share between 0 and 1),
  light_share real not null check (light_share between 0 and 1),
  added_at text not null,
  deleted_at text
) strict;
create unique index scan_once on scan (load_id, sha256) where deleted_at is null;
create index scan_by_frame on scan (frame_id) where deleted_at is null;

-- A phone's picture of the scene, kept small with a frame; beside it, as JSON, the subject's tone and the phone's curve.
create table frame_picture (
  frame_id text primary key references frame (id),
  jpeg blob not null,
  beside text not null
) strict;

-- The paper grade that a print took; null: nobody said, or it is no print on paper.
alter table judgement add column grade text;
alter table staged_judgement add column grade text;
-- What runs through a cine camera: what its counter showed and what is planned, as JSON; null: nothing was noted.
alter table load add column reel text;

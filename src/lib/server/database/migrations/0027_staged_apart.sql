-- What comes in waits in a file of its own until it is taken (files/staging.ts).
drop table staged;
drop table staged_frame;
drop table staged_judgement;

-- The version of the shape in which a content was written; older ones are upgraded as they are read, and stay as they are.
alter table content add column shape integer not null default 1;

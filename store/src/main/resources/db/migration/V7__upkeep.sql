-- What is done by itself, or when an owner asks: each with how it ended last.
create table task (
  name text primary key,
  began_at text not null,
  ended_at text,
  well integer,
  says text
) without rowid;

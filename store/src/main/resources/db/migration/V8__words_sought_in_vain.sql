-- What visitors looked for and did not find: the words, the day and how often, and nothing of who it was.
create table sought (
  site text not null,
  day text not null,
  words text not null,
  times integer not null,
  primary key (site, day, words)
) without rowid;

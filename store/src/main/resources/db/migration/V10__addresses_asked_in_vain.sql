-- Addresses are asked in vain as words are sought: what kind of thing it was stands beside it.
create table sought_now (
  site text not null,
  what text not null,
  day text not null,
  words text not null,
  times integer not null,
  primary key (site, what, day, words)
) without rowid;
insert into sought_now select site, 'WORDS', day, words, times from sought;
drop table sought;
alter table sought_now rename to sought;
create index sought_by_day on sought (day);

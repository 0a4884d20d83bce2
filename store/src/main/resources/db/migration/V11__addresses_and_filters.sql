-- When visitors last asked for an address that leads on: the day, and nothing of who it was. Since when that is known stands at ''.
create table led (
  site text not null,
  address text not null,
  last text not null,
  primary key (site, address)
) without rowid;
insert into led select distinct site, '', date('now') from release;
-- Addresses asked in vain of which nobody wants to be told any more.
create table left_alone (
  site text not null,
  address text not null,
  primary key (site, address)
) without rowid;
-- Filters of the plan that somebody keeps by name, for themselves or (person '') for all.
create table kept_filter (
  site text not null,
  person text not null,
  name text not null,
  asks text not null,
  primary key (site, person, name)
) without rowid;

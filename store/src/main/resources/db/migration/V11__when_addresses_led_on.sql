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

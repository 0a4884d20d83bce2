-- The release that one goes back to, and for when it was set (ISO 8601), where it was.
alter table release add column back_to integer;
alter table release add column due text;

-- A release that is set for a time of the site's clocks. It holds the versions of that step.
create table planned_release (
  site text not null references site (id),
  id text not null,
  wanted text not null,
  who text not null,
  at text not null,
  note text not null,
  step integer not null,
  changes integer not null,
  primary key (site, id)
) without rowid;

-- What was live of each item then, and the version that was chosen; absent where there is none.
create table planned_change (
  site text not null,
  id text not null,
  item text not null,
  base text references content (hash),
  hash text references content (hash),
  primary key (site, id, item)
) without rowid;

create table planned_need (
  site text not null,
  id text not null,
  item text not null,
  name text not null,
  primary key (site, id, item)
) without rowid;

-- Changes of which somebody asks that they be released, with their word; and the word with which it was given back.
create table asked_release (
  site text not null references site (id),
  id text not null,
  who text not null,
  at text not null,
  word text not null,
  back_who text,
  back_at text,
  back_word text,
  primary key (site, id)
) without rowid;

create table asked_item (
  site text not null,
  id text not null,
  item text not null,
  primary key (site, id, item)
) without rowid;

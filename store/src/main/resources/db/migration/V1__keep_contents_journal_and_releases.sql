-- Contents are immutable and known by the SHA-256 of their canonical JSON.
create table content (
  hash text primary key,
  type text not null,
  body text not null
) without rowid;

create table site (
  id text primary key,
  created_at text not null
) without rowid;

-- The working copy and the live release of each site: a map from item to content.
create table working (
  site text not null references site (id),
  item text not null,
  hash text not null references content (hash),
  primary key (site, item)
) without rowid;

create table live (
  site text not null references site (id),
  item text not null,
  hash text not null references content (hash),
  changed_at text not null,
  primary key (site, item)
) without rowid;

-- Each step: who, when, what, and the contents before and after. kind: do, undo, redo, system.
create table step (
  id integer primary key autoincrement,
  site text not null references site (id),
  at text not null,
  who text not null,
  name text not null,
  kind text not null,
  step_group text not null,
  reverses text,
  request text
);
create index step_of_person on step (site, who, id);
create index step_of_group on step (site, step_group, id);
create unique index step_of_request on step (site, request) where request is not null;

create table step_change (
  step integer not null references step (id),
  item text not null,
  before text references content (hash),
  after text references content (hash),
  primary key (step, item)
) without rowid;
create index step_change_of_item on step_change (item, step);

create table release (
  site text not null references site (id),
  number integer not null,
  at text not null,
  who text not null,
  note text not null,
  primary key (site, number)
) without rowid;

create table release_change (
  site text not null,
  number integer not null,
  item text not null,
  before text references content (hash),
  after text references content (hash),
  primary key (site, number, item),
  foreign key (site, number) references release (site, number)
) without rowid;

create table account (
  id text primary key,
  email text not null unique,
  name text not null,
  password text not null,
  role text not null
) without rowid;

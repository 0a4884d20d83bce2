-- A place outside this machine to which each release of a site goes. Where that is stands as JSON; its keys lie in a file.
create table delivery (
  site text not null references site (id),
  id text not null,
  name text not null,
  goes text not null,
  at text not null,
  primary key (site, id),
  unique (site, name)
) without rowid;

-- How it stands. The release that it shows; when that arrived; why it failed, how many times in a row, and when it is tried again; the run
-- that was begun last; whether all of it is to be compared and sent again; addresses of which a content network is still to be told, a line each;
-- how many objects and bytes lie there, as they were counted last.
create table delivery_state (
  site text not null,
  id text not null,
  release integer not null,
  at text,
  failures integer not null,
  next_at text,
  says text not null,
  fix text not null,
  run text not null,
  again integer not null,
  untold text not null,
  objects integer not null,
  bytes integer not null,
  primary key (site, id)
) without rowid;

-- What a delivery sent for a release.
create table delivered (
  site text not null,
  id text not null,
  release integer not null,
  at text not null,
  objects integer not null,
  bytes integer not null,
  primary key (site, id, release)
) without rowid;

-- What was found at an address of another site to which a site links; empty words where nothing is wrong.
create table outside_link (
  site text not null references site (id),
  address text not null,
  at text not null,
  says text not null,
  primary key (site, address)
) without rowid;
-- When all were looked at last, and whether that is done every week.
create table links_checked (
  site text primary key references site (id),
  at text,
  weekly integer not null default 0
) without rowid;

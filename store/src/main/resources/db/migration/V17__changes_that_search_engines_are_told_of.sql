-- The addresses of a site's sitemap as search engines were told of them last.
create table told (
  site text not null references site (id),
  address text not null,
  changed text not null,
  primary key (site, address)
) without rowid;
-- Of which release they were told, when and how many addresses; and what stands in the way, how often it did, and when it is tried again.
create table telling (
  site text primary key references site (id),
  release integer not null default 0,
  at text,
  addresses integer not null default 0,
  failures integer not null default 0,
  next_at text,
  says text not null default ''
) without rowid;

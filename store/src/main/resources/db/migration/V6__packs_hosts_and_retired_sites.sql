-- Who an item is that came with a pack: the identity that it keeps wherever it is carried to.
create table came (
  site text not null references site (id),
  item text not null,
  identity text not null,
  primary key (site, item)
) without rowid;

-- What an item was when it came by a step, or (fixed) when it was given to all sites after that step: the base of later merges.
create table taken (
  site text not null references site (id),
  item text not null,
  step integer not null,
  fixed integer not null,
  hash text not null references content (hash),
  primary key (site, item, step)
) without rowid;

-- What an item was before it came, for the copies that were taken then.
create table past (
  site text not null references site (id),
  item text not null,
  hash text not null references content (hash),
  primary key (site, item, hash)
) without rowid;

-- Under which names which site is served: one name belongs to one site. The same stands in the site's own item.
create table host (
  name text primary key,
  site text not null references site (id)
) without rowid;
create index host_of_site on host (site);

insert or ignore into host (name, site)
select h.value, w.site from working w join content c on c.hash = w.hash, json_each(c.body, '$.hosts') h
where w.item = 'site' order by w.site;

-- Since when a site is not served; it can be brought back.
alter table site add column retired_at text;

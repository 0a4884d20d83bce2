-- Who an item is that came with a pack: the identity that it keeps wherever it is carried to.
create table came (
  site text not null references site (id),
  item text not null,
  identity text not null,
  primary key (site, item)
) without rowid;

-- What an item was before it came, for the copies that were taken then.
create table past (
  site text not null references site (id),
  item text not null,
  hash text not null references content (hash),
  primary key (site, item, hash)
) without rowid;

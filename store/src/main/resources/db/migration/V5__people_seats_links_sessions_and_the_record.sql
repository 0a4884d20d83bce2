-- People: known by their address; state: INVITED, ACTIVE, DEACTIVATED, ERASED. Who has not come yet has no password.
create table person (
  id text primary key,
  email text not null unique,
  name text not null,
  password text,
  owner integer not null,
  may_give integer not null default 0,
  state text not null,
  since text not null,
  seen_at text
) without rowid;

-- What a person is in one site.
create table seat (
  site text not null references site (id),
  person text not null references person (id),
  role text not null,
  primary key (site, person)
) without rowid;
create index seat_of_person on seat (person);

insert into person (id, email, name, password, owner, state, since)
select id, email, name, password, 0, 'ACTIVE', strftime('%Y-%m-%dT%H:%M:%SZ', 'now') from account;
update person set owner = 1 where id = (select min(id) from account where role = 'MANAGER');
insert into seat (site, person, role) select s.id, a.id, a.role from site s, account a;
drop table account;

-- The second step of signing in (RFC 6238); counter is the time step of the code used last, so that none is used twice.
create table second_step (
  person text primary key references person (id),
  secret text not null,
  confirmed integer not null,
  counter integer not null
) without rowid;
create table recovery_code (
  person text not null references person (id),
  hash text not null,
  primary key (person, hash)
) without rowid;

-- Codes and links that are good once. The token itself is not kept.
create table link (
  hash text primary key,
  purpose text not null,
  person text references person (id),
  detail text,
  made_at text not null,
  until text not null,
  used_at text
) without rowid;
create index link_of_person on link (person, purpose);

-- Who has put the first steps of a site away.
create table put_away (
  person text not null references person (id),
  site text not null references site (id),
  primary key (person, site)
) without rowid;

-- What the installation is set to.
create table setting (key text primary key, value text not null) without rowid;

-- What was done that is no edit. Only ever appended to; what is older than it is to be kept goes.
create table record (
  id integer primary key autoincrement,
  at text not null,
  deed text not null,
  who text,
  site text,
  about text,
  detail text,
  origin text
);
create index record_of_site on record (site, id);
create trigger record_stays before update on record begin
  select raise(abort, 'the record is only appended to');
end;
create trigger record_is_kept before delete on record
when old.at > strftime('%Y-%m-%dT%H:%M:%SZ', 'now', '-30 days') begin
  select raise(abort, 'the record is kept for 30 days at least');
end;

-- Spring Session's tables.
create table SPRING_SESSION (
  PRIMARY_ID char(36) not null primary key,
  SESSION_ID char(36) not null,
  CREATION_TIME bigint not null,
  LAST_ACCESS_TIME bigint not null,
  MAX_INACTIVE_INTERVAL int not null,
  EXPIRY_TIME bigint not null,
  PRINCIPAL_NAME varchar(100)
);
create unique index SPRING_SESSION_IX1 on SPRING_SESSION (SESSION_ID);
create index SPRING_SESSION_IX2 on SPRING_SESSION (EXPIRY_TIME);
create index SPRING_SESSION_IX3 on SPRING_SESSION (PRINCIPAL_NAME);
create table SPRING_SESSION_ATTRIBUTES (
  SESSION_PRIMARY_ID char(36) not null references SPRING_SESSION (PRIMARY_ID) on delete cascade,
  ATTRIBUTE_NAME varchar(200) not null,
  ATTRIBUTE_BYTES blob not null,
  primary key (SESSION_PRIMARY_ID, ATTRIBUTE_NAME)
);

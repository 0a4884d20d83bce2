-- Members of one site, apart from the people who make it. state: INVITED, UNCONFIRMED, ASKED, ACTIVE, DEACTIVATED.
create table member (
  id text primary key,
  site text not null references site (id),
  email text not null,
  name text not null,
  password text,
  state text not null,
  fields text not null default '{}',
  since text not null,
  seen_at text,
  unique (site, email)
) without rowid;
create index member_by_name on member (site, name, id);

-- Which groups a member belongs to; the groups themselves are items of the site.
create table member_group (
  member text not null references member (id) on delete cascade,
  site text not null,
  called text not null,
  primary key (member, called)
) without rowid;
create index member_of_group on member_group (site, called);

-- Where members are signed in. The token itself is not kept; before is when they were last here until then.
create table member_session (
  hash text primary key,
  site text not null,
  member text not null references member (id) on delete cascade,
  device text not null,
  begun_at text not null,
  used_at text not null,
  before text
) without rowid;
create index session_of_member on member_session (member);
create index member_session_by_use on member_session (used_at);

-- Links to members that are good once.
create table member_link (
  hash text primary key,
  site text not null,
  member text not null references member (id) on delete cascade,
  purpose text not null,
  detail text,
  until text not null
) without rowid;
create index link_of_member on member_link (member, purpose);
create index member_link_by_time on member_link (until);

-- Those who asked for letters, by the form that makes the list. stands: ASKED (a letter asks them to confirm), IN, OUT (they left),
-- REFUSED (their mail server takes nothing for them). proof: how they agreed, and when. written: when they were last asked to confirm.
create table subscriber (
  id text primary key,
  site text not null references site (id),
  list text not null,
  email text not null,
  name text not null default '',
  stands text not null,
  proof text not null,
  asked text not null,
  written text not null,
  since text,
  ended text,
  said text not null default ''
);
create unique index subscriber_of on subscriber (site, list, email);
create index subscriber_stands on subscriber (site, list, stands, email);
create index subscriber_email on subscriber (site, email);
-- Letters: from a page, or from what is newest in one of its listings since a day. html and plain: as they go out, kept from the first
-- one on. next: when it goes on that had trouble; trouble: what it was.
create table letter (
  id text primary key,
  site text not null references site (id),
  list text not null,
  subject text not null,
  lead text not null,
  page text not null,
  listing text,
  since text,
  state text not null,
  rate integer not null,
  tested text not null default '',
  changed text not null,
  by_person text,
  started text,
  ended text,
  next text,
  trouble text not null default '',
  html text,
  plain text
);
create index letter_of on letter (site, state, changed);
-- Whom a letter goes to, each once. state: WAITING, BEING (it is being written to at this moment), SENT, REFUSED, UNSURE (the server stopped
-- while it was being written to), LEFT (they left before it was their turn). due: when it is their turn again whom the mail server put off.
create table letter_to (
  letter text not null references letter (id) on delete cascade,
  subscriber text not null references subscriber (id) on delete cascade,
  state text not null,
  tries integer not null default 0,
  due text not null default '',
  at text,
  said text not null default '',
  primary key (letter, subscriber)
) without rowid;
create index letter_to_state on letter_to (letter, state, due);
create index letter_to_of on letter_to (subscriber);

-- What visitors send by forms, apart from the content's journal. said: what was answered, as JSON, with the labels of then; words: the
-- same to look in. state: what is done about it (new, read, done, or one of the form's own). apart: why it is taken for spam; null where
-- it isn't. likeness: by which the same words from the same network are known within ten minutes. stands: PLACE, WAITS, BACK, OFF, or
-- null where nothing runs out; item is what it is of, people for how many; over: given by managers, outside the law; reminded: whether the day before was written of.
create table answer (
  id text primary key,
  site text not null references site (id),
  form text not null,
  number integer not null,
  came text not null,
  until text not null,
  state text not null default 'new',
  apart text,
  works text,
  note text not null default '',
  who text not null,
  email text not null,
  member text,
  page text not null,
  said text not null,
  words text not null,
  likeness text not null,
  item text,
  people integer not null default 0,
  stands text,
  over integer not null default 0,
  reminded integer not null default 0,
  unique (site, form, number)
) without rowid;
create index answer_by_state on answer (site, form, apart, state, number);
create index answer_of_item on answer (site, form, item, stands, number, people, over) where item is not null;
create index answer_of_sender on answer (site, email);
create index answer_waits on answer (site, form, item) where stands = 'WAITS';
create index answer_to_remind on answer (site, form, item) where stands = 'PLACE' and reminded = 0;
create index answer_of_member on answer (site, member, came) where member is not null;
create index answer_alike on answer (likeness, came);
create index answer_by_end on answer (until);

-- What an answer was answered by mail.
create table answer_letter (
  answer text not null references answer (id) on delete cascade,
  at text not null,
  by_person text,
  subject text not null,
  words text not null,
  primary key (answer, at)
) without rowid;
-- Files that were sent with answers; those without one wait for an hour for a form that wasn't right. network: from where, so that what
-- one may send is bounded.
create table answer_file (
  id text primary key,
  site text not null references site (id),
  form text not null,
  answer text references answer (id) on delete cascade,
  network text not null,
  at text not null,
  name text not null,
  ending text not null,
  bytes integer not null,
  content blob not null
);
create index answer_file_of on answer_file (answer, at, bytes);
create index answer_file_from on answer_file (network, at, bytes);
create index answer_file_site on answer_file (site, bytes);
-- Answers that are handed on to another machine as they come: tried again until it takes them, or a day is over.
create table form_call (
  id integer primary key,
  site text not null references site (id),
  form text not null,
  answer text not null references answer (id) on delete cascade,
  address text not null,
  tries integer not null default 0,
  at text not null,
  next text,
  said text not null default ''
);
create index form_call_next on form_call (next) where next is not null;
create index form_call_of on form_call (site, form, id);
create index form_call_answer on form_call (answer);

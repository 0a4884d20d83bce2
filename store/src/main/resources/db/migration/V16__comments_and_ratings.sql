-- An answer that is a comment: 0 while it is held, 1 while it stands on its page; absent for other answers.
alter table answer add column shown integer;
-- The id of the comment that it answers, when it was changed by whoever wrote it, and how many times somebody reported it.
alter table answer add column answers text;
alter table answer add column edited text;
alter table answer add column reported integer not null default 0;
create index answer_shown on answer (site, page, number) where shown = 1;
create index answer_shown_last on answer (site, came) where shown = 1;
-- How often strangers gave a page so much, from 1 to 5; nothing of who it was.
create table rating (
  site text not null references site (id),
  page text not null,
  value integer not null,
  many integer not null,
  primary key (site, page, value)
) without rowid;
-- What a member gave a page.
create table rating_of_member (
  site text not null references site (id),
  page text not null,
  member text not null references member (id) on delete cascade,
  value integer not null,
  primary key (site, page, member)
) without rowid;
create index rating_by_member on rating_of_member (member);

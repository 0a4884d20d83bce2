-- A request that comes a second time gets the answer it got the first time; print is the hash of what it asked.
create table request (
  site text not null references site (id),
  id text not null,
  who text not null,
  print text not null,
  answer text not null,
  primary key (site, id)
) without rowid;

insert into request (site, id, who, print, answer)
select s.site, s.request, s.who, '', json_object(
  'step', s.id, 'name', s.name, 'who', s.who,
  'revisions', (select json_group_object(c.item, coalesce(c.after, '')) from step_change c where c.step = s.id))
from step s where s.request is not null;

drop index step_of_request;
alter table step drop column request;

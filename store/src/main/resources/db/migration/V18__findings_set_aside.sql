-- A finding of the survey that somebody has set aside, with the reason.
create table set_aside (
  site text not null references site (id),
  rule text not null,
  item text not null,
  says text not null,
  reason text not null,
  who text not null,
  at text not null,
  primary key (site, rule, item, says)
) without rowid;

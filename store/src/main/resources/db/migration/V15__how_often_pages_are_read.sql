-- How often a page was read on a day of the site's zone, by people and by robots; nothing of who it was.
create table page_read (
  site text not null references site (id),
  page text not null,
  day text not null,
  people integer not null,
  robots integer not null,
  primary key (site, page, day)
) without rowid;
create index page_read_by_day on page_read (day);

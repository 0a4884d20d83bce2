-- A link by which somebody without an account gets the proof of one page. The token itself is not kept.
create table sent_proof (
  token_hash text primary key,
  site text not null references site (id),
  page text not null,
  made_by text not null,
  made_at text not null,
  until text not null
) without rowid;
create index sent_proof_of_page on sent_proof (site, page, made_at);

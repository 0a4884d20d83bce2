-- When a request was answered, so that answers can be taken away in time.
alter table request add column at text not null default '';
update request set at = coalesce((select s.at from step s where s.id = json_extract(answer, '$.step')), '');
create index request_by_time on request (at);

create index sent_proof_by_time on sent_proof (until);
create index sought_by_day on sought (day);

-- What names a content, so that one that nothing names can be found and taken away.
create index working_of_content on working (hash);
create index live_of_content on live (hash);
create index step_change_before on step_change (before) where before is not null;
create index step_change_after on step_change (after) where after is not null;
create index release_change_before on release_change (before) where before is not null;
create index release_change_after on release_change (after) where after is not null;
create index taken_of_content on taken (hash);
create index past_of_content on past (hash);

create index record_by_time on record (at);
create index record_of_who on record (who, id);
create index record_of_about on record (about, id);
create index record_of_deed on record (deed, id);

-- What all sites can take is there from the beginning: it is opened with the installation.
insert or ignore into site (id, created_at) values ('library', strftime('%Y-%m-%dT%H:%M:%SZ', 'now'));

-- Lines of the record are now forgotten by the task that forgets the rest.
delete from task where name = 'record';

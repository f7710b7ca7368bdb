-- Rows point to kinds and people by identity, with the name of the day beside it: a rename changes no past.
alter table round_content add column kind_id bigint;
alter table round_content add column person_id bigint;
update round_content c set kind_id = (select k.id from kind k where k.name = c.kind);
update round_content c set person_id = (select min(p.id) from person p where p.name = c.person)
  where person is not null;
create index round_content_kind on round_content(kind_id);
alter table observation add column kind_id bigint;
update observation o set kind_id = (select k.id from kind k where k.name = o.kind) where kind is not null;
create index observation_kind on observation(kind_id);
alter table experiment add column kind_id bigint;
update experiment e set kind_id = (select k.id from kind k where k.name = e.kind) where kind is not null;
alter table reset_piece add column kind_id bigint;
update reset_piece p set kind_id = (select k.id from kind k where k.name = p.kind);

-- What an answer in a wash or a step of a reset told, so that it goes when that is taken back.
alter table observation add column source varchar(60);
create index observation_source on observation(source);
-- The steps before a look at the water changed them.
alter table reset_step add column planned_before clob;

-- What is searched.
create index wash_round_state on wash_round(state, started_at);
create index pail_entry_kind on pail_entry(kind_id);
create index pail_entry_habit on pail_entry(habit_day);
create index load_item_entry on load_item(entry_id);
create index hanging_group_dry on hanging_group(dry_at);
create index wash_load_state on wash_load(state);
create index reset_run_state on reset_run(state);

-- How the household decides what is not of one load.
alter table household add column sun varchar(20) default 'LIMITED' not null;
alter table household add column new_pieces varchar(20) default 'FIBRE' not null;
alter table household add column pails_shut boolean default false not null;
-- A house that was lived in has the zone that it was told.
alter table household add column zone_told boolean default true not null;

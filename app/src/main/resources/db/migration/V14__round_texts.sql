-- The texts of a round are large and seldom read: lists do without them. Each has its version and checksum.
create table round_text (
  round_id bigint not null references wash_round(id),
  name varchar(20) not null,
  version integer not null,
  text clob not null,
  checksum varchar(32),
  primary key (round_id, name)
);
insert into round_text (round_id, name, version, text)
  select id, 'PLANNED', 1, planned from wash_round where planned is not null;
insert into round_text (round_id, name, version, text)
  select id, 'GOING', 1, going from wash_round where going is not null;
insert into round_text (round_id, name, version, text)
  select id, 'STEPS', 1, going_steps from wash_round where going_steps is not null;
insert into round_text (round_id, name, version, text)
  select id, 'WISHES', 1, wishes from wash_round where wishes is not null;
alter table wash_round add column has_plan boolean default false not null;
-- Checksums of rounds spoke of these columns too.
update wash_round set has_plan = (planned is not null), checksum = null;
alter table wash_round drop column planned;
alter table wash_round drop column going;
alter table wash_round drop column going_steps;
alter table wash_round drop column wishes;

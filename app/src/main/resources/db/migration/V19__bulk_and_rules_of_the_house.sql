-- Clean pieces from the shelf fill up a drum: they never lay in a pail.
alter table load_item alter column entry_id set null;
-- Soft rules of sorting that a household has set aside for good.
create table aside_rule (
  rule varchar(40) primary key,
  reason varchar(200) not null
);

-- What is removed stays as a row, since the past points to it.
alter table person add column removed_at timestamp(3) with time zone;
alter table kind add column removed_at timestamp(3) with time zone;
alter table product add column removed_at timestamp(3) with time zone;
alter table machine add column removed_at timestamp(3) with time zone;
alter table dryer add column removed_at timestamp(3) with time zone;
alter table place add column removed_at timestamp(3) with time zone;
alter table pail add column removed_at timestamp(3) with time zone;

-- A round whose main wash was ticked off sooner than it can run.
alter table wash_round add column main_not_run boolean default false not null;

-- Every finding that led to a change is kept whole.
alter table experiment alter column complaint varchar(4000);

-- What was seen of a round that was taken out of the record.
alter table observation add column hidden boolean default false not null;

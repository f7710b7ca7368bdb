-- Whether clothes join nappies, and what may fill up a drum, as the household answers it.
alter table household add column clothes varchar(20) default 'FROM_60' not null;
alter table household add column anything_fills boolean default false not null;

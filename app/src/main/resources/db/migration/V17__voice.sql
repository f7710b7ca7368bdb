-- The language, measures, clock and money of the household.
alter table household add column language varchar(20) default 'en' not null;
alter table household add column measures varchar(20) default 'METRIC' not null;
alter table household add column hardness_scale varchar(30) default 'MMOL_PER_L' not null;
alter table household add column twelve_hours boolean default false not null;
alter table household add column currency varchar(3) default 'EUR' not null;
alter table household add column week_start varchar(10) default 'MONDAY' not null;
alter table household add column dial_in_words boolean default false not null;

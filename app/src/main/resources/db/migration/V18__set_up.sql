-- How far a house is set up. Houses of before are in use already.
alter table household add column set_up_done boolean default true not null;
alter table household add column water_told boolean default true not null;

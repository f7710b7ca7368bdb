-- Labels as they are printed: sheets and tabs, the share of percarbonate, what stays in.
alter table product add column piece_g double precision;
alter table product add column percarbonate_share double precision;
alter table product add column stays_in boolean;
alter table product add column filled_in varchar(200) default '' not null;

-- What the label of a programme says that it takes.
alter table programme add column label_kwh double precision;
alter table programme add column label_litres double precision;
alter table programme add column label_load_kg double precision;
alter table programme add column label_c integer;

-- The room that a place stands in.
alter table place add column room_m3 double precision;
alter table place add column fresh_m3_h double precision;

-- Sanitary and nursing pads are needs of their own.
alter table person add column sanitary_pads integer default 0 not null;
alter table person add column nursing_pads integer default 0 not null;
update kind set role = 'SANITARY_PAD' where role = 'BED_PAD' and lower(name) like 'sanitary pad%';
update kind set role = 'NURSING_PAD' where role = 'BED_PAD' and lower(name) like 'nursing pad%';
update kind set role = 'ALL_IN_ONE' where role = 'NIGHT_FITTED' and lower(name) in ('all-in-one nappy', 'training pants');
update kind set role = 'FLAT' where role = 'INSERT' and lower(name) in ('muslin flat nappy', 'terry flat nappy');

-- How a household wants to dry, and which method it chose.
alter table household add column tumbling varchar(20) default 'AS_NEEDED' not null;
alter table household add column dry_outdoors boolean default true not null;
alter table household add column carry_after_dark boolean default true not null;
alter table household add column dry_aim varchar(20) default 'BALANCED' not null;
alter table household add column trips_per_day integer default 3 not null;
alter table household add column usual_method varchar(40) default 'hot-and-full' not null;

-- Since when pieces are damp, wherever they hang meanwhile.
alter table hanging_group add column damp_since timestamp(3) with time zone;
update hanging_group set damp_since = hung_at;

-- New pieces are told apart from soiled ones; what a wash left is kept with its round.
alter table load_item add column first_wash boolean default false not null;
alter table wash_round add column soil_left double precision;
alter table wash_round add column not_run boolean default false not null;

-- Names that changed in plans that were kept.
update wash_round set planned = replace(planned, '"agitation":"BY_HAND"', '"agitation":"PLUNGED"') where planned is not null;
update wash_round set going = replace(going, '"agitation":"BY_HAND"', '"agitation":"PLUNGED"') where going is not null;
update wash_round set going_steps = replace(replace(replace(going_steps, '"agitation":"BY_HAND"', '"agitation":"PLUNGED"'),
  '"byTeaspoon":false', '"unit":"SCOOP"'), '"byTeaspoon":true', '"unit":"TEASPOON"') where going_steps is not null;

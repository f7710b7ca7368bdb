-- What is said is kept as its key and values, which takes more room than the words did.
alter table wash_round alter column summary set data type varchar(4000);
alter table wash_round alter column doses set data type varchar(8000);
alter table round_step alter column title set data type varchar(1000);
alter table round_step alter column added_because set data type varchar(2000);
alter table round_event alter column words set data type varchar(4000);
alter table experiment alter column says set data type varchar(2000);
alter table reset_step alter column title set data type varchar(1000);
alter table wash_load alter column set_aside set data type varchar(20000);
alter table own_school alter column based_on set data type varchar(400);
-- What several of a kind are called; null where the household has said nothing.
alter table kind add column plural varchar(80);
update bundle_wish set recipe = 'two-part-night' where recipe = 'two-part night';
-- Checksums of these rows spoke of other columns and of words.
update wash_round set checksum = null;
update kind set checksum = null;

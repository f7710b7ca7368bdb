-- A checksum a row, looked at when the row is read and at the start. Rows of before have none.
alter table wash_round add column checksum varchar(32);
alter table stock add column checksum varchar(32);
alter table person add column checksum varchar(32);
alter table kind add column checksum varchar(32);
alter table product add column checksum varchar(32);
alter table machine add column checksum varchar(32);
alter table dryer add column checksum varchar(32);
alter table place add column checksum varchar(32);

-- Pretend devices are offered only where somebody wants them. Who listens to the pretend weather station keeps them.
alter table household add column pretend_devices boolean default false not null;
update household set pretend_devices = pretend_weather;

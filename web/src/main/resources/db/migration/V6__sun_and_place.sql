-- Sun through a window onto the glass, and where on earth the room is.
alter table room add column sun_hours double precision not null default 0 check (sun_hours between 0 and 16);
alter table room add column latitude double precision check (latitude between -90 and 90);
alter table room add column longitude double precision check (longitude between -180 and 180);

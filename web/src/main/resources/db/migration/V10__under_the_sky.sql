-- A place under the sky has another climate than a room.
alter table room add column outdoors boolean not null default false;

-- Of a group the smallest is measured too.
alter table measurement add column smallest_cm double precision;

-- A place under the sky has another climate than a room.
alter table room add column outdoors boolean not null default false;

-- What pages show of an enclosure is worked out once and kept by its version. Whatever changes what would be worked out
-- gives it a new version: the number of the transaction that wrote. The database sees to it, so that no writer can forget.
alter table enclosure add column version bigint not null default 0;
-- The rounds' list of a day follows from the plan and from this log alone.
alter table enclosure add column task_version bigint not null default 0;
-- Own care sheets and chosen schools concern every enclosure of the collection.
alter table collection add column version bigint not null default 0;

create function this_transaction() returns bigint language sql as
$$ select pg_current_xact_id()::text::bigint $$;

create function new_enclosure_version() returns trigger language plpgsql as $$
begin
  update enclosure set version = this_transaction()
  where id = new.enclosure_id and version <> this_transaction();
  return null;
end $$;

create trigger new_version after insert on enclosure_revision for each row execute function new_enclosure_version();
create trigger new_version after insert or update on resident for each row execute function new_enclosure_version();
create trigger new_version after insert on accepted_finding for each row execute function new_enclosure_version();
create trigger new_version after insert on water_test for each row execute function new_enclosure_version();
create trigger new_version after insert on water_event for each row execute function new_enclosure_version();

create function new_version_of_measured() returns trigger language plpgsql as $$
begin
  update enclosure e set version = this_transaction() from resident r
  where r.id = new.resident_id and e.id = r.enclosure_id and e.version <> this_transaction();
  return null;
end $$;
create trigger new_version after insert on measurement for each row execute function new_version_of_measured();

-- A tick of the rounds that touches the water counts in its log.
create function new_task_version() returns trigger language plpgsql as $$
declare
  touches_water boolean := new.task_key in ('water-change', 'large-change', 'rinse-filter');
begin
  update enclosure set task_version = this_transaction(),
    version = case when touches_water then this_transaction() else version end
  where id = new.enclosure_id
    and (task_version <> this_transaction() or touches_water and version <> this_transaction());
  return null;
end $$;
create trigger new_version after insert on round_entry for each row execute function new_task_version();

create function new_version_moved() returns trigger language plpgsql as $$
begin
  if new.room_id <> old.room_id or new.name <> old.name then
    new.version := this_transaction();
  end if;
  return new;
end $$;
create trigger new_version before update on enclosure for each row execute function new_version_moved();

create function new_version_of_room() returns trigger language plpgsql as $$
begin
  update enclosure set version = this_transaction() where room_id = new.id;
  return null;
end $$;
create trigger new_version after update on room for each row execute function new_version_of_room();

create function new_collection_version() returns trigger language plpgsql as $$
begin
  update collection set version = this_transaction()
  where id = new.collection_id and version <> this_transaction();
  return null;
end $$;
create trigger new_version after insert on own_sheet for each row execute function new_collection_version();
create trigger new_version after insert on chosen_school for each row execute function new_collection_version();

-- The last time of each task, without reading a year of ticks.
create index round_entry_last on round_entry (enclosure_id, task_key, slot, day desc) where strikes is null;

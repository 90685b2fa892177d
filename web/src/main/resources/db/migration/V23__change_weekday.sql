-- The weekday on which the water of an enclosure is changed, where the keeper wants one; Monday is 1.
alter table enclosure add column change_weekday smallint check (change_weekday between 1 and 7);

create or replace function new_version_moved() returns trigger language plpgsql as $$
begin
  if new.room_id <> old.room_id or new.name <> old.name then
    new.version := this_transaction();
  end if;
  if new.change_weekday is distinct from old.change_weekday then
    new.task_version := this_transaction();
  end if;
  return new;
end $$;

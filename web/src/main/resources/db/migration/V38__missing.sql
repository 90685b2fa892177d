-- An animal that is not found is work on the list of the day, until somebody sees it again: whoever shows it must look again.
create or replace function new_version_of_moult() returns trigger language plpgsql as $$
begin
  if new.kind in ('BURIED', 'SHED', 'MOULTED', 'MISSED')
    or exists (select 1 from life_entry where animal_id = new.animal_id and kind in ('BURIED', 'MISSED')) then
    perform new_version_where_animal_was(new.animal_id);
  end if;
  return null;
end $$;
drop trigger new_version_of_moult on life_entry;
create trigger new_version_of_moult after insert on life_entry for each row
when (new.kind not in ('NOTE', 'RESTS', 'WOKE'))
execute function new_version_of_moult();
create index life_entry_missed on life_entry (animal_id) where kind = 'MISSED';

-- Who rests needs other air, other water and no food: whoever shows its enclosure must look again.
create function new_version_of_rest() returns trigger language plpgsql as $$
begin
  perform new_version_where_animal_was(new.animal_id);
  return null;
end $$;
create trigger new_version after insert on life_entry for each row when (new.kind in ('RESTS', 'WOKE'))
execute function new_version_of_rest();

-- The stage of young that are raised follows from their batch and its tubs: whoever shows them must look again.
create function new_version_of_raised() returns trigger language plpgsql as $$
begin
  perform new_version_where_animal_was(b.animal_id) from tub t join batch b on b.id = t.batch_id where t.place_id = new.place_id;
  return null;
end $$;
create trigger new_version after insert on tub_entry for each row when (new.kind in ('STAGE', 'SIZED'))
execute function new_version_of_raised();

create function new_version_of_batch() returns trigger language plpgsql as $$
begin
  perform new_version_where_animal_was(new.animal_id);
  return null;
end $$;
create trigger new_version after insert or update on batch for each row execute function new_version_of_batch();

-- Courses, cases and moults are work, and holds, on the list of the day: whoever shows it must look again.
create function new_version_of_health() returns trigger language plpgsql as $$
begin
  perform new_version_where_animal_was(new.animal_id);
  return null;
end $$;
create trigger new_version after insert or update on health_case for each row execute function new_version_of_health();
create trigger new_version after insert or update on health_course for each row execute function new_version_of_health();

create function new_version_of_course() returns trigger language plpgsql as $$
begin
  perform new_version_where_animal_was(animal_id) from health_course where id = new.course_id;
  return null;
end $$;
create trigger new_version after insert on course_entry for each row execute function new_version_of_course();

-- Whoever eats or walks about has come up again; that tells something only of one that was seen to dig in.
create function new_version_of_moult() returns trigger language plpgsql as $$
begin
  if new.kind in ('BURIED', 'SHED', 'MOULTED')
    or exists (select 1 from life_entry where animal_id = new.animal_id and kind = 'BURIED') then
    perform new_version_where_animal_was(new.animal_id);
  end if;
  return null;
end $$;
create trigger new_version_of_moult after insert on life_entry for each row
when (new.kind in ('BURIED', 'SHED', 'MOULTED', 'SEEN', 'FED', 'BATHED', 'BASKING'))
execute function new_version_of_moult();

-- A course that is ticked on the rounds counts on its own page too.
create index round_entry_courses on round_entry (task_key, day) where task_key like 'course:%';

-- What keepers feed an animal instead of what its sheet says, while it is in one stage. Only ever added to: the last
-- word on a stage counts, and one without foods is the sheet again.
create sequence menu_entry_id_seq increment by 50;
create table menu_entry (
    id         bigint primary key default nextval('menu_entry_id_seq'),
    animal_id  bigint not null references animal,
    stage      text not null check (length(stage) <= 40),
    foods      text not null check (length(foods) <= 20000),
    fasting    text not null check (fasting ~ '^([A-Z]+( [A-Z]+)*)?$'),
    since      date not null,
    reason     text not null check (length(reason) <= 300),
    strikes    bigint references menu_entry,
    client_id  uuid not null unique,
    entered_at timestamptz not null,
    entered_by bigint not null references person
);
create index menu_entry_of_animal on menu_entry (animal_id, id);

create function new_version_of_fed() returns trigger language plpgsql as $$
begin
  perform new_version_where_animal_was(new.animal_id);
  return null;
end $$;
create trigger new_version after insert on menu_entry for each row execute function new_version_of_fed();

-- The day the next time of a task was put on; used up once it has been done again.
create table planned_day (
    enclosure_id bigint not null references enclosure,
    task_key     text not null,
    after_day    date,
    day          date not null,
    primary key (enclosure_id, task_key)
);

create function new_task_version_of_plan() returns trigger language plpgsql as $$
begin
  update enclosure set task_version = this_transaction()
  where id = coalesce(new.enclosure_id, old.enclosure_id) and task_version <> this_transaction();
  return null;
end $$;
create trigger new_version after insert or update or delete on planned_day
    for each row execute function new_task_version_of_plan();

-- Days on which no big job is done: a holiday, or a helper who does the daily work alone.
create table days_off (
    id            bigint generated always as identity primary key,
    collection_id bigint not null references collection,
    first_day     date not null,
    last_day      date not null check (last_day between first_day and first_day + 366),
    note          text not null check (length(note) <= 80),
    client_id     uuid not null unique
);
create index days_off_of on days_off (collection_id, first_day);

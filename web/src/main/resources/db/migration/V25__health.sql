-- What looked wrong with an animal, and what was done about it: open until it has an outcome.
create table health_case (
    id            bigint generated always as identity primary key,
    collection_id bigint not null references collection,
    animal_id     bigint not null references animal,
    began_on      date not null,
    signs         text not null check (length(signs) <= 400),
    note          text not null check (length(note) <= 300),
    ended_on      date,
    outcome       text check (outcome in ('WELL', 'VET', 'DIED', 'NOTHING')),
    client_id     uuid not null unique,
    entered_by    bigint not null references person
);
create index health_case_of on health_case (collection_id, id);

-- A course an animal is in; a case may have several, and quarantine needs no case.
create table health_course (
    id            bigint generated always as identity primary key,
    collection_id bigint not null references collection,
    animal_id     bigint not null references animal,
    course        text not null check (length(course) <= 40),
    began_on      date not null,
    ended_on      date,
    result        text not null default '' check (length(result) <= 300),
    client_id     uuid not null unique
);
create index health_course_of on health_course (collection_id, id);

-- Only ever added to.
create sequence course_entry_id_seq increment by 50;
create table course_entry (
    id         bigint primary key default nextval('course_entry_id_seq'),
    course_id  bigint not null references health_course,
    day        date not null,
    note       text not null check (length(note) <= 300),
    strikes    bigint references course_entry,
    client_id  uuid not null unique,
    entered_at timestamptz not null,
    entered_by bigint not null references person
);
create index course_entry_of on course_entry (course_id, day);
create unique index course_entry_strikes on course_entry (strikes) where strikes is not null;

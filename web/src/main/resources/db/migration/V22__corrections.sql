-- A value of the water that is led from where it was to where it should be, in steps of a day.
create table correction (
    id           bigint generated always as identity primary key,
    enclosure_id bigint not null references enclosure,
    parameter    text not null check (parameter ~ '^[A-Z]+$'),
    from_value   double precision not null,
    to_value     double precision not null,
    begun_on     date not null,
    ended_on     date,
    client_id    uuid not null unique
);
create unique index correction_under_way on correction (enclosure_id, parameter) where ended_on is null;
create trigger new_version after insert or update on correction for each row execute function new_enclosure_version();

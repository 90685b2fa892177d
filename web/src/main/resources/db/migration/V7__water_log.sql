-- What keepers test in the water and do to it. Only ever added to; a correction strikes the entry it replaces.
-- Nitrogen as nitrogen, mg/L; hardness in German degrees. Numbers are taken fifty at a time, so that a file of years is read in one go.
create sequence water_test_id_seq increment by 50;
create table water_test (
    id           bigint primary key default nextval('water_test_id_seq'),
    enclosure_id bigint not null references enclosure,
    day          date not null,
    ammonia      double precision check (ammonia between 0 and 100),
    nitrite      double precision check (nitrite between 0 and 100),
    nitrate      double precision check (nitrate between 0 and 500),
    ph           double precision check (ph between 3 and 11),
    carbonate    double precision check (carbonate between 0 and 60),
    hardness     double precision check (hardness between 0 and 100),
    salinity     double precision check (salinity between 0 and 45),
    temperature  double precision check (temperature between -1.8 and 45),
    as_ion       boolean not null,
    strikes      bigint references water_test,
    client_id    uuid not null unique,
    entered_at   timestamptz not null,
    entered_by   bigint not null references person
);
create index water_test_of_enclosure on water_test (enclosure_id, day);
-- Few entries strike: a short index of these alone finds them at once.
create unique index water_test_strikes on water_test (strikes) where strikes is not null;

create sequence water_event_id_seq increment by 50;
create table water_event (
    id           bigint primary key default nextval('water_event_id_seq'),
    enclosure_id bigint not null references enclosure,
    day          date not null,
    kind         text not null check (kind ~ '^[A-Z_]+$'),
    amount       double precision not null,
    strikes      bigint references water_event,
    client_id    uuid not null unique,
    entered_at   timestamptz not null,
    entered_by   bigint not null references person
);
create index water_event_of_enclosure on water_event (enclosure_id, day);
create unique index water_event_strikes on water_event (strikes) where strikes is not null;
create index round_entry_strikes on round_entry (strikes) where strikes is not null;

-- Both, and what the rounds ticked off that touches the water, as they stand: neither strikes nor struck. One question answers all.
create view water_line as
select 't' || t.id as line, t.id as entry, t.enclosure_id, t.day, 'TEST' as kind, 0::double precision as amount,
       t.ammonia, t.nitrite, t.nitrate, t.ph, t.carbonate, t.hardness, t.salinity, t.temperature, t.as_ion
from water_test t
where t.strikes is null and not exists (select 1 from water_test s where s.strikes = t.id and s.strikes is not null)
union all
select 'e' || e.id, e.id, e.enclosure_id, e.day, e.kind, e.amount, null, null, null, null, null, null, null, null, false
from water_event e
where e.strikes is null and not exists (select 1 from water_event s where s.strikes = e.id and s.strikes is not null)
union all
select 'r' || r.id, r.id, r.enclosure_id, r.day, 'ROUND:' || r.task_key, 0, null, null, null, null, null, null, null, null, false
from round_entry r
where r.kind = 'DONE' and r.task_key in ('water-change', 'large-change', 'rinse-filter')
  and not exists (select 1 from round_entry s where s.strikes = r.id and s.strikes is not null);

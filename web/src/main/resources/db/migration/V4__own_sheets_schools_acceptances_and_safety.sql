-- Safety of the room: whether the socket has a residual-current device (null while nobody looked), small children about.
alter table room add column residual_current_device boolean;
alter table room add column small_children boolean not null default false;

-- Foods given besides those of the care sheet, by their ids, separated by spaces.
alter table resident add column also_fed text not null default '';

-- Care sheets of a collection's own. Every change is a new row; the newest number of a sheet is the sheet.
create table own_sheet (
    id            bigint generated always as identity primary key,
    collection_id bigint not null references collection,
    sheet         text not null check (sheet ~ '^[a-z0-9]+(-[a-z0-9]+)*$'),
    number        integer not null,
    yaml          text not null,
    reason        text not null,
    saved_at      timestamptz not null,
    saved_by      bigint not null references person,
    unique (collection_id, sheet, number)
);

-- The school a collection keeps a species by; every choice is a new row, the newest counts.
create table chosen_school (
    id            bigint generated always as identity primary key,
    collection_id bigint not null references collection,
    species       text not null,
    school        text not null,
    chosen_at     timestamptz not null,
    chosen_by     bigint not null references person
);
create index chosen_school_of_collection on chosen_school (collection_id);

-- Findings a keeper lives with for a while. The newest row of a finding counts; one that asks again today takes it back.
create table accepted_finding (
    id           bigint generated always as identity primary key,
    enclosure_id bigint not null references enclosure,
    rule         text not null,
    who          text not null,
    severity     text not null check (severity in ('WRONG', 'WATCH')),
    reason       text not null check (length(reason) between 1 and 300),
    ask_again    date not null,
    accepted_at  timestamptz not null,
    accepted_by  bigint not null references person
);
create index accepted_finding_of_enclosure on accepted_finding (enclosure_id);

-- A collection's own table of signs, causes or courses in the place of Islet's; every saved state is a new row, and one
-- without a text goes back to Islet's.
create table own_health_table (
    id            bigint generated always as identity primary key,
    collection_id bigint not null references collection,
    name          text not null check (name ~ '^[a-z]+$'),
    yaml          text check (length(yaml) <= 200000),
    reason        text not null check (length(reason) <= 200),
    saved_at      timestamptz not null,
    saved_by      bigint not null references person
);
create index own_health_table_of on own_health_table (collection_id, name, id);

-- The walk of the rounds: in which order, what is visited last with tools of its own, and where each stands by hand.
alter table collection add column walk_order text not null default 'HYGIENE'
    check (walk_order in ('HYGIENE', 'ROOM', 'OWN'));
alter table enclosure add column apart boolean not null default false;
alter table enclosure add column walk_place int check (walk_place between 1 and 9999);

-- What a day's list asked for, written down with its first tick: later plans do not change it.
create table day_list (
    enclosure_id bigint not null references enclosure,
    day          date not null,
    tasks        jsonb not null,
    primary key (enclosure_id, day)
);

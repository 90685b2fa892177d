-- A collection asked for twice is made once.
alter table collection add column client_id uuid not null default gen_random_uuid() unique;

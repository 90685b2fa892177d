-- Somebody invited twice by the same press is invited once.
alter table invitation add column client_id uuid not null default gen_random_uuid() unique;

-- The same for a helper by link; empty for whoever is a member.
alter table membership add column client_id uuid unique;

-- The school residents are kept by, by its name in the care sheet; null is the species' default.
alter table resident add column school text;

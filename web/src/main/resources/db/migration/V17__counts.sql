-- Few sightings carry a number: a short index of these alone finds the counts of a collection at once.
create index life_entry_counted on life_entry (animal_id, day) where kind = 'SEEN' and amount is not null;

-- A price as it is sold: "12.50", "2 for 9", "10 L for 8.50", or "owned". Older rows have a price for all of the line.
alter table item_price add column offer text check (length(offer) between 1 and 40);

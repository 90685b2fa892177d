// Entry point of every page: brings each behaviour to the hooks it finds. The pages work without it. What only some pages
// need is asked for by these.
import { enhance as keys } from "./part/keys.js";
import { enhance as later } from "./part/later.js";
import { find, land, locate, once, print, stages, steps } from "./part/small.js";
import { enhance as install } from "./rounds/install.js";
import { enhance as queue } from "./rounds/queue.js";

for (const enhance of [find, land, keys, later, locate, once, print, stages, steps, queue, install]) enhance(document);

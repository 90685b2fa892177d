// Entry point of every page: brings each behaviour to the hooks it finds. The pages work without it.
import { enhance as chart } from "./part/chart.js";
import { enhance as find } from "./part/find.js";
import { enhance as keys } from "./part/keys.js";
import { enhance as later } from "./part/later.js";
import { enhance as locate } from "./part/locate.js";
import { enhance as mark } from "./part/mark.js";
import { enhance as once } from "./part/once.js";
import { enhance as print } from "./part/print.js";
import { enhance as stages } from "./part/stages.js";
import { enhance as steps } from "./part/steps.js";
import { enhance as queue } from "./rounds/queue.js";
import { enhance as install } from "./rounds/install.js";
import { enhance as tubs } from "./rearing/board.js";
import { enhance as share } from "./rearing/share.js";
import { enhance as bath } from "./health/bath.js";
import { enhance as board } from "./bench/board.js";
import { enhance as drag } from "./bench/drag.js";
import { enhance as inspect } from "./bench/inspect.js";
import { enhance as panels } from "./bench/panels.js";
import { enhance as pins } from "./bench/pins.js";
import { enhance as history } from "./bench/history.js";
import { enhance as preview } from "./bench/preview.js";

for (const enhance of [chart, find, keys, later, locate, mark, once, print, stages, steps, queue, install, tubs, share, bath, preview, history, drag, board, inspect, panels, pins]) enhance(document);

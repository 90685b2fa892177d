// Entry point of the Build page: the drawing as a tool.
import { enhance as board } from "./board.js";
import { enhance as drag } from "./drag.js";
import { enhance as history } from "./history.js";
import { enhance as inspect } from "./inspect.js";
import { enhance as panels } from "./panels.js";
import { enhance as pins } from "./pins.js";
import { enhance as preview } from "./preview.js";

for (const enhance of [preview, history, drag, board, inspect, panels, pins]) enhance(document);

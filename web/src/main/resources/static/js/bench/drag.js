/**
 * Lets the water line, the points of the ground, the cut and the parts be taken by the pointer or nudged by the arrow
 * keys. Both only write numbers into the design form, as if they were typed; the preview then asks the server and swaps
 * the drawing, also while the finger is still down.
 */

const SNAP_CM = 0.5;

/** A press that moved less than this was a click, px. */
const STILL_PX = 3;

/**
 * @param {Document} root
 * @returns {() => void}
 */
export function enhance(root) {
  const form = root.querySelector("form[data-preview]");
  if (!form || form.querySelector("fieldset:disabled")) return () => {};
  const unitsPerCm = Number(form.dataset.unitsPerCm) || 1;
  let held = null;
  let chosen = null;

  const rowOf = name => form.querySelector(`[data-row="${CSS.escape(name)}"]`);

  /** Fields a handle moves, and which way of the drawing each follows; heights grow upwards. */
  function fieldsOf(handle, part, plan) {
    if (handle === "depth") return [[form.elements.depth, 0, -1]];
    if (handle === "cut") return [[form.elements.cut, 0, 1]];
    if (handle) return [[form.elements[`${handle}-x`], 1, 0], [form.elements[`${handle}-rise`], 0, -1]];
    const row = part && rowOf(part);
    const field = name => row?.querySelector(`[name$="-${name}"]`);
    if (!row || field("locked").checked) return null;
    return plan ? [[field("x"), 1, 0], [field("y"), 0, 1]] : [[field("x"), 1, 0], [field("bottom"), 0, -1], [field("top"), 0, -1]];
  }

  function number(input) {
    const value = Number(input.value.replace(",", "."));
    return Number.isFinite(value) ? value : 0;
  }

  function write(input, value) {
    const least = /-[xy]$/.test(input.name) && input.name.startsWith("p") ? -Infinity : 0;
    const most = input.type === "range" ? Number(input.max) : Infinity;
    input.value = String(Math.round(Math.min(most, Math.max(least, value)) * 100) / 100);
  }

  const tell = (input, type) => input.dispatchEvent(new Event(type, { bubbles: true }));

  function down(event) {
    const svg = event.target.closest?.("#answer svg.working");
    if (held || !svg || event.button !== 0) return;
    const handle = event.target.closest("[data-drag]")?.dataset.drag;
    const part = event.target.closest("[data-part]")?.dataset.part;
    const plan = svg.classList.contains("plan");
    choose(handle ? null : part, plan);
    const fields = fieldsOf(handle, part, plan);
    if (!fields) return;
    event.preventDefault();
    const cmPerPx = svg.viewBox.baseVal.width / svg.getBoundingClientRect().width / Number(svg.dataset.scale);
    held = { pointer: event.pointerId, x: event.clientX, y: event.clientY, cmPerPx, moved: false, fields: fields.map(([input, x, y]) => ({ input, x, y, from: number(input) })) };
  }

  function move(event) {
    if (event.pointerId !== held?.pointer) return;
    held.moved ||= Math.hypot(event.clientX - held.x, event.clientY - held.y) > STILL_PX;
    if (!held.moved) return;
    const snap = event.altKey ? 0 : SNAP_CM * unitsPerCm;
    for (const { input, x, y, from } of held.fields) {
      const cm = ((event.clientX - held.x) * x + (event.clientY - held.y) * y) * held.cmPerPx;
      const value = from + cm * unitsPerCm;
      write(input, snap ? Math.round(value / snap) * snap : value);
    }
    tell(held.fields[0].input, "input");
  }

  function up(event) {
    if (event.pointerId !== held?.pointer) return;
    if (held.moved) tell(held.fields[0].input, "change");
    held = null;
  }

  /** The part taken last: its row is open, and the arrow keys are its own. */
  function choose(part, plan) {
    chosen = part && rowOf(part) ? { part, plan } : null;
    show();
    if (chosen) rowOf(part).open = true;
  }

  /** The part whose row this is the head of. */
  const partOf = target => target.tagName === "SUMMARY" ? target.parentElement.dataset.row : null;

  /** By keyboard a part is chosen where its row is gone to; the arrow keys then move it in the section. */
  function focused(event) {
    const part = partOf(event.target);
    if (!part || !root.querySelector(`#answer [data-part="${CSS.escape(part)}"]`)) return;
    chosen = { part, plan: false };
    show();
  }

  function show() {
    for (const element of root.querySelectorAll("#answer .s-chosen")) element.classList.toggle("s-chosen", element.dataset.part === chosen?.part);
    if (chosen) for (const element of root.querySelectorAll(`#answer [data-part="${CSS.escape(chosen.part)}"]`)) element.classList.add("s-chosen");
  }

  const ARROWS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

  function keys(event) {
    if (event.target.inputMode === "decimal") return nudge(event);
    if (!chosen || event.ctrlKey || event.metaKey) return;
    if (/^(INPUT|SELECT|TEXTAREA|BUTTON|SUMMARY|A)$/.test(event.target.tagName) && partOf(event.target) !== chosen.part) return;
    if (event.key === "Delete") return act("removePart");
    if (event.key === "c") return act("copyPart");
    const way = ARROWS[event.key];
    const fields = way && fieldsOf(null, chosen.part, chosen.plan);
    if (!fields) return;
    event.preventDefault();
    const step = (event.shiftKey ? 10 : 1) * SNAP_CM * unitsPerCm;
    for (const [input, x, y] of fields) write(input, number(input) + (way[0] * x + way[1] * y) * step);
    tell(fields[0][0], "input");
    tell(fields[0][0], "change");
  }

  function act(name) {
    form.dispatchEvent(new CustomEvent("design:act", { detail: { name, value: chosen.part } }));
  }

  /** Up and down change a number by one, with Shift by ten. */
  function nudge(event) {
    if (event.key !== "ArrowUp" && event.key !== "ArrowDown" || event.target.form !== form) return;
    event.preventDefault();
    const step = (event.key === "ArrowUp" ? 1 : -1) * (event.shiftKey ? 10 : 1);
    event.target.value = String(Math.round((number(event.target) + step) * 100) / 100);
    tell(event.target, "input");
    tell(event.target, "change");
  }

  /** A second press on the ground puts a point there. */
  function point(event) {
    const svg = event.target.closest?.("#answer svg.working:not(.plan)");
    if (!svg || !event.target.closest(".s-ground, .s-layer, .s-water, .s-air")) return;
    const at = svg.createSVGPoint();
    at.x = event.clientX;
    at.y = event.clientY;
    const x = at.matrixTransform(svg.getScreenCTM().inverse()).x;
    const cm = (x - Number(svg.dataset.left)) / Number(svg.dataset.scale);
    const value = String(Math.round(cm / SNAP_CM) * SNAP_CM * unitsPerCm);
    form.dispatchEvent(new CustomEvent("design:act", { detail: { name: "addPoint", value } }));
  }

  root.addEventListener("pointerdown", down);
  root.addEventListener("pointermove", move);
  root.addEventListener("pointerup", up);
  root.addEventListener("pointercancel", up);
  root.addEventListener("keydown", keys);
  form.addEventListener("focusin", focused);
  root.addEventListener("dblclick", point);
  form.addEventListener("design:drawn", show);
  return () => {
    root.removeEventListener("pointerdown", down);
    root.removeEventListener("pointermove", move);
    root.removeEventListener("pointerup", up);
    root.removeEventListener("pointercancel", up);
    root.removeEventListener("keydown", keys);
    form.removeEventListener("focusin", focused);
    root.removeEventListener("dblclick", point);
    form.removeEventListener("design:drawn", show);
  };
}

/**
 * Lets the water line and the parts be dragged in the drawings. A drag only writes numbers into the design form, as if
 * they were typed; the preview then asks the server and swaps the drawing, also while the finger is still down.
 */

const SNAP_CM = 0.5;

/**
 * @param {Document} root
 * @returns {() => void}
 */
export function enhance(root) {
  const form = root.querySelector("form[data-preview]");
  if (!form || form.querySelector("fieldset:disabled")) return () => {};
  const unitsPerCm = Number(form.dataset.unitsPerCm) || 1;
  let held = null;

  /** Fields a handle moves, and which way of the drawing each follows; heights grow upwards. */
  function fieldsOf(target, plan) {
    const line = target.closest("[data-drag=depth]");
    if (line) return [[form.elements.depth, 0, -1]];
    const part = target.closest("[data-part]");
    if (!part || part.classList.contains("s-locked")) return null;
    const row = form.querySelector(`[data-row="${CSS.escape(part.dataset.part)}"]`);
    const field = name => row?.querySelector(`[name$="-${name}"]`);
    if (!row) return null;
    return plan ? [[field("x"), 1, 0], [field("y"), 0, 1]] : [[field("x"), 1, 0], [field("bottom"), 0, -1], [field("top"), 0, -1]];
  }

  function number(input) {
    const value = Number(input.value.replace(",", "."));
    return Number.isFinite(value) ? value : 0;
  }

  function down(event) {
    const svg = event.target.closest?.("#answer svg.working");
    if (!svg || event.button !== 0) return;
    const fields = fieldsOf(event.target, svg.classList.contains("plan"));
    if (!fields) return;
    event.preventDefault();
    const cmPerPx = svg.viewBox.baseVal.width / svg.getBoundingClientRect().width / Number(svg.dataset.scale);
    held = { x: event.clientX, y: event.clientY, cmPerPx, fields: fields.map(([input, x, y]) => ({ input, x, y, from: number(input) })) };
  }

  function move(event) {
    if (!held) return;
    const snap = event.altKey ? 0 : SNAP_CM * unitsPerCm;
    for (const { input, x, y, from } of held.fields) {
      const cm = ((event.clientX - held.x) * x + (event.clientY - held.y) * y) * held.cmPerPx;
      const value = from + cm * unitsPerCm;
      const least = input.name.endsWith("-x") || input.name.endsWith("-y") ? -Infinity : 0;
      const snapped = snap ? Math.round(value / snap) * snap : value;
      input.value = String(Math.round(Math.max(least, snapped) * 100) / 100);
    }
    held.fields[0].input.dispatchEvent(new Event("input", { bubbles: true }));
  }

  function up() {
    held = null;
  }

  /** Up and down change a number by one, with Shift by ten. */
  function nudge(event) {
    if (event.key !== "ArrowUp" && event.key !== "ArrowDown") return;
    if (event.target.inputMode !== "decimal") return;
    event.preventDefault();
    const step = (event.key === "ArrowUp" ? 1 : -1) * (event.shiftKey ? 10 : 1);
    event.target.value = String(Math.round((number(event.target) + step) * 100) / 100);
    event.target.dispatchEvent(new Event("input", { bubbles: true }));
  }

  root.addEventListener("pointerdown", down);
  root.addEventListener("pointermove", move);
  root.addEventListener("pointerup", up);
  root.addEventListener("pointercancel", up);
  form.addEventListener("keydown", nudge);
  return () => {
    root.removeEventListener("pointerdown", down);
    root.removeEventListener("pointermove", move);
    root.removeEventListener("pointerup", up);
    root.removeEventListener("pointercancel", up);
    form.removeEventListener("keydown", nudge);
  };
}

/** The length of an animal in a photo: drawn from one end to the other, kept in four fields. */

const HUNDRED = 100;

/**
 * @param {Document} root
 * @returns {() => void}
 */
export function enhance(root) {
  const stage = root.querySelector("[data-mark]");
  if (!stage) return () => {};
  const form = stage.closest("form");
  const line = stage.querySelector("line");
  const field = (name) => form.elements.namedItem(name);
  /** Shares of the picture, in per cent. */
  function at(event) {
    const box = stage.getBoundingClientRect();
    const share = (value, from, size) => Math.max(0, Math.min(HUNDRED, ((value - from) / size) * HUNDRED));
    return { x: share(event.clientX, box.left, box.width), y: share(event.clientY, box.top, box.height) };
  }
  function set(end, point) {
    field(`${end}X`).value = point.x.toFixed(1);
    field(`${end}Y`).value = point.y.toFixed(1);
    draw();
  }
  function draw() {
    line.setAttribute("x1", field("fromX").value);
    line.setAttribute("y1", field("fromY").value);
    line.setAttribute("x2", field("toX").value);
    line.setAttribute("y2", field("toY").value);
  }
  function down(event) {
    event.preventDefault();
    stage.setPointerCapture(event.pointerId);
    set("from", at(event));
    set("to", at(event));
  }
  function move(event) {
    if (stage.hasPointerCapture(event.pointerId)) set("to", at(event));
  }
  stage.addEventListener("pointerdown", down);
  stage.addEventListener("pointermove", move);
  form.addEventListener("input", draw);
  return () => {
    stage.removeEventListener("pointerdown", down);
    stage.removeEventListener("pointermove", move);
    form.removeEventListener("input", draw);
  };
}

enhance(document);

/** Curves that are read step by step: with the pointer over the drawing, or with the keys of the slider under it. */

/**
 * @param {Document} root
 * @returns {() => void}
 */
export function enhance(root) {
  const undo = [...root.querySelectorAll("[data-chart]")].map(follow);
  return () => undo.forEach(stop => stop());
}

/** @param {HTMLElement} figure */
function follow(figure) {
  const rows = figure.dataset.rows.split("|");
  const svg = figure.querySelector("svg");
  const slider = figure.querySelector("input");
  const words = figure.querySelector("figcaption");
  const cursor = svg.querySelector(".c-cursor");
  const left = Number(svg.dataset.left);
  const right = Number(svg.dataset.right);

  function show() {
    const step = Number(slider.value);
    words.textContent = rows[step];
    slider.setAttribute("aria-valuetext", rows[step]);
    cursor.setAttribute("transform", `translate(${(right - left) * step / Math.max(1, rows.length - 1)} 0)`);
  }

  function point(event) {
    const box = svg.getBoundingClientRect();
    const at = (event.clientX - box.left) / box.width * svg.viewBox.baseVal.width;
    slider.value = String(Math.round((at - left) / (right - left) * (rows.length - 1)));
    show();
  }

  show();
  slider.addEventListener("input", show);
  svg.addEventListener("pointermove", point);
  return () => {
    slider.removeEventListener("input", show);
    svg.removeEventListener("pointermove", point);
  };
}

enhance(document);

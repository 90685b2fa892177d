/**
 * Folds the panels beside the drawing away and back; what was folded stays so on the next page.
 *
 * @param {Document} root
 * @returns {() => void}
 */
export function enhance(root) {
  const bench = root.querySelector(".workbench");
  if (!bench) return () => {};
  const store = root.defaultView.localStorage;
  const keyOf = button => `islet-panel:${button.dataset.panel}`;

  function show(button, shown) {
    button.setAttribute("aria-pressed", String(shown));
    bench.classList.toggle(`no-${button.dataset.panel}`, !shown);
  }

  function click(event) {
    const button = event.target.closest("[data-panel]");
    if (!button) return;
    const shown = button.getAttribute("aria-pressed") !== "true";
    store.setItem(keyOf(button), String(shown));
    show(button, shown);
  }

  for (const button of bench.querySelectorAll("[data-panel]")) show(button, store.getItem(keyOf(button)) !== "false");
  bench.addEventListener("click", click);
  return () => bench.removeEventListener("click", click);
}

/** On a narrow screen the row of steps begins at the one that is open. */

/**
 * @param {Document} root
 * @returns {() => void}
 */
export function enhance(root) {
  for (const row of root.querySelectorAll("[data-steps]")) {
    const open = row.querySelector("[aria-current]");
    if (!open) continue;
    const beside = (row.clientWidth - open.offsetWidth) / 2;
    row.scrollLeft += open.getBoundingClientRect().left - row.getBoundingClientRect().left - beside;
  }
  return () => {};
}

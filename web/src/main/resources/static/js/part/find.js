/**
 * Narrows a list to what holds all the words typed; groups with nothing left go too.
 *
 * @param {Document} root
 * @returns {() => void}
 */
export function enhance(root) {
  const field = root.querySelector("[data-find]");
  if (!field) return () => {};

  function narrow() {
    const words = field.value.toLowerCase().split(/\s+/).filter(Boolean);
    for (const item of root.querySelectorAll(field.dataset.find)) {
      const text = item.textContent.toLowerCase();
      item.hidden = !words.every(word => text.includes(word));
    }
    for (const group of root.querySelectorAll("[data-found-group]")) {
      group.hidden = !group.querySelector("[data-found]:not([hidden])");
    }
  }

  field.addEventListener("input", narrow);
  return () => field.removeEventListener("input", narrow);
}

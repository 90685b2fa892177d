/** "All" beside a tub takes all of it out. */

/**
 * @param {Document} root
 * @returns {() => void}
 */
export function enhance(root) {
  const form = root.querySelector("[data-share]");
  if (!form) return () => {};

  /** @param {MouseEvent} event */
  function take(event) {
    const button = event.target.closest("[data-take-all]");
    if (button) button.parentElement.querySelector("[data-take]").value = button.dataset.count;
  }

  form.querySelectorAll("[data-take-all]").forEach(button => { button.hidden = button.dataset.count === "0"; });
  form.addEventListener("click", take);
  return () => form.removeEventListener("click", take);
}

enhance(document);

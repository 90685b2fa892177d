/**
 * Prints the page from a button; without scripts the browser's own menu does.
 *
 * @param {Document} root
 * @returns {() => void}
 */
export function enhance(root) {
  const button = root.querySelector("[data-print]");
  if (!button) return () => {};
  const print = () => root.defaultView.print();
  button.addEventListener("click", print);
  return () => button.removeEventListener("click", print);
}

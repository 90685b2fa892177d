/** A form that is on its way is not sent again. The server would log it once anyway; this spares the second trip. */

/**
 * @param {Document} root
 * @returns {() => void}
 */
export function enhance(root) {
  const sent = new WeakSet();
  function submit(event) {
    if (!event.target.matches("[data-once]")) return;
    if (sent.has(event.target)) event.preventDefault();
    sent.add(event.target);
  }
  root.addEventListener("submit", submit);
  return () => root.removeEventListener("submit", submit);
}

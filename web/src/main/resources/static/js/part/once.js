/** A form that is on its way is not sent again. The server would log it once anyway; this spares the second trip. */

/**
 * @param {Document} root
 * @returns {() => void}
 */
export function enhance(root) {
  let sent = new WeakSet();
  /** A page that comes back from the browser's memory may be sent anew. */
  const forget = () => { sent = new WeakSet(); };
  function submit(event) {
    if (!event.target.matches("[data-once]")) return;
    if (sent.has(event.target)) event.preventDefault();
    sent.add(event.target);
  }
  root.addEventListener("submit", submit);
  window.addEventListener("pageshow", forget);
  return () => {
    root.removeEventListener("submit", submit);
    window.removeEventListener("pageshow", forget);
  };
}

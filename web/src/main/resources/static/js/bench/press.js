/**
 * A button that moves between the press and the release of a finger is not clicked: what would move it waits until
 * the finger is up.
 */

/** Whatever happened to the finger, nothing waits longer. */
const PATIENCE_MS = 600;

/**
 * @param {Document} root
 * @returns {{ over: () => Promise<void>, close: () => void }} `over` comes back once no button is held down
 */
export function watch(root) {
  let up = () => {};
  let held = Promise.resolve();
  function down(event) {
    if (!event.target.closest?.("button, a, summary, label, select")) return;
    held = new Promise(done => {
      const patience = setTimeout(done, PATIENCE_MS);
      // The click comes after the release, in the same turn.
      up = () => { clearTimeout(patience); setTimeout(done); };
    });
  }
  const released = () => up();
  root.addEventListener("pointerdown", down, true);
  root.addEventListener("pointerup", released, true);
  root.addEventListener("pointercancel", released, true);
  return {
    over: () => held,
    close: () => {
      root.removeEventListener("pointerdown", down, true);
      root.removeEventListener("pointerup", released, true);
      root.removeEventListener("pointercancel", released, true);
    },
  };
}

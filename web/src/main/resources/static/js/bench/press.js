/**
 * A button that moves between the press and the release of a finger is not clicked: what would move it waits until
 * the finger is up.
 */

/** Whatever happened to the finger, nothing waits longer. Hands that tremble hold a button for seconds. */
const PATIENCE_MS = 10000;

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
  /** A release outside the window is not heard here, but the pointer comes back with no button held. */
  const moved = event => { if (event.buttons === 0) up(); };
  root.addEventListener("pointerdown", down, true);
  root.addEventListener("pointermove", moved, true);
  root.addEventListener("pointerup", released, true);
  root.addEventListener("pointercancel", released, true);
  return {
    over: () => held,
    close: () => {
      root.removeEventListener("pointerdown", down, true);
      root.removeEventListener("pointermove", moved, true);
      root.removeEventListener("pointerup", released, true);
      root.removeEventListener("pointercancel", released, true);
    },
  };
}

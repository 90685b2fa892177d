/** Walks through a bath: says for each batch whether it waits, bathes, dries or may go back. */

const SECOND_MS = 1000;
const SECONDS = 60;

/**
 * @param {Document} root
 * @returns {() => void}
 */
export function enhance(root) {
  const bath = root.querySelector("[data-bath]");
  if (!bath) return () => {};
  const start = bath.querySelector("[data-bath-start]");
  let timer = 0;
  let begun = 0;

  const left = seconds => `${Math.floor(seconds / SECONDS)}:${String(Math.floor(seconds % SECONDS)).padStart(2, "0")}`;

  function tick() {
    const now = (Date.now() - begun) / SECOND_MS;
    for (const batch of bath.querySelectorAll("[data-start]")) {
      const clock = batch.querySelector("[data-clock]");
      const at = ["start", "out", "dry"].map(name => Number(batch.dataset[name]) * SECONDS);
      const phase = at.findIndex(second => now < second);
      const words = [clock.dataset.waits, clock.dataset.bathes, clock.dataset.dries][phase] ?? clock.dataset.done;
      const said = words.replace("{0}", phase < 0 ? "" : left(at[phase] - now));
      if (clock.textContent !== said) clock.textContent = said;
      batch.classList.toggle("is-now", phase === 1);
    }
  }

  start.hidden = false;
  start.addEventListener("click", () => {
    begun = Date.now();
    clearInterval(timer);
    timer = setInterval(tick, SECOND_MS);
    tick();
  });
  return () => clearInterval(timer);
}

enhance(document);

/**
 * The board of tubs by keyboard, and several at once. Arrow keys go from card to card; a letter does on the card what its
 * button does. Without scripts every card works as it is.
 */

/** Letter to the button it presses. */
const KEYS = { f: "FED", c: "CHANGED", u: "FLUSHED", e: "EATEN", l: "LEFT_OVER", n: "STAGE", d: "LOST" };
const STEPS = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };
const MINUTE_MS = 60000;

/**
 * @param {Document} root
 * @returns {() => void}
 */
export function enhance(root) {
  const cards = () => [...root.querySelectorAll("[data-tub]")];
  if (cards().length === 0) return () => {};
  const many = root.querySelector("[data-many]");
  const chosen = () => root.querySelectorAll('[name="tub"]:checked').length;

  function count() {
    if (!many) return;
    many.dataset.live = chosen() > 0 ? "some" : "";
    const words = many.querySelector("[data-chosen-words]");
    words.textContent = words.dataset.words.replace("{0}", String(chosen()));
  }

  function chooseAll() {
    const boxes = [...root.querySelectorAll('[name="tub"]')];
    const all = boxes.every(box => box.checked);
    boxes.forEach(box => { box.checked = !all; });
    count();
  }

  /** @param {KeyboardEvent} event */
  function key(event) {
    const card = event.target.closest?.("[data-tub]");
    const typing = event.target.matches?.("input:not([type=checkbox]), select, textarea");
    if (!card || typing || event.ctrlKey || event.metaKey || event.altKey) return;
    if (event.key in STEPS) {
      const all = cards();
      all[all.indexOf(card) + STEPS[event.key]]?.focus();
      event.preventDefault();
    } else if (event.key === "x") {
      card.querySelector('[name="tub"]')?.click();
    } else if (event.key in KEYS) {
      card.querySelector(`[data-act="${KEYS[event.key]}"]`)?.click();
      event.preventDefault();
    }
  }

  /** A meal whose time is over wants a look. */
  function look() {
    const now = new Date().toTimeString().slice(0, 5);
    for (const place of root.querySelectorAll("[data-look-at]")) {
      const due = now >= place.dataset.lookAt;
      place.classList.toggle("is-due", due);
      if (due) place.textContent = place.dataset.nowWords;
    }
  }

  const all = root.querySelector("[data-choose-all]");
  if (all) {
    all.hidden = false;
    all.addEventListener("click", chooseAll);
  }
  cards().forEach(card => { card.tabIndex = 0; });
  root.addEventListener("change", count);
  root.addEventListener("keydown", key);
  const timer = setInterval(look, MINUTE_MS);
  look();
  count();
  return () => {
    clearInterval(timer);
    root.removeEventListener("change", count);
    root.removeEventListener("keydown", key);
  };
}

enhance(document);

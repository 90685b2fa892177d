// Behaviours of a few lines each, in one file: a request costs more than they do.

/**
 * Narrows a list to what holds all the words typed; groups with nothing left go too.
 *
 * @param {Document} root
 * @returns {() => void}
 */
export function find(root) {
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

// Half a degree is near enough for seasons and day length, and tells nobody where one lives.
const ROUNDED = 2;

/**
 * Adds a button beside the list of places that takes the place of this device, rounded.
 *
 * @param {Document} root
 * @returns {() => void}
 */
export function locate(root) {
  const button = root.querySelector("[data-locate]");
  const list = root.querySelector("select[name=place]");
  if (!button || !list || !navigator.geolocation) return () => {};
  const state = root.querySelector("[data-locate-state]");
  button.hidden = false;

  const round = degrees => Math.round(degrees * ROUNDED) / ROUNDED;

  function take({ coords }) {
    const value = `${round(coords.latitude)},${round(coords.longitude)}`;
    if (![...list.options].some(o => o.value === value)) list.add(new Option(button.dataset.locate, value));
    list.value = value;
    state.textContent = "";
  }

  function ask() {
    navigator.geolocation.getCurrentPosition(take, () => {
      state.textContent = state.dataset.locateState;
    });
  }

  button.addEventListener("click", ask);
  return () => button.removeEventListener("click", ask);
}

/**
 * A form that is on its way is not sent again. The server would log it once anyway; this spares the second trip.
 *
 * @param {Document} root
 * @returns {() => void}
 */
export function once(root) {
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

/**
 * Prints the page from a button; without scripts the browser's own menu does.
 *
 * @param {Document} root
 * @returns {() => void}
 */
export function print(root) {
  const button = root.querySelector("[data-print]");
  if (!button) return () => {};
  const ask = () => root.defaultView.print();
  button.addEventListener("click", ask);
  return () => button.removeEventListener("click", ask);
}

/**
 * Shows only the stages of the species that is chosen; without script all of them stand in the list.
 *
 * @param {Document} root
 * @returns {() => void}
 */
export function stages(root) {
  const species = root.querySelector("select[name=species]");
  const stage = root.querySelector("select[name=stage]");
  if (!species || !stage) return () => {};
  const all = [...stage.options];

  function narrow() {
    const chosen = stage.value;
    stage.replaceChildren(...all.filter(o => !o.value || !species.value || o.value.startsWith(species.value + "/")));
    stage.value = [...stage.options].some(o => o.value === chosen) ? chosen : "";
  }

  narrow();
  species.addEventListener("change", narrow);
  return () => species.removeEventListener("change", narrow);
}

/**
 * On a narrow screen the row of steps begins at the one that is open.
 *
 * @param {Document} root
 * @returns {() => void}
 */
export function steps(root) {
  for (const row of root.querySelectorAll("[data-steps]")) {
    const open = row.querySelector("[aria-current]");
    if (!open) continue;
    const beside = (row.clientWidth - open.offsetWidth) / 2;
    row.scrollLeft += open.getBoundingClientRect().left - row.getBoundingClientRect().left - beside;
  }
  return () => {};
}

/**
 * Puts whoever asked at the answer: in sight, and where a screen reader goes on. Where there is none, what a page says of what was
 * done is read, and nothing moves.
 *
 * @param {Document} root
 * @returns {() => void}
 */
export function land(root) {
  const answer = root.querySelector("[data-answer]");
  if (!answer) root.querySelector("[data-told]")?.focus({ preventScroll: true });
  if (answer) {
    answer.focus({ preventScroll: true });
    const { top } = answer.getBoundingClientRect();
    if (top < 0 || top > root.defaultView.innerHeight / 2) answer.scrollIntoView({ block: "start" });
  }
  return () => {};
}

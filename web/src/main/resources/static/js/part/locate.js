// Half a degree is near enough for seasons and day length, and tells nobody where one lives.
const ROUNDED = 2;

/**
 * Adds a button beside the list of places that takes the place of this device, rounded.
 *
 * @param {Document} root
 * @returns {() => void}
 */
export function enhance(root) {
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

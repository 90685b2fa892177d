/** The tools beside the drawings: what is laid over the plan, the sliders, and findings that point at their place. */

/**
 * @param {Document} root
 * @returns {() => void}
 */
export function enhance(root) {
  const board = root.getElementById("board");
  const form = root.querySelector("form[data-preview]");
  if (!board || !form) return () => {};
  const tools = board.querySelector(".board-tools");
  const store = root.defaultView.localStorage;
  let marked = "";
  let idle = 0;

  function overlays() {
    for (const box of tools.querySelectorAll("[data-overlay]")) board.classList.toggle(`no-${box.dataset.overlay}`, !box.checked);
  }

  function overlay(event) {
    if (!event.target.dataset.overlay) return;
    store.setItem(`islet-overlay:${event.target.dataset.overlay}`, String(event.target.checked));
    overlays();
  }

  /** Same words are left alone: written again, they would be laid out again with every move. */
  const say = (place, words) => { if (place.textContent !== words) place.textContent = words; };

  /** The words beside a slider; what they mean for the animals the server says. */
  function sliders() {
    const cut = form.elements.cut;
    const ahead = form.elements.ahead;
    const cutWords = tools.querySelector("[data-for=cut]");
    if (cut) say(cutWords, `${cut.value} ${cutWords.dataset.unit}`);
    if (ahead) say(tools.querySelector("[data-for=ahead]"), ahead.value === "0" ? "today" : `${ahead.value} months`);
  }

  /** What fails as they grow takes a while to ask: when hands rest. */
  function later() {
    root.defaultView.clearTimeout(idle);
    idle = root.defaultView.setTimeout(outlook, 700);
  }

  async function outlook() {
    if (!form.elements.ahead) return;
    const response = await fetch(`${form.dataset.preview}/outlook`, { method: "POST", body: new URLSearchParams(new FormData(form)) }).catch(() => null);
    if (!response?.ok) return;
    const piece = new DOMParser().parseFromString(await response.text(), "text/html").getElementById("outlook");
    const months = Number(piece.dataset.months);
    form.elements.ahead.max = String(months);
    tools.querySelector(".marks").replaceChildren(...[...piece.querySelectorAll("[data-month]")].map(m => {
      const tick = root.createElement("i");
      tick.title = m.textContent;
      tick.style.left = `${100 * Number(m.dataset.month) / months}%`;
      return tick;
    }));
    root.getElementById("outlook").replaceWith(root.adoptNode(piece));
  }

  function click(event) {
    const go = event.target.closest("[data-go-ahead]");
    if (go) {
      form.elements.ahead.value = go.dataset.goAhead;
      form.elements.ahead.dispatchEvent(new Event("input", { bubbles: true }));
    }
    const show = event.target.closest("[data-show]");
    if (show) {
      mark(show.closest("[data-things]").dataset.things);
      board.querySelector(".s-marked")?.closest("svg").scrollIntoView({ block: "nearest" });
      return;
    }
    const thing = event.target.closest?.("#answer svg.working [data-thing]");
    if (thing) findingsOf(thing);
  }

  const words = text => (text ?? "").split(" ").filter(Boolean);

  function mark(things) {
    marked = things;
    const wanted = new Set(words(things));
    for (const element of board.querySelectorAll("[data-thing]")) {
      element.classList.toggle("s-marked", words(element.dataset.thing).some(w => wanted.has(w)));
    }
  }

  /** From a place in the drawing to what is said of it. */
  function findingsOf(thing) {
    const wanted = new Set(words(thing.dataset.thing));
    let first = null;
    for (const finding of board.querySelectorAll(".finding")) {
      const about = words(finding.dataset.things).some(w => wanted.has(w));
      finding.classList.toggle("about", about);
      first ??= about ? finding : null;
    }
    first?.scrollIntoView({ block: "nearest" });
  }

  function drawn() {
    if (marked) mark(marked);
    later();
  }

  tools.hidden = false;
  for (const box of tools.querySelectorAll("[data-overlay]")) {
    const kept = store.getItem(`islet-overlay:${box.dataset.overlay}`);
    if (kept !== null) box.checked = kept === "true";
  }
  overlays();
  sliders();
  drawn();
  if (form.elements.depths?.checked) form.elements.depths.dispatchEvent(new Event("input", { bubbles: true }));
  tools.addEventListener("change", overlay);
  board.addEventListener("input", sliders);
  board.addEventListener("click", click);
  form.addEventListener("design:drawn", drawn);
  form.addEventListener("design:drawn", sliders);
  return () => {
    root.defaultView.clearTimeout(idle);
    tools.removeEventListener("change", overlay);
    board.removeEventListener("input", sliders);
    board.removeEventListener("click", click);
    form.removeEventListener("design:drawn", drawn);
    form.removeEventListener("design:drawn", sliders);
  };
}

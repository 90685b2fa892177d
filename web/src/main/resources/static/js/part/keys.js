/**
 * Keys that work on every page: "/" jumps, "g" and a letter goes, "?" shows the keys, on the rounds
 * "d" settles the task one is at and "n" goes to the next, "t" begins a test. Who speaks to their computer may switch them off.
 */

const SWITCH = "islet.keys";

const typing = target => target instanceof HTMLElement && (target.isContentEditable || /^(INPUT|SELECT|TEXTAREA)$/.test(target.tagName));

/**
 * @param {Document} root
 * @returns {() => void} takes the keys away again
 */
export function enhance(root) {
  const jump = root.getElementById("jump");
  const help = root.getElementById("keys");
  const list = root.getElementById("jump-list");
  const field = root.getElementById("jump-field");
  const wanted = root.getElementById("keys-on");
  let going = false;
  let places = [];

  async function openJump() {
    const hook = root.querySelector("[data-jump-url]");
    if (!hook) return;
    if (!jump.open) jump.showModal();
    field.value = "";
    field.focus();
    if (places.length === 0) places = await (await fetch(hook.dataset.jumpUrl)).json();
    show();
  }

  function show() {
    const words = field.value.toLowerCase().split(/\s+/).filter(Boolean);
    const found = places.filter(p => words.every(w => p.words.toLowerCase().includes(w))).slice(0, 10);
    list.replaceChildren(...found.map((p, i) => {
      const item = root.createElement("li");
      const link = root.createElement("a");
      link.href = p.href;
      link.textContent = p.words;
      item.classList.toggle("first", i === 0);
      item.append(link);
      return item;
    }));
  }

  function key(event) {
    if (!wanted.checked) return;
    if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target) || jump.open || help.open) return;
    if (going) {
      going = false;
      const link = root.querySelector(`[data-go="${CSS.escape(event.key)}"]`);
      if (link) link.click();
    } else if (event.key === "/") {
      event.preventDefault();
      openJump();
    } else if (event.key === "g") {
      going = true;
    } else if (event.key === "?") {
      help.showModal();
    } else if (event.key === "d") {
      (doneUnderFocus() ?? tasks()[0])?.click();
    } else if (event.key === "n") {
      next()?.focus();
    } else if (event.key === "t") {
      const stop = root.activeElement?.closest("[data-stop]");
      const first = stop?.querySelector("[data-test]") ?? root.querySelector("#test input:not([type=hidden]), [data-test]");
      if (first) event.preventDefault();
      first?.focus();
    }
  }

  /** Buttons of the tasks that are still to be done. */
  const tasks = () => [...root.querySelectorAll("[data-done]")].filter(button => !button.closest("[hidden]"));

  /** That of the task one is at. */
  const doneUnderFocus = () => tasks().find(button => button.closest("[data-row]")?.contains(root.activeElement));

  /** That of the task after the one one is at; the first where one is at none. */
  function next() {
    const all = tasks();
    const at = all.indexOf(doneUnderFocus());
    return all[at + 1] ?? all[0];
  }

  /** Enter takes the first, arrows go through the list and back to the field. */
  function choose(event) {
    if (event.key === "Enter" && event.target === field) {
      event.preventDefault();
      list.querySelector("a")?.click();
    } else if (event.key === "ArrowDown" || event.key === "ArrowUp") {
      event.preventDefault();
      const links = [...list.querySelectorAll("a")];
      const at = links.indexOf(root.activeElement) + (event.key === "ArrowDown" ? 1 : -1);
      (at < 0 ? field : links[Math.min(at, links.length - 1)])?.focus();
    }
  }

  function showKeys() {
    jump.close();
    help.showModal();
  }

  const keep = () => localStorage.setItem(SWITCH, wanted.checked ? "on" : "off");

  wanted.checked = localStorage.getItem(SWITCH) !== "off";
  const button = root.querySelector("[data-jump]");
  const more = root.querySelector("[data-show-keys]");
  root.addEventListener("keydown", key);
  field.addEventListener("input", show);
  jump.addEventListener("keydown", choose);
  wanted.addEventListener("change", keep);
  more.addEventListener("click", showKeys);
  button?.addEventListener("click", openJump);
  return () => {
    root.removeEventListener("keydown", key);
    field.removeEventListener("input", show);
    jump.removeEventListener("keydown", choose);
    wanted.removeEventListener("change", keep);
    more.removeEventListener("click", showKeys);
    button?.removeEventListener("click", openJump);
  };
}

/** Keys that work on every page: "/" jumps, "g" and a letter goes, "?" shows the keys, "d" does the next task, "t" begins a test. */

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
      item.setAttribute("aria-selected", String(i === 0));
      item.append(link);
      return item;
    }));
  }

  function key(event) {
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
      root.querySelector("[data-done]")?.click();
    } else if (event.key === "t") {
      const first = root.querySelector("#test input:not([type=hidden])");
      if (first) event.preventDefault();
      first?.focus();
    }
  }

  function enter(event) {
    if (event.key !== "Enter") return;
    event.preventDefault();
    list.querySelector("a")?.click();
  }

  const button = root.querySelector("[data-jump]");
  root.addEventListener("keydown", key);
  field.addEventListener("input", show);
  field.addEventListener("keydown", enter);
  button?.addEventListener("click", openJump);
  return () => {
    root.removeEventListener("keydown", key);
    field.removeEventListener("input", show);
    field.removeEventListener("keydown", enter);
    button?.removeEventListener("click", openJump);
  };
}

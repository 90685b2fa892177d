/**
 * Lets the drawing, the figures and the findings follow the design form as it is typed.
 *
 * The server computes; this sends the form and swaps in the piece of page that comes back.
 */

/**
 * @param {Document} root
 * @returns {() => void}
 */
export function enhance(root) {
  const form = root.querySelector("form[data-preview]");
  if (!form) return () => {};
  const state = form.querySelector("[data-preview-state]");
  let asked = 0;
  let waiting = false;
  let changed = false;

  /** One question at a time: what changes meanwhile is asked when the answer is there. */
  async function typed() {
    changed = true;
    if (waiting) return;
    waiting = true;
    form.toggleAttribute("data-asking", true);
    while (changed) {
      changed = false;
      await ask();
    }
    waiting = false;
    form.toggleAttribute("data-asking", false);
  }

  async function ask() {
    const question = ++asked;
    try {
      const response = await fetch(form.dataset.preview, { method: "POST", body: new URLSearchParams(new FormData(form)) });
      if (question !== asked) return;
      if (response.status !== 200 && response.status !== 422) throw new Error(String(response.status));
      const piece = new DOMParser().parseFromString(await response.text(), "text/html");
      if (question !== asked) return;
      response.ok ? swap(piece) : complain(piece);
    } catch {
      if (state && question === asked) state.textContent = "No connection: the drawing waits. Nothing typed is lost.";
    }
  }

  function swap(piece) {
    showErrors(new Map());
    root.getElementById("answer").replaceWith(root.adoptNode(piece.getElementById("answer")));
    if (state) state.textContent = "Not saved yet";
  }

  function complain(piece) {
    showErrors(new Map([...piece.querySelectorAll("[data-field]")].map(e => [e.dataset.field, e.textContent])));
    root.getElementById("answer").classList.add("stale");
    if (state) state.textContent = "Something does not fit";
  }

  function showErrors(errors) {
    for (const input of form.elements) {
      const note = input.id && root.getElementById(`${input.id}-note`);
      if (!note) continue;
      const error = errors.get(input.id);
      input.setAttribute("aria-invalid", String(error !== undefined));
      note.classList.toggle("error", error !== undefined);
      note.textContent = error ?? note.dataset.hint ?? "";
    }
  }

  /** A remedy is for the design as typed: it is sent with the form, so that typing not yet saved is not lost. */
  function apply(event) {
    const remedy = event.target;
    if (!remedy.closest("#answer") || !remedy.elements.changes) return;
    event.preventDefault();
    const hidden = root.createElement("input");
    hidden.type = "hidden";
    hidden.name = "applyChanges";
    hidden.value = remedy.elements.changes.value;
    form.append(hidden);
    form.submit();
  }

  form.toggleAttribute("data-preview-live", true);
  form.addEventListener("input", typed);
  root.addEventListener("submit", apply);
  return () => {
    form.removeEventListener("input", typed);
    root.removeEventListener("submit", apply);
  };
}

/**
 * Lets the drawing, the figures and the findings follow the design form as it is typed, dragged or taken back.
 *
 * The server computes; this sends the form and swaps in the piece of page that comes back. Other modules hear
 * `design:settled` on the form when a change is whole, and ask for `design:act` (a button's name and value) or
 * `design:restore` (a form as it was).
 */

import { isView, sent, view } from "./form.js";
import { open } from "./line.js";
import { patch } from "./patch.js";
import { watch } from "./press.js";

/**
 * @param {Document} root
 * @returns {() => void}
 */
export function enhance(root) {
  const form = root.querySelector("form[data-preview]");
  if (!form) return () => {};
  let asked = 0;
  let waiting = false;
  let changed = false;
  let touched = false;
  let whole = false;
  let replacing = 0;

  const say = words => { const state = form.querySelector("[data-preview-state]"); if (state && state.textContent !== words) state.textContent = words; };

  /**
   * One question at a time: what changes meanwhile is asked when the answer is there. While the form itself is being
   * replaced nothing is asked, or the question would make its answer look old.
   */
  async function typed() {
    changed = true;
    if (waiting || replacing) return;
    waiting = true;
    form.toggleAttribute("data-asking", true);
    while (changed && !replacing) {
      changed = false;
      await ask();
    }
    waiting = false;
    form.toggleAttribute("data-asking", false);
  }

  const line = open(form.dataset.preview);
  const press = watch(root);

  function page(text) {
    const piece = root.createElement("template");
    piece.innerHTML = text;
    return piece.content;
  }

  async function ask() {
    const question = ++asked;
    const settled = whole ? "yes" : "";
    whole = false;
    try {
      const has = [...root.querySelectorAll("#answer [data-says]")].map(e => e.dataset.says).join(" ");
      const piece = page(await line.ask({ ...Object.fromEntries(new FormData(form)), has, settled }));
      await press.over();
      if (question !== asked) return;
      piece.getElementById("errors") ? complain(piece) : swap(piece);
    } catch {
      if (question === asked) say("No connection: the drawing waits. Nothing typed is lost.");
    }
  }

  function swap(piece) {
    showErrors(new Map());
    const answer = root.getElementById("answer");
    answer.classList.remove("stale");
    for (const place of answer.querySelectorAll("[data-patch]")) {
      patch(place, piece.querySelector(`#answer [data-patch=${place.dataset.patch}]`));
    }
    say(touched ? "Not saved yet" : "");
    form.dispatchEvent(new CustomEvent("design:drawn"));
  }

  function complain(piece) {
    showErrors(new Map([...piece.querySelectorAll("[data-field]")].map(e => [e.dataset.field, e.textContent])));
    root.getElementById("answer").classList.add("stale");
    form.dispatchEvent(new CustomEvent("design:refused"));
    say("Something does not fit");
  }

  /** Touches only the fields whose error comes or goes: a form of many parts has hundreds. */
  function showErrors(errors) {
    const told = [...form.querySelectorAll("[aria-invalid=true]")].map(input => input.id);
    for (const id of new Set([...told, ...errors.keys()])) {
      const input = root.getElementById(id);
      const note = root.getElementById(`${id}-note`);
      if (!input || !note) continue;
      const error = errors.get(id);
      input.setAttribute("aria-invalid", String(error !== undefined));
      note.classList.toggle("error", error !== undefined);
      note.textContent = error ?? note.dataset.hint ?? "";
    }
  }

  /** The form itself comes back changed: a part more or less, or as it was before. */
  async function swapForm(body) {
    form.toggleAttribute("data-asking", true);
    const question = ++asked;
    touched = true;
    replacing++;
    try {
      const response = await fetch(`${form.dataset.preview}/form`, { method: "POST", body });
      if (!response.ok) throw new Error(String(response.status));
      const piece = page(await response.text());
      if (question !== asked) return false;
      const rows = new Map([...form.querySelectorAll("details")].map(d => [rowOf(d), d.open]));
      const scrolled = form.scrollTop;
      const focused = root.activeElement?.name && form.contains(root.activeElement) ? root.activeElement.name : null;
      form.replaceChildren(...root.adoptNode(piece.querySelector("form[data-preview]")).childNodes);
      for (const details of form.querySelectorAll("details")) {
        const open = rows.get(rowOf(details));
        details.open ||= open ?? true;
        if (open === undefined) details.querySelector("summary").focus();
      }
      form.scrollTop = scrolled;
      if (focused && root.activeElement === root.body) form.elements[focused]?.focus?.();
      changed = false;
      swap(piece);
      form.querySelector("[aria-invalid=true]") && say("Something does not fit");
      return true;
    } catch {
      say("No connection: nothing was changed.");
      return false;
    } finally {
      replacing--;
      form.toggleAttribute("data-asking", false);
      if (changed) typed();
    }
  }

  const rowOf = details => details.dataset.row ?? details.querySelector("summary").textContent;

  async function act(event) {
    const body = sent(form);
    body.set(event.detail.name, event.detail.value);
    if (await swapForm(body)) form.dispatchEvent(new CustomEvent("design:settled"));
  }

  async function restore(event) {
    const body = new URLSearchParams(event.detail);
    for (const [name, value] of view(form)) body.set(name, value);
    await swapForm(body);
  }

  /** Buttons of the rows act on the form as it is; nothing is saved by them. */
  function pressed(event) {
    const button = event.target.closest("button[data-act]");
    if (!button || !form.contains(button)) return;
    event.preventDefault();
    form.dispatchEvent(new CustomEvent("design:act", { detail: { name: button.name, value: button.value } }));
  }

  /** A remedy is for the design as typed: it changes the form, where it can be taken back. */
  function apply(event) {
    const remedy = event.target;
    if (!remedy.closest("#answer") || !remedy.elements.changes) return;
    event.preventDefault();
    form.dispatchEvent(new CustomEvent("design:act", { detail: { name: "applyChanges", value: remedy.elements.changes.value } }));
  }

  function heard(event) {
    if (event.target.form !== form) return;
    touched ||= !isView(event.target);
    typed();
  }

  function settled(event) {
    if (event.target.form === form && !isView(event.target)) form.dispatchEvent(new CustomEvent("design:settled"));
  }

  /** A change that is whole is judged once more, with remedies that were tried. */
  function judged() {
    whole = true;
    typed();
  }

  form.toggleAttribute("data-preview-live", true);
  form.addEventListener("design:settled", judged);
  root.addEventListener("input", heard);
  root.addEventListener("change", settled);
  root.addEventListener("click", pressed);
  root.addEventListener("submit", apply);
  form.addEventListener("design:act", act);
  form.addEventListener("design:restore", restore);
  return () => {
    line.close();
    press.close();
    root.removeEventListener("input", heard);
    root.removeEventListener("change", settled);
    root.removeEventListener("click", pressed);
    root.removeEventListener("submit", apply);
    form.removeEventListener("design:settled", judged);
    form.removeEventListener("design:act", act);
    form.removeEventListener("design:restore", restore);
  };
}

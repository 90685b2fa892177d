/**
 * Undo and redo, across saves and reloads, and what was typed before a connection, a tab or a server was lost. Kept in
 * this browser for each person, beside the number of the revision it was typed over.
 */

import { design, served } from "./form.js";

/** More steps than anybody goes back; a browser keeps only a few megabytes. */
const MAX = 200;

/**
 * @param {Document} root
 * @returns {() => void}
 */
export function enhance(root) {
  const form = root.querySelector("form[data-preview]");
  if (!form || form.querySelector("fieldset:disabled")) return () => {};
  const store = root.defaultView.localStorage;
  const key = `islet-design:${form.dataset.person}:${form.dataset.preview}`;
  const undo = root.querySelector("[data-undo]");
  const redo = root.querySelector("[data-redo]");
  let past = [];
  let at = 0;
  let from = "";

  const revision = () => form.elements.revision.value;

  /** The same states go on after a save of this form; a design somebody else saved starts anew. */
  function begin() {
    const first = served(form);
    const kept = JSON.parse(store.getItem(key) ?? "null");
    past = [first];
    at = 0;
    from = first;
    if (kept?.past[kept.at] === first) {
      past = kept.past;
      at = kept.at;
    } else if (kept?.revision === revision()) {
      past = kept.past;
      at = kept.at;
      go(at, "What you had not saved is back; Undo takes it away again.");
      return;
    } else if (kept?.served && kept.past[kept.at] !== kept.served && !(kept.sent && arrived())) {
      bring(kept);
      return;
    }
    keep();
    if (design(form) !== first) {
      settled();
      form.elements.depth.dispatchEvent(new Event("input", { bubbles: true }));
    }
  }

  /** Whether the page says that what was sent is saved. */
  const arrived = () => root.querySelector(".flash:not(.refused)") !== null;

  /**
   * What was typed over a design that somebody has saved anew since, as by a keeper without a network. It is sent as
   * typed over the old one: the server lays it over theirs, or says what both changed.
   */
  function bring(kept) {
    past = [past[0], kept.past[kept.at]];
    at = 1;
    form.elements.revision.value = kept.revision;
    from = kept.served;
    go(1, "Somebody saved since you typed this. Save lays yours over theirs; Undo takes yours away.");
  }

  function keep(sent = false) {
    try {
      store.setItem(key, JSON.stringify({ revision: revision(), past, at, served: from, sent }));
    } catch {
      // The browser has no room left: Undo works on this page, and ends with it.
      store.removeItem(key);
    }
    undo.disabled = at === 0;
    redo.disabled = at === past.length - 1;
  }

  function settled() {
    const now = design(form);
    if (now === past[at]) return;
    past = [...past.slice(0, at + 1), now].slice(-MAX);
    at = past.length - 1;
    keep();
  }

  function go(to, words) {
    if (to < 0 || to >= past.length) return;
    at = to;
    keep();
    if (words) form.addEventListener("design:drawn", () => { form.querySelector("[data-preview-state]").textContent = words; }, { once: true });
    form.dispatchEvent(new CustomEvent("design:restore", { detail: past[at] }));
  }

  const leaving = () => keep(true);
  const back = () => go(at - 1);
  const forth = () => go(at + 1);

  /** While a field holds words that are not whole yet, the keys are the field's own. */
  function keys(event) {
    if (!(event.ctrlKey || event.metaKey) || event.altKey) return;
    const wanted = event.key.toLowerCase();
    if (wanted !== "z" && wanted !== "y" || design(form) !== past[at]) return;
    event.preventDefault();
    wanted === "y" || event.shiftKey ? forth() : back();
  }

  begin();
  form.addEventListener("design:settled", settled);
  form.addEventListener("submit", leaving);
  undo.addEventListener("click", back);
  redo.addEventListener("click", forth);
  root.addEventListener("keydown", keys);
  return () => {
    form.removeEventListener("design:settled", settled);
    form.removeEventListener("submit", leaving);
    undo.removeEventListener("click", back);
    redo.removeEventListener("click", forth);
    root.removeEventListener("keydown", keys);
  };
}

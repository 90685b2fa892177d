/**
 * Forms that need no network: what they say is kept here first, shown at once, and sent. Without scripts they are sent
 * as any form.
 */
import morphdom from "../vendor/morphdom.js";
import * as outbox from "./outbox.js";
import { send } from "./send.js";

const RETRY_MS = 15000;

/** What of a row can be pressed. */
const PARTS = "form, .acts > a, :scope > button, :scope > label, :scope > a";

/**
 * @param {Document} root
 * @returns {() => void}
 */
export function enhance(root) {
  const banner = root.querySelector("[data-waiting]");
  if (!banner || !navigator.locks || !window.indexedDB) return () => {};
  const words = banner.querySelector("[data-waiting-words]");
  const list = banner.querySelector("[data-told]");

  const time = iso => new Date(iso).toLocaleTimeString("en-GB", { hour: "2-digit", minute: "2-digit" });

  /** @returns {HTMLElement | null} the row of a task, where the page shows it */
  const rowOf = entry => root.querySelector(`[data-row="${CSS.escape(entry.row)}"]`);

  /** @param {SubmitEvent} event */
  async function submit(event) {
    const form = event.target;
    if (!form.matches("[data-queue]") || event.defaultPrevented) return;
    event.preventDefault();
    // A form may have a row for each of its buttons: one that is being sent does not hold up the others.
    const busy = rowOfAct(form, event.submitter) ?? form;
    if (busy.getAttribute("aria-busy") === "true") return;
    busy.setAttribute("aria-busy", "true");
    const entry = entryOf(form, event.submitter);
    try {
      await outbox.put(entry);
    } catch (full) {
      console.warn("nothing can be kept here", full);
      form.removeAttribute("data-queue");
      form.requestSubmit(event.submitter);
      return;
    }
    show(entry);
    moveOn(form);
    await flush();
    busy.removeAttribute("aria-busy");
  }

  /** @returns {HTMLElement | null} the row of what was pressed */
  const rowOfAct = (form, button) => (button ?? form).closest("[data-row]") ?? form.closest("[data-row]");

  /** @returns {outbox.Entry} */
  function entryOf(form, button) {
    const id = crypto.randomUUID();
    const at = new Date().toISOString();
    const fields = [...new FormData(form, button)].filter(([name]) => name !== "_csrf" && name !== "clientId" && name !== "at");
    fields.push(["clientId", id], ["at", at]);
    const row = rowOfAct(form, button);
    return {
      id, at, fields, url: form.getAttribute("action"), row: row?.dataset.row ?? "",
      title: row?.querySelector("b")?.textContent ?? "", day: form.elements.day?.value ?? "", state: "waiting",
    };
  }

  /** The next button to press gets the focus, so that one key goes through the walk. */
  function moveOn(form) {
    const buttons = [...root.querySelectorAll("[data-done]")];
    const at = buttons.findIndex(button => form.contains(button));
    if (at < 0 || !form.contains(root.activeElement)) return;
    buttons.slice(at + 1).find(button => !button.closest("[hidden]"))?.focus();
  }

  /** What is kept stands on its row instead of the buttons. */
  function show(entry) {
    const row = rowOf(entry);
    if (!row || row.querySelector("[data-kept]")) return;
    row.querySelectorAll(PARTS).forEach(part => { part.hidden = true; });
    row.querySelector("[data-problem]")?.setAttribute("hidden", "");
    const kept = root.createElement("div");
    kept.className = "acts";
    kept.dataset.kept = entry.id;
    const said = root.createElement("p");
    said.className = "tick done";
    said.textContent = banner.dataset[entry.state === "sent" ? "sentWords" : "keptWords"].replace("{0}", time(entry.at));
    kept.append(said);
    if (entry.state === "waiting") kept.append(cancelOf(entry));
    row.append(kept);
    row.classList.add("settled");
  }

  function cancelOf(entry) {
    const cancel = root.createElement("button");
    cancel.type = "button";
    cancel.className = "btn quiet";
    cancel.textContent = banner.dataset.cancelWords;
    cancel.addEventListener("click", async () => {
      await navigator.locks.request("islet-outbox", async () => {
        const now = (await outbox.all()).find(other => other.id === entry.id);
        if (now?.state === "waiting") await outbox.remove(entry.id);
      });
      unshow(entry);
      await flush();
    });
    return cancel;
  }

  function unshow(entry) {
    const row = rowOf(entry);
    const kept = row?.querySelector(`[data-kept="${entry.id}"]`);
    if (!kept) return;
    kept.remove();
    row.classList.remove("settled");
    row.querySelectorAll(PARTS).forEach(part => { part.hidden = false; });
  }

  let retry;

  async function flush() {
    clearTimeout(retry);
    const before = new Set((await outbox.all()).filter(e => e.state === "waiting").map(e => e.id));
    const outcome = await send();
    const now = await outbox.all();
    const settled = now.filter(entry => before.has(entry.id) && entry.state !== "waiting");
    for (const entry of settled.filter(e => e.state === "told")) await problem(entry);
    await refresh(settled);
    await tell(outcome);
    if (outcome === "away") retry = setTimeout(flush, RETRY_MS);
  }

  /** What the server did not take is said on its row, where the page shows it. */
  async function problem(entry) {
    const row = rowOf(entry);
    const place = row?.querySelector("[data-problem]");
    if (!place || entry.status !== 422) return;
    unshow(entry);
    place.textContent = [entry.sentence, ...Object.values(entry.errors)].filter(Boolean).join(" ");
    place.hidden = false;
    const sure = row.querySelector("[data-sure]");
    if (sure) sure.hidden = !("sure" in entry.errors);
    await outbox.remove(entry.id);
  }

  /** The stops that something was settled at, as the server has them now. */
  async function refresh(settled) {
    const stops = new Set(settled.map(rowOf).map(row => row?.closest("[data-stop]")).filter(Boolean));
    const shown = [...stops].filter(stop => !stop.querySelector("[data-problem]:not([hidden])"));
    for (const stop of shown) {
      try {
        const answer = await fetch(`${stop.dataset.fresh}`);
        if (answer.ok && !answer.redirected) swap(stop, await answer.text());
      } catch (unreachable) {
        console.warn("a stop could not be shown anew", unreachable);
      }
    }
    const elsewhere = settled.filter(entry => entry.row === "" || rowOf(entry) && !rowOf(entry).closest("[data-stop]"));
    if (elsewhere.length > 0) await refreshPage();
    const said = settled.filter(entry => entry.state === "sent").map(entry => entry.sentence).filter(Boolean);
    if (said.length > 0) flash(said[said.length - 1]);
  }

  /** Where it is not one stop that changed. */
  async function refreshPage() {
    try {
      const answer = await fetch(location.href);
      const main = root.querySelector("main");
      const fresh = new DOMParser().parseFromString(await answer.text(), "text/html").querySelector("main");
      if (answer.ok && !answer.redirected && fresh) morphdom(main, root.importNode(fresh, true));
    } catch (unreachable) {
      console.warn("the page could not be shown anew", unreachable);
    }
  }

  /** Says what was done where a page that is loaded anew would say it. */
  function flash(sentence) {
    root.querySelectorAll(".flash[data-said]").forEach(old => old.remove());
    const said = root.createElement("div");
    said.className = "flash";
    said.dataset.said = "";
    said.setAttribute("role", "status");
    said.textContent = sentence;
    banner.after(said);
  }

  function swap(stop, html) {
    const piece = new DOMParser().parseFromString(html, "text/html");
    for (const id of [stop.id, "left"]) {
      const fresh = piece.getElementById(id);
      const old = root.getElementById(id);
      if (fresh && old) morphdom(old, root.importNode(fresh, true));
    }
  }

  async function tell(outcome) {
    const entries = await outbox.all();
    const waiting = entries.filter(entry => entry.state === "waiting");
    const told = entries.filter(entry => entry.state === "told");
    banner.hidden = waiting.length === 0 && told.length === 0;
    const why = { away: "awayWords", "signed-out": "signedOutWords", "another-person": "anotherWords" }[outcome];
    words.textContent = waiting.length === 0 || !why ? "" : banner.dataset[why].replace("{0}", waiting.length);
    list.replaceChildren(...told.map(tellOne));
    banner.querySelector("[data-send]").hidden = waiting.length === 0;
  }

  function tellOne(entry) {
    const item = root.createElement("li");
    const seen = root.createElement("button");
    seen.type = "button";
    seen.className = "btn quiet";
    seen.textContent = banner.dataset.seenWords;
    seen.addEventListener("click", async () => {
      await outbox.remove(entry.id);
      await tell("done");
    });
    const what = `${entry.title}, ${time(entry.at)}: `;
    const why = entry.sentence || Object.values(entry.errors ?? {}).join(" ") || banner.dataset.lostWords;
    item.append(what + why + " ", seen);
    return item;
  }

  /** A page that is older than what was sent since shows it as settled all the same. */
  async function begin() {
    await outbox.tidy();
    const made = Number(banner.dataset.made);
    for (const entry of await outbox.all()) {
      const since = entry.state === "sent" && entry.sentAt > made;
      if (entry.state === "waiting" || since) show(entry);
    }
    await flush();
  }

  root.addEventListener("submit", submit);
  window.addEventListener("online", flush);
  banner.querySelector("[data-send]").addEventListener("click", flush);
  begin();
  return () => {
    clearTimeout(retry);
    root.removeEventListener("submit", submit);
    window.removeEventListener("online", flush);
  };
}

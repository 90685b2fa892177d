/** Pins tie a finding to its place in the drawing: the same number on both. Few figures are large, the rest on demand. */

import { watch } from "./press.js";

const SVG = "http://www.w3.org/2000/svg";
const RADIUS = 11;
const MAX = 9;

/** How long hands must rest before pins are set anew, ms. */
const REST = 160;

/**
 * @param {Document} root
 * @returns {() => void}
 */
export function enhance(root) {
  const form = root.querySelector("form[data-preview]");
  const board = root.getElementById("board");
  if (!form || !board) return () => {};
  const view = root.defaultView;
  const press = watch(root);
  let idle = 0;
  let few = true;

  const words = text => (text ?? "").split(" ").filter(Boolean);
  const SEVERITIES = ["danger", "wrong", "watch"];

  function placeOf(finding, svg) {
    const wanted = new Set(words(finding.dataset.things));
    return [...svg.querySelectorAll("[data-thing]")].find(e => words(e.dataset.thing).some(w => wanted.has(w))) ?? null;
  }

  function pin(svg, place, number, severity, taken) {
    const box = place.getBBox();
    const at = { x: box.x + box.width / 2, y: Math.max(RADIUS + 2, box.y) };
    while (taken.some(other => Math.hypot(other.x - at.x, other.y - at.y) < 2 * RADIUS + 2)) at.x += 2 * RADIUS + 4;
    taken.push(at);
    const group = root.createElementNS(SVG, "g");
    group.setAttribute("class", `s-pin ${severity}`);
    group.dataset.pin = String(number);
    const circle = root.createElementNS(SVG, "circle");
    for (const [name, value] of [["cx", at.x], ["cy", at.y], ["r", RADIUS]]) circle.setAttribute(name, String(value));
    const text = root.createElementNS(SVG, "text");
    text.setAttribute("x", String(at.x));
    text.setAttribute("y", String(at.y + 5));
    text.textContent = String(number);
    group.append(circle, text);
    svg.append(group);
  }

  function set() {
    const svg = board.querySelector("svg.working:not(.plan)");
    if (!svg) return;
    for (const old of board.querySelectorAll(".s-pin, .finding .pin")) old.remove();
    const taken = [];
    let number = 0;
    for (const finding of board.querySelectorAll(".finding")) {
      const severity = SEVERITIES.find(s => finding.classList.contains(s));
      const place = severity && number < MAX ? placeOf(finding, svg) : null;
      if (!place) continue;
      number++;
      pin(svg, place, number, severity, taken);
      const badge = root.createElement("span");
      badge.className = "pin";
      badge.textContent = String(number);
      finding.querySelector("summary").prepend(badge);
    }
    figures();
  }

  function figures() {
    const button = board.querySelector("[data-all-figures]");
    if (!button) return;
    button.hidden = false;
    button.setAttribute("aria-expanded", String(!few));
    board.querySelector(".read").classList.toggle("few", few);
  }

  function later() {
    view.clearTimeout(idle);
    idle = view.setTimeout(() => press.over().then(set), REST);
  }

  function click(event) {
    if (event.target.closest("[data-all-figures]")) {
      few = !few;
      figures();
    }
    const chosen = event.target.closest?.(".s-pin")?.dataset.pin;
    if (!chosen) return;
    const badge = [...board.querySelectorAll(".finding .pin")].find(b => b.textContent === chosen);
    const finding = badge?.closest(".finding");
    if (finding) {
      finding.open = true;
      finding.scrollIntoView({ block: "nearest" });
    }
  }

  set();
  board.addEventListener("click", click);
  form.addEventListener("design:drawn", later);
  return () => {
    view.clearTimeout(idle);
    press.close();
    board.removeEventListener("click", click);
    form.removeEventListener("design:drawn", later);
  };
}

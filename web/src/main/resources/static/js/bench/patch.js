/**
 * Makes a piece of page read like a new one, and leaves what is the same in its place: the browser draws anew only what
 * has changed, the eye and the keyboard stay where they were, and a finding that was opened stays open.
 */

import morphdom from "../vendor/morphdom.js";

const getNodeKey = node => node.nodeType === 1 ? node.getAttribute("data-key") : null;

const OPTIONS = {
  getNodeKey,
  onBeforeElUpdated(from, to) {
    if (to.hasAttribute("data-same") || from.isEqualNode(to)) return false;
    if (from.tagName === "DETAILS") to.open = from.open;
    return true;
  },
};

/**
 * @param {Element} old
 * @param {Element} fresh its children with the `data-key` of an old one are that one; with `data-same` too they say
 *   that it reads as before
 */
export function patch(old, fresh) {
  const focused = old.ownerDocument.activeElement;
  if (fresh.querySelector(":scope > [data-key]")) {
    for (const [mine, child] of aligned(old, fresh)) morphdom(mine, child, OPTIONS);
  } else {
    morphdom(old, fresh, { ...OPTIONS, childrenOnly: true });
  }
  if (focused.isConnected && focused !== old.ownerDocument.activeElement) focused.focus({ preventScroll: true });
}

/**
 * Takes out and puts in children with a key, so that the others need not be moved: what is moved loses the focus.
 * @returns {Element[][]} those that stay, each with what it shall read like
 */
function aligned(old, fresh) {
  const loose = parent => [...parent.children].filter(child => !getNodeKey(child));
  const keyed = parent => [...parent.children].filter(getNodeKey);
  const others = loose(fresh);
  const stay = loose(old).map((mine, n) => [mine, others[n]]);
  const wanted = new Set(keyed(fresh).map(getNodeKey));
  const kept = new Map();
  for (const child of keyed(old)) {
    if (wanted.has(getNodeKey(child))) kept.set(getNodeKey(child), child);
    else child.remove();
  }
  let after = null;
  for (const child of keyed(fresh).reverse()) {
    const mine = kept.get(getNodeKey(child)) ?? child;
    if (mine !== child) stay.push([mine, child]);
    if (mine.parentNode !== old || mine.nextElementSibling !== after) old.insertBefore(mine, after);
    after = mine;
  }
  return stay.filter(([, child]) => !child.hasAttribute("data-same"));
}

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
 * @param {Element} fresh with a `data-order`, it lists the keys of its children and brings only those that read anew
 */
export function patch(old, fresh) {
  const focused = old.ownerDocument.activeElement;
  if (fresh.dataset.order === undefined) {
    morphdom(old, fresh, { ...OPTIONS, childrenOnly: true });
  } else {
    for (const [mine, child] of ordered(old, fresh)) morphdom(mine, child, OPTIONS);
  }
  if (focused.isConnected && focused !== old.ownerDocument.activeElement) focused.focus({ preventScroll: true });
}

/**
 * Takes out and puts in children with a key, so that the others need not be moved: what is moved loses the focus.
 * @returns {Element[][]} those that stay and read anew, each with what it shall read like
 */
function ordered(old, fresh) {
  const loose = parent => [...parent.children].filter(child => !getNodeKey(child));
  const keyed = parent => new Map([...parent.children].filter(getNodeKey).map(child => [getNodeKey(child), child]));
  const others = loose(fresh);
  const changed = loose(old).map((mine, n) => [mine, others[n]]);
  const here = keyed(old);
  const anew = keyed(fresh);
  const order = fresh.dataset.order.split("\n").filter(Boolean);
  const wanted = new Set(order);
  for (const [key, mine] of here) if (!wanted.has(key)) mine.remove();
  let after = null;
  for (const key of order.reverse()) {
    const mine = here.get(key) ?? anew.get(key);
    if (here.has(key) && anew.has(key)) changed.push([mine, anew.get(key)]);
    if (mine.parentNode !== old || mine.nextElementSibling !== after) old.insertBefore(mine, after);
    after = mine;
  }
  old.dataset.order = fresh.dataset.order;
  return changed;
}

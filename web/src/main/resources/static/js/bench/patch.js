/**
 * Makes a piece of page read like a new one, and leaves what is the same in its place: the browser draws anew only what
 * has changed, the eye and the keyboard stay where they were, and a finding that was opened stays open.
 */

import morphdom from "../vendor/morphdom.js";

/**
 * @param {Element} old
 * @param {Element} fresh its children with the `data-key` of an old one are that one; with `data-same` too they say
 *   that it reads as before
 */
export function patch(old, fresh) {
  const focused = old.ownerDocument.activeElement;
  align(old, fresh);
  morphdom(old, fresh, {
    childrenOnly: true,
    getNodeKey,
    onBeforeElUpdated(from, to) {
      if ("same" in to.dataset || from.isEqualNode(to)) return false;
      if (from.tagName === "DETAILS") to.open = from.open;
      return true;
    },
  });
  if (focused.isConnected && focused !== old.ownerDocument.activeElement) focused.focus({ preventScroll: true });
}

const getNodeKey = node => node.dataset?.key;

/** Takes out and puts in children with a key, so that the others need not be moved: what is moved loses the focus. */
function align(old, fresh) {
  const keyed = parent => [...parent.children].filter(getNodeKey);
  const wanted = new Set(keyed(fresh).map(getNodeKey));
  const kept = new Map();
  for (const child of keyed(old)) {
    if (wanted.has(getNodeKey(child))) kept.set(getNodeKey(child), child);
    else child.remove();
  }
  let after = null;
  for (const child of keyed(fresh).reverse()) {
    const mine = kept.get(getNodeKey(child)) ?? old.insertBefore(child.cloneNode(true), after);
    if (mine.nextElementSibling !== after) old.insertBefore(mine, after);
    after = mine;
  }
}

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
  morphdom(old, fresh, {
    childrenOnly: true,
    getNodeKey: node => node.dataset?.key,
    onBeforeElUpdated(from, to) {
      if ("same" in to.dataset || from.isEqualNode(to)) return false;
      if (from.tagName === "DETAILS") to.open = from.open;
      return true;
    },
  });
}

/**
 * Puts a new piece of page over an old one and leaves what is the same in its place, so that the browser draws anew
 * only what has changed.
 */

/** How deep equal pieces are looked for: a drawing's layers, and what lies in them. */
const DEPTH = 3;

/**
 * @param {Element} old stays, with the children of `fresh`
 * @param {Element} fresh a child with `data-keep` stands for the old one of that `data-key`
 * @param {number} depth
 */
export function patch(old, fresh, depth = DEPTH) {
  const kept = new Map([...old.children].filter(child => child.dataset.key).map(child => [child.dataset.key, child]));
  const wanted = new Set([...fresh.children].map(child => child.dataset.keep));
  let at = old.firstElementChild;
  for (const child of [...fresh.children]) {
    while (at?.dataset.key && !wanted.has(at.dataset.key)) at = gone(at);
    const node = (child.dataset.keep && kept.get(child.dataset.keep)) || child;
    if (node === at) {
      at = at.nextElementSibling;
    } else if (node === child && at && !child.dataset.key && at.isEqualNode(child)) {
      at = at.nextElementSibling;
    } else if (node === child && at && depth > 0 && alike(at, child)) {
      patch(at, child, depth - 1);
      at = at.nextElementSibling;
    } else if (!child.dataset.keep || node !== child) {
      old.insertBefore(node, at);
    }
  }
  while (at) at = gone(at);
}

function gone(element) {
  const next = element.nextElementSibling;
  element.remove();
  return next;
}

/** The same element with nothing but elements in it, so that only these need be gone through. */
function alike(one, other) {
  return one.childElementCount > 0 && other.childElementCount > 0
    && one.cloneNode(false).isEqualNode(other.cloneNode(false)) && !hasWords(one) && !hasWords(other);
}

const hasWords = element => [...element.childNodes].some(node => node.nodeType === 3 && node.data.trim() !== "");

/**
 * Pieces of a page that come when they are scrolled to. Each stands as a link to what it will be; without scripts, or
 * where it cannot be had, the link stays.
 *
 * @param {Document} root
 * @returns {() => void}
 */
export function enhance(root) {
  const near = new IntersectionObserver(seen => seen.filter(e => e.isIntersecting).forEach(e => bring(e.target)), {
    rootMargin: "600px",
  });

  /** @param {ParentNode} within */
  function watch(within) {
    within.querySelectorAll("[data-later]").forEach(place => near.observe(place));
  }

  /** @param {HTMLElement} place */
  async function bring(place) {
    near.unobserve(place);
    place.setAttribute("aria-busy", "true");
    try {
      const answer = await fetch(place.dataset.later);
      if (!answer.ok || answer.redirected) return;
      const piece = root.createRange().createContextualFragment(await answer.text());
      watch(piece);
      place.replaceWith(piece);
    } catch (unreachable) {
      console.warn("what was scrolled to could not be had", unreachable);
    } finally {
      place.removeAttribute("aria-busy");
    }
  }

  /** An address may point into a piece that is not here yet: then all up to it are brought. */
  async function seek() {
    const id = decodeURIComponent(root.defaultView.location.hash.slice(1));
    if (!id) return;
    for (let place; !root.getElementById(id) && (place = root.querySelector("[data-later]:not([aria-busy])"));) {
      await bring(place);
      if (place.isConnected) return;
    }
    root.getElementById(id)?.scrollIntoView();
  }

  watch(root);
  seek();
  return () => near.disconnect();
}

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

  watch(root);
  return () => near.disconnect();
}

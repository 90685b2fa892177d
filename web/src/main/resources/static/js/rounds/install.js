/** Keeps the walk of today in the browser, so that it opens without a network. */

const FILES = "islet-files-2";
const PAGES = "islet-pages-1";
const HASH = /\/files-[0-9a-f]+\//;
/** So many changes of water may be begun without a network. */
const MAX_CHANGES = 12;

/**
 * @param {Document} root
 * @returns {() => void}
 */
export function enhance(root) {
  const walk = root.querySelector("[data-rounds]");
  if (root.querySelector("[data-signed-out]")) forget();
  if (!walk || !navigator.serviceWorker || !window.caches) return () => {};

  async function keep() {
    await navigator.serviceWorker.register("/service-worker.js");
    await navigator.serviceWorker.ready;
    await navigator.storage?.persist?.();
    await keepFiles();
    if (!location.search) await keepPages();
    walk.dataset.keptHere = "true";
  }

  /** Whatever this page has loaded it will want again. */
  async function keepFiles() {
    const loaded = performance.getEntriesByType("resource").map(entry => new URL(entry.name))
      .filter(url => url.origin === location.origin && HASH.test(url.pathname));
    for (const url of loaded) await keepFile(url.pathname);
  }

  /** Files are kept without the hash in their address, as the service worker looks for them. */
  async function keepFile(address) {
    const cache = await caches.open(FILES);
    const name = address.replace(HASH, "/files/");
    const kept = await cache.match(name);
    if (kept && new URL(kept.url).pathname === address) return;
    const answer = await fetch(address);
    if (answer.ok) await cache.put(name, answer);
  }

  async function keepPages() {
    const cache = await caches.open(PAGES);
    await forgetOtherDays(cache);
    const here = await keepPage(cache, location.pathname);
    let piece = here;
    for (let next; piece && (next = piece.querySelector("[data-later]"));) piece = await keepPage(cache, next.dataset.later);
    const changes = [...root.querySelectorAll('a[href$="/change"]')].slice(0, MAX_CHANGES);
    for (const link of changes) await keepPage(cache, link.getAttribute("href"));
    for (const link of root.querySelectorAll("a[data-keep]")) {
      const address = link.getAttribute("href");
      const once = link.dataset.keep === "day" && isOfToday(await cache.match(address));
      if (!once) await keepPage(cache, address);
    }
  }

  /** What does not change with every tick is fetched once a day. */
  function isOfToday(kept) {
    const made = kept?.headers.get("date");
    return made ? new Date(made).toDateString() === new Date().toDateString() : false;
  }

  /** Pieces of a long walk carry its day; those of other days are of no use any more. */
  async function forgetOtherDays(cache) {
    const today = walk.dataset.day;
    for (const request of await cache.keys()) {
      const day = new URL(request.url).searchParams.get("day");
      if (day && day !== today) await cache.delete(request);
    }
  }

  async function keepPage(cache, address) {
    const answer = await fetch(address);
    if (!answer.ok || answer.redirected) return null;
    const copy = answer.clone();
    await cache.put(address, copy);
    const page = new DOMParser().parseFromString(await answer.text(), "text/html");
    for (const script of page.querySelectorAll("script[src]")) await keepFile(script.getAttribute("src"));
    return page;
  }

  keep().catch(unable => console.warn("the walk could not be kept for times without a network", unable));
  return () => {};
}

/** Nobody is signed in any more: what they read does not stay in this browser. What waits to be sent does. */
async function forget() {
  if (window.caches) await caches.delete(PAGES);
}

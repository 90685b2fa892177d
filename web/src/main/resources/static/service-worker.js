/**
 * Stands between the pages and the network. With a network it only keeps copies; without one it answers with them.
 * It never answers what is sent, only what is asked for.
 */
const FILES = "islet-files-2";
const PAGES = "islet-pages-1";

/** The walk, its pieces, and changes of water: what is used with wet hands where the network does not reach. */
const WALK = /^\/c\/[^/]+\/(rounds(\/stops)?|rearing\/round|health\/animals\/\d+|enclosures\/\d+\/(change|sheet))$/;
const FILE = /^\/files-[0-9a-f]+\//;

/** The walk of a day that was asked for is looked at, not walked. */
const OTHER_DAY = /\/rounds\?/;

/** A network that says nothing for so long is none. */
const PATIENCE_MS = 5000;

self.addEventListener("install", () => self.skipWaiting());

self.addEventListener("activate", event => event.waitUntil((async () => {
  const known = [FILES, PAGES];
  const old = (await caches.keys()).filter(name => name.startsWith("islet-") && !known.includes(name));
  await Promise.all(old.map(name => caches.delete(name)));
  await self.clients.claim();
})()));

self.addEventListener("fetch", event => {
  const url = new URL(event.request.url);
  if (event.request.method !== "GET" || url.origin !== location.origin) return;
  if (FILE.test(url.pathname)) {
    event.respondWith(newestOrKept(event.request, FILES));
  } else if (WALK.test(url.pathname)) {
    event.respondWith(newestOrKept(event.request, PAGES));
  } else if (event.request.mode === "navigate") {
    event.respondWith(fetch(event.request).catch(() => walkInstead(url)));
  }
});

async function newestOrKept(request, name) {
  const cache = await caches.open(name);
  const asked = fetch(request).then(answer => {
    const keeps = answer.ok && !answer.redirected && answer.type === "basic" && !OTHER_DAY.test(request.url);
    if (keeps) cache.put(nameOf(request), answer.clone());
    return answer;
  });
  const kept = await cache.match(nameOf(request));
  if (!kept) return asked.catch(() => nothingKept());
  return Promise.race([
    asked.catch(() => kept),
    new Promise(answer => setTimeout(() => answer(kept), PATIENCE_MS)),
  ]);
}

/** Files are kept without the hash in their address: a page that was kept finds the newest there is. */
const nameOf = request => request.url.replace(/\/files-[0-9a-f]+\//, "/files/");

/** Any other page cannot be had; the walk can. */
async function walkInstead(url) {
  const pages = await caches.open(PAGES);
  const walks = (await pages.keys()).map(request => new URL(request.url)).filter(kept => /\/rounds$/.test(kept.pathname) && !kept.search);
  const own = walks.find(kept => url.pathname.startsWith(kept.pathname.replace(/\/rounds$/, ""))) ?? walks[0];
  return own ? Response.redirect(own.href) : nothingKept();
}

const nothingKept = () => new Response("No network, and this page was not kept. Go back to Rounds.", {
  status: 503, headers: { "Content-Type": "text/plain; charset=utf-8" },
});

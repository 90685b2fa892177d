/**
 * What was ticked or typed here and is on its way to the server, kept in the browser's own store: a closed tab, an empty
 * battery or a lost network loses nothing. An entry goes with the id it was made with, so that sending it twice adds it
 * once.
 */
import { openDB } from "../vendor/idb.js";

const STORE = "entries";
/** What was sent stays so long, for a page that was kept from before it. */
const KEPT_MS = 2 * 24 * 3600 * 1000;

/**
 * @typedef {object} Entry
 * @property {string} id made by this browser
 * @property {string} url where it goes
 * @property {[string, string][]} fields of the form, without the visit's token
 * @property {string} row the task it is of, as "enclosure task slot"
 * @property {string} title as one reads it
 * @property {string} at when it was done, ISO
 * @property {string} day whose list it is on
 * @property {number} [person] who did it; absent until it is known
 * @property {"waiting" | "sent" | "told"} state told: not added, and the reader should know why
 * @property {number} [sentAt] by the server's clock, ms
 * @property {string} [sentence] why it was not added
 */

let opened;

const store = () => (opened ??= openDB("islet", 1, {
  upgrade: db => db.createObjectStore(STORE, { keyPath: "id" }),
}));

/** @param {Entry} entry */
export const put = async entry => (await store()).put(STORE, entry);

/** @param {string} id */
export const remove = async id => (await store()).delete(STORE, id);

/** @returns {Promise<Entry[]>} the oldest first */
export async function all() {
  const entries = await (await store()).getAll(STORE);
  return entries.sort((a, b) => a.at.localeCompare(b.at));
}

/** Forgets what was sent long ago. */
export async function tidy() {
  const now = Date.now();
  for (const entry of await all()) {
    if (entry.state === "sent" && now - Date.parse(entry.at) > KEPT_MS) await remove(entry.id);
  }
}

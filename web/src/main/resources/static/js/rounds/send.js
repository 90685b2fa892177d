/** Sends what waits, one after the other and the oldest first; only one tab at a time. */
import * as outbox from "./outbox.js";

const JSON_ONLY = { Accept: "application/json" };

/** @typedef {"done" | "away" | "signed-out" | "another-person"} Outcome */

/**
 * Who is signed in, and the token their forms carry.
 *
 * @returns {Promise<{person: number, header: string, token: string} | null>} null where nobody is
 */
async function visit() {
  const answer = await fetch("/offline/visit", { headers: JSON_ONLY, redirect: "manual" });
  if (answer.type === "opaqueredirect" || answer.status === 401 || answer.status === 403) return null;
  if (!answer.ok) throw new Error(`the server answered ${answer.status}`);
  return answer.json();
}

/** @returns {Promise<Outcome>} */
async function sendAll() {
  const waiting = (await outbox.all()).filter(entry => entry.state === "waiting");
  if (waiting.length === 0) return "done";
  let who;
  try {
    who = await visit();
  } catch (unreachable) {
    return "away";
  }
  if (!who) return "signed-out";
  for (const entry of waiting) {
    entry.person ??= who.person;
    if (entry.person !== who.person) return "another-person";
    if (!await sendOne(entry, who)) return "away";
  }
  return "done";
}

/**
 * @param {outbox.Entry} entry
 * @returns {Promise<boolean>} false where the server could not be reached
 */
async function sendOne(entry, who) {
  let answer;
  try {
    answer = await fetch(entry.url, {
      method: "POST", redirect: "manual", headers: { ...JSON_ONLY, [who.header]: who.token },
      body: new URLSearchParams(entry.fields),
    });
  } catch (unreachable) {
    return false;
  }
  if (answer.status >= 500 || answer.type === "opaqueredirect") return false;
  const told = await answer.json().catch(() => ({}));
  await outbox.put({
    ...entry,
    state: answer.ok ? "sent" : "told",
    sentAt: Date.parse(answer.headers.get("Date") ?? "") || Date.now(),
    sentence: told.sentence ?? "",
    errors: told.errors ?? {},
    status: answer.status,
  });
  return true;
}

let sending = Promise.resolve("done");

/** @returns {Promise<Outcome>} */
export function send() {
  sending = sending.then(() => navigator.locks.request("islet-outbox", sendAll));
  return sending;
}

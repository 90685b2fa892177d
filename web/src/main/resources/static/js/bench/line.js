/**
 * Asks for the preview of a design over one open line, as a request for each move of a hand would cost as much as its
 * answer. Where the line cannot be had, or breaks, it asks by request; after a while a question tries for a line again.
 */

const PATIENCE_MS = 4000;

/** A line that broke before it answered anything is likely to do so again. */
const TRY_AGAIN_MS = 15000;

/**
 * @param {string} address of the Build page
 * @returns {{ ask: (fields: Object<string, string>) => Promise<string>, close: () => void }} `ask` gives the piece of
 *   page; one question at a time
 */
export function open(address) {
  const place = new URL(`${address}/line`, location.href);
  place.protocol = place.protocol.replace("http", "ws");
  let line = null;
  let proven = false;
  let tryFrom = 0;
  let answered = () => {};

  function connect() {
    const mine = line = new WebSocket(place);
    proven = false;
    mine.addEventListener("message", event => { proven = true; answered(event.data); });
    mine.addEventListener("close", () => { if (line === mine) hangUp(); });
  }

  function hangUp() {
    line?.close();
    line = null;
    if (!proven) tryFrom = performance.now() + TRY_AGAIN_MS;
    answered(null);
  }

  async function request(fields) {
    const response = await fetch(`${address}/preview`, { method: "POST", body: new URLSearchParams(fields) });
    if (response.status !== 200 && response.status !== 422) throw new Error(String(response.status));
    return response.text();
  }

  async function ask(fields) {
    if (!line && performance.now() >= tryFrom) connect();
    if (line?.readyState !== WebSocket.OPEN) return request(fields);
    const piece = await new Promise(done => {
      const patience = setTimeout(hangUp, PATIENCE_MS);
      answered = answer => { clearTimeout(patience); answered = () => {}; done(answer); };
      line.send(JSON.stringify(fields));
    });
    return piece ?? request(fields);
  }

  return { ask, close: hangUp };
}

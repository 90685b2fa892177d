/** What the design form says, and what of it is only how one looks at the drawing. */

const VIEW = ["cut", "ahead", "whose", "lamps"];
const OF_THE_PAGE = [...VIEW, "revision", "_csrf"];

/** @param {HTMLFormElement} form @returns {URLSearchParams} all of it, as it is sent */
export const sent = form => new URLSearchParams(new FormData(form));

/** @param {HTMLFormElement} form @returns {string[][]} names and values that are not of the design */
export const view = form => [...sent(form)].filter(([name]) => OF_THE_PAGE.includes(name));

/** @param {HTMLFormElement} form @returns {string} the design alone, to compare and to keep */
export function design(form) {
  const body = sent(form);
  for (const name of OF_THE_PAGE) body.delete(name);
  return body.toString();
}

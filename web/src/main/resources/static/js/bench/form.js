/** What the design form says, and what of it is only how one looks at the drawing. */

const VIEW = ["cut", "ahead", "whose", "lamps", "depths"];
const OF_THE_PAGE = [...VIEW, "revision", "_csrf"];

/** @param {HTMLInputElement} field @returns {boolean} whether it changes how one looks and nothing of the design */
export const isView = field => VIEW.includes(field.name);

/** @param {HTMLFormElement} form @returns {URLSearchParams} all of it, as it is sent */
export const sent = form => new URLSearchParams(new FormData(form));

/** @param {HTMLFormElement} form @returns {string[][]} names and values that are not of the design */
export const view = form => [...sent(form)].filter(([name]) => OF_THE_PAGE.includes(name));

const alone = body => {
  for (const name of OF_THE_PAGE) body.delete(name);
  return body.toString();
};

/** @param {HTMLFormElement} form @returns {string} the design alone, to compare and to keep */
export const design = form => alone(sent(form));

/**
 * The design as the server sent it, whatever was typed since: a page can be typed into before its scripts have come.
 * @param {HTMLFormElement} form
 * @returns {string}
 */
export function served(form) {
  const body = new URLSearchParams();
  for (const field of form.elements) {
    if (!field.name || field.matches("button, fieldset, output, :disabled")) continue;
    if (field.type === "checkbox") {
      if (field.defaultChecked) body.append(field.name, field.value);
    } else if (field.tagName === "SELECT") {
      body.append(field.name, ([...field.options].find(o => o.defaultSelected) ?? field.options[0]).value);
    } else {
      body.append(field.name, field.defaultValue);
    }
  }
  return alone(body);
}

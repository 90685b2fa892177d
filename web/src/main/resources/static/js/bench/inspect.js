/**
 * The form as an inspector: what is chosen in the drawing shows its fields, nothing chosen shows the vessel. With "All
 * fields" every group stands open, for the keyboard and for those who like a list.
 */

/**
 * @param {Document} root
 * @returns {() => void}
 */
export function enhance(root) {
  const form = root.querySelector("form[data-preview]");
  const head = root.querySelector("[data-inspect]");
  if (!form || !head) return () => {};
  const view = root.defaultView;
  const all = head.querySelector("[data-all-fields]");
  const KEY = "islet-all-fields";

  const groups = () => [...form.querySelectorAll("details.fold:not(.tray)")];
  const words = text => (text ?? "").split(" ").filter(Boolean);

  function openAll() {
    if (all.checked) for (const group of groups()) if (group.classList.contains("section")) group.open = true;
  }

  /** One group open, the others away; what is wrong stays in sight. */
  function only(group) {
    if (all.checked) {
      group.open = true;
    } else {
      for (const other of groups()) other.open = other === group || other.querySelector("[aria-invalid=true]") !== null;
    }
    group.scrollIntoView({ block: "nearest" });
  }

  const main = () => form.querySelector("details[data-main]");

  function groupOf(target) {
    const part = target.closest("[data-part]")?.dataset.part;
    const row = part && form.querySelector(`[data-row="${CSS.escape(part)}"]`);
    if (row) return row;
    const things = new Set(words(target.closest("[data-thing]")?.dataset.thing));
    return groups().find(group => words(group.dataset.things).some(word => things.has(word))) ?? null;
  }

  function chosen(event) {
    const svg = event.target.closest?.("#answer svg.working");
    if (!svg || event.target.closest(".s-pin")) return;
    only(groupOf(event.target) ?? main());
  }

  /** A field that a link or an error leads to is shown. */
  function reveal(element) {
    for (let group = element?.closest("details"); group; group = group.parentElement.closest("details")) group.open = true;
  }

  function linked() {
    const target = view.location.hash.length > 1 ? root.getElementById(decodeURIComponent(view.location.hash.slice(1))) : null;
    if (!target || !form.contains(target)) return;
    reveal(target);
    target.scrollIntoView({ block: "center" });
    target.focus({ preventScroll: true });
  }

  function toggled() {
    view.localStorage.setItem(KEY, String(all.checked));
    all.checked ? openAll() : only(main());
  }

  function drawn() {
    openAll();
    for (const wrong of form.querySelectorAll("[aria-invalid=true]")) reveal(wrong);
  }

  head.hidden = false;
  all.checked = view.localStorage.getItem(KEY) === "true";
  openAll();
  linked();
  root.addEventListener("click", chosen);
  all.addEventListener("change", toggled);
  view.addEventListener("hashchange", linked);
  form.addEventListener("design:drawn", drawn);
  form.addEventListener("design:refused", drawn);
  return () => {
    root.removeEventListener("click", chosen);
    all.removeEventListener("change", toggled);
    view.removeEventListener("hashchange", linked);
    form.removeEventListener("design:drawn", drawn);
    form.removeEventListener("design:refused", drawn);
  };
}

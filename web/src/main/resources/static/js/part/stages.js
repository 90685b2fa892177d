/**
 * Shows only the stages of the species that is chosen; without script all of them stand in the list.
 *
 * @param {Document} root
 * @returns {() => void}
 */
export function enhance(root) {
  const species = root.querySelector("select[name=species]");
  const stage = root.querySelector("select[name=stage]");
  if (!species || !stage) return () => {};
  const all = [...stage.options];

  function narrow() {
    const chosen = stage.value;
    stage.replaceChildren(...all.filter(o => !o.value || !species.value || o.value.startsWith(species.value + "/")));
    stage.value = [...stage.options].some(o => o.value === chosen) ? chosen : "";
  }

  narrow();
  species.addEventListener("change", narrow);
  return () => species.removeEventListener("change", narrow);
}

package app.islet.web.page.design.build;

import app.islet.core.care.Medicine;
import app.islet.core.care.Plant;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.UnitSystem;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Inputs;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The design as a form: what its document says, field by field, into typed words; and typed words
 * into what a document says, which is then read as any document is.
 */
final class DesignForm {
  static final String PLANT = "plant-";
  static final String MEDICINE = "medicine-";

  /** Sea water, for a salt pool of which nobody says how salty it is; common practice. */
  private static final double SEA_PPT = 33;

  private static final String SALT_POOL = "/furnishings/dishes/salt";

  /** Groups that are there where a box is ticked; others where their first field says something. */
  private static final Map<String, String> TICKED =
      Map.of(
          "/platform", "platform",
          "/equipment/uvb-lamp", "uvb",
          "/equipment/air-stone", "airStone");

  private DesignForm() {}

  /** What the form shows for a saved design. */
  static Map<String, String> typed(Enclosure e, UnitSystem units) {
    Map<String, String> typed = new LinkedHashMap<>();
    DesignTree design = new DesignTree(e);
    DesignInput.GROUPS.forEach(
        (place, inputs) -> {
          Map<String, Object> group = design.find(place).orElse(Map.of());
          if (design.find(place).isPresent() || !DesignInput.isOptional(place)) {
            inputs.forEach(i -> Inputs.show(typed, i.id(), i.slot(), i.value(group), units));
            Optional.ofNullable(TICKED.get(place)).ifPresent(box -> typed.put(box, "on"));
          }
        });
    for (FormRows rows : FormRows.values()) {
      typed.putAll(rows.typed(rows.of(design), units));
    }
    design.list("/furnishings", "plants").forEach(id -> typed.put(PLANT + id, "on"));
    design.list("/water", "medicines").forEach(id -> typed.put(MEDICINE + id, "on"));
    return typed;
  }

  /**
   * The numbers of a design by the field they stand in, exact: a field left as it was shown means
   * just that number.
   */
  private static Map<String, Quantity> numbers(DesignTree design) {
    Map<String, Quantity> numbers = new LinkedHashMap<>();
    DesignInput.GROUPS.forEach(
        (place, inputs) ->
            design
                .find(place)
                .ifPresent(
                    group ->
                        inputs.forEach(
                            i ->
                                Inputs.exact(i.slot(), i.value(group))
                                    .ifPresent(q -> numbers.put(i.id(), q)))));
    for (FormRows rows : FormRows.values()) {
      numbers.putAll(rows.numbers(rows.of(design)));
    }
    return numbers;
  }

  /**
   * The design the form describes, or nothing, with the reasons in {@code form}. What the form has
   * no field for stays.
   */
  static Optional<Enclosure> read(Form form, Enclosure base) {
    DesignTree design = new DesignTree(base);
    form.keepExact(numbers(design));
    DesignInput.GROUPS.forEach((place, inputs) -> read(form, place, inputs, design));
    design.find(SALT_POOL).ifPresent(pool -> pool.putIfAbsent("salinityPpt", SEA_PPT));
    tick(form, PLANT, Plant.all().stream().map(Plant::id), design, "/furnishings", "plants");
    tick(form, MEDICINE, Medicine.all().stream().map(Medicine::id), design, "/water", "medicines");
    for (FormRows rows : FormRows.values()) {
      rows.read(form, design);
    }
    if (!form.hasErrors()) {
      DesignFit.refuse(form, design);
    }
    return form.hasErrors() ? Optional.empty() : Optional.of(design.enclosure());
  }

  private static void read(Form form, String place, List<DesignInput> inputs, DesignTree design) {
    boolean there = isThere(form, place, inputs);
    Map<String, Object> group = there ? design.open(place) : new LinkedHashMap<>();
    for (DesignInput input : inputs) {
      if (there || !Inputs.isZero(form, input.id())) {
        Object value =
            Inputs.read(form, input.id(), input.slot(), there && input.slot().isRequired());
        group.compute(input.slot().name(), (name, before) -> value);
      }
    }
    if (!there) {
      design.remove(place);
    }
  }

  private static boolean isThere(Form form, String place, List<DesignInput> inputs) {
    if (TICKED.containsKey(place)) {
      return form.flag(TICKED.get(place));
    }
    return !DesignInput.isOptional(place)
        || !Inputs.isNone(form, inputs.get(0).id(), inputs.get(0).slot());
  }

  /** What is still ticked in its order, and what was ticked anew behind it. */
  private static void tick(
      Form form, String prefix, Stream<String> ids, DesignTree design, String place, String list) {
    Stream<String> before = design.list(place, list).stream().map(String.class::cast);
    design
        .open(place)
        .put(
            list,
            Stream.concat(before, ids).distinct().filter(id -> form.flag(prefix + id)).toList());
  }
}

package app.islet.web.page.design.build;

import app.islet.core.care.CompanyKind;
import app.islet.core.enclosure.Companion;
import app.islet.core.enclosure.DesignField;
import app.islet.core.enclosure.Dish;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.field.RecordShape;
import app.islet.core.field.Slot;
import app.islet.core.text.Fields;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * An input of the form of a design that is one field of it.
 *
 * @param id of the input
 * @param place of the group its field is in
 * @param slot the field
 */
record DesignInput(String id, String place, Slot slot) {
  static final String COMPANY = "with-";
  static final String BRED = "bred-";

  /** By the group they are in; the first of a group says whether there is one. */
  static final Map<String, List<DesignInput>> GROUPS = groups();

  private static final Set<String> OPTIONAL =
      GROUPS.keySet().stream()
          .filter(
              place ->
                  !place.isEmpty()
                      && RecordShape.of(Enclosure.class)
                          .at(place)
                          .filter(s -> s.many() != Slot.Many.OPTIONAL)
                          .isEmpty())
          .collect(Collectors.toUnmodifiableSet());

  private static Map<String, List<DesignInput>> groups() {
    List<DesignInput> all = new ArrayList<>();
    for (DesignField f : DesignField.values()) {
      if (f.isInDesignForm() && f != DesignField.PLATFORM) {
        String place = f.pointer().substring(0, f.pointer().lastIndexOf('/'));
        all.add(new DesignInput(f.key(), place, f.slot()));
      }
    }
    for (String water : List.of("fresh", "salt")) {
      String place = "/furnishings/dishes/" + water;
      all.add(of(water + "Pool", place, Dish.class, "depthCm"));
      all.add(of(water + "PoolArea", place, Dish.class, "areaCm2"));
      all.add(of(water + "PoolSlope", place, Dish.class, "slope"));
    }
    all.add(of("saltPoolSalt", "/furnishings/dishes/salt", Dish.class, "salinityPpt"));
    for (CompanyKind kind : CompanyKind.all()) {
      String place = "/company/" + kind.id();
      all.add(of(COMPANY + kind.id(), place, Companion.class, "count"));
      all.add(of(BRED + kind.id(), place, Companion.class, "established"));
    }
    Map<String, List<DesignInput>> groups = new LinkedHashMap<>();
    all.forEach(input -> groups.computeIfAbsent(input.place, p -> new ArrayList<>()).add(input));
    groups.put("/equipment/air-stone", List.of());
    return groups;
  }

  private static DesignInput of(String id, String place, Class<?> type, String name) {
    return new DesignInput(id, place, RecordShape.of(type).at("/" + name).orElseThrow());
  }

  /** Whether a design can be without that group. */
  static boolean isOptional(String place) {
    return OPTIONAL.contains(place);
  }

  /** What the input shows of its group: choices also where the usual one is left out. */
  @Nullable Object value(Map<String, Object> group) {
    Object there = group.get(slot.name());
    return there == null && slot.usual().orElse(null) instanceof Enum<?> usual
        ? Fields.written(usual)
        : there;
  }
}

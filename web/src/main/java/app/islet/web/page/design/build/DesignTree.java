package app.islet.web.page.design.build;

import app.islet.core.document.EnclosureFormat;
import app.islet.core.enclosure.Enclosure;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * What the document of a design says, laid out to change it: groups of fields by their place, as
 * {@code /vessel}. In the lists of devices, of company and of dishes the first of its kind has a
 * place of its own: {@code /equipment/heater}, {@code /furnishings/dishes/salt}.
 */
final class DesignTree {
  /** What a dish with less salt in it counts as fresh, g/kg; common practice, no source. */
  private static final double SALT_FROM_PPT = 1;

  private static final String KIND = "kind";

  /** What the groups of a list are told apart by. */
  private static final Map<String, Function<Map<String, Object>, String>> KEYED =
      Map.of(
          "/equipment", device -> (String) device.get(KIND),
          "/company", some -> (String) some.get(KIND),
          "/furnishings/dishes",
              dish ->
                  ((Number) dish.get("salinityPpt")).doubleValue() < SALT_FROM_PPT
                      ? "fresh"
                      : "salt");

  private final Map<String, Object> root;

  DesignTree(Enclosure e) {
    root = group(laidOut("", EnclosureFormat.written(e)));
  }

  @SuppressWarnings("unchecked")
  private static Map<String, Object> group(Object value) {
    return (Map<String, Object>) value;
  }

  private static Object laidOut(String place, Object value) {
    Map<String, Object> copy = new LinkedHashMap<>();
    if (value instanceof Map<?, ?> fields) {
      fields.forEach((name, v) -> copy.put((String) name, laidOut(place + "/" + name, v)));
      return copy;
    }
    if (value instanceof List<?> list && KEYED.containsKey(place)) {
      for (Object item : list) {
        String key = KEYED.get(place).apply(group(item));
        copy.put(copy.containsKey(key) ? key + " " + copy.size() : key, laidOut("", item));
      }
      return copy;
    }
    return value;
  }

  /** A group that is there. */
  Optional<Map<String, Object>> find(String place) {
    Map<String, Object> around = root;
    for (String name : names(place)) {
      Object inner = around.get(name);
      if (inner == null) {
        return Optional.empty();
      }
      around = group(inner);
    }
    return Optional.of(around);
  }

  private static List<String> names(String place) {
    return place.isEmpty() ? List.of() : List.of(place.substring(1).split("/"));
  }

  /** A group to put fields into, made where it was not there. */
  Map<String, Object> open(String place) {
    Map<String, Object> around = root;
    for (String name : names(place)) {
      around = group(around.computeIfAbsent(name, n -> new LinkedHashMap<>()));
    }
    return around;
  }

  void remove(String place) {
    int last = place.lastIndexOf('/');
    find(place.substring(0, last)).ifPresent(around -> around.remove(place.substring(last + 1)));
  }

  /** The entries of a list, none where there is none. */
  List<?> list(String place, String name) {
    return find(place).map(g -> (List<?>) g.getOrDefault(name, List.of())).orElse(List.of());
  }

  /**
   * The design that is described; what was in a list stays in its order.
   *
   * @throws app.islet.core.text.UnreadableException if it is none
   */
  Enclosure enclosure() {
    return EnclosureFormat.read(Enclosure.class, group(gathered("", root)));
  }

  private static Object gathered(String place, Object value) {
    if (!(value instanceof Map<?, ?> fields)) {
      return value;
    }
    Map<String, Object> copy = new LinkedHashMap<>();
    fields.forEach((name, v) -> copy.put((String) name, gathered(place + "/" + name, v)));
    if (!KEYED.containsKey(place)) {
      return copy;
    }
    if (!place.equals("/furnishings/dishes")) {
      copy.forEach((key, item) -> group(item).putIfAbsent(KIND, key));
    }
    return new ArrayList<>(copy.values());
  }
}

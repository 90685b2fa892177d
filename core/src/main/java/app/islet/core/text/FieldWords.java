package app.islet.core.text;

import java.util.List;
import java.util.Map;

/** How what was read is shown in a sentence about it. */
final class FieldWords {
  private FieldWords() {}

  static String shown(Node node) {
    Object value = node.value();
    if (value instanceof String text) {
      return "\"" + (text.length() > 40 ? text.substring(0, 40) + "..." : text) + "\"";
    }
    if (value instanceof Double number) {
      return plain(number);
    }
    return value instanceof Map
        ? "a group"
        : value instanceof List ? "this list" : String.valueOf(value);
  }

  static String plain(double number) {
    return number == Math.rint(number) && Math.abs(number) < 1e9
        ? String.valueOf((long) number)
        : String.valueOf(number);
  }

  /** As in {@code 0 to 45 g/kg}. */
  static String span(double min, double max, String unit) {
    return plain(min) + " to " + plain(max) + (unit.isEmpty() ? "" : " " + unit);
  }
}

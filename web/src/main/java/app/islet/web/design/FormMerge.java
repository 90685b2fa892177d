package app.islet.web.design;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;

/**
 * Lays what one keeper typed over what another saved meanwhile, field by field: whoever changed a
 * field has their way.
 */
final class FormMerge {
  private FormMerge() {}

  /**
   * @param typed the whole form as it was sent
   * @param before what the form showed when it was opened
   * @param now what it would show of what the other saved
   * @return empty if both changed one field, each in another way
   */
  static Optional<Map<String, String>> of(
      Map<String, String> typed, Map<String, String> before, Map<String, String> now) {
    TreeSet<String> fields = new TreeSet<>(before.keySet());
    fields.addAll(now.keySet());
    Map<String, String> merged = new LinkedHashMap<>(typed);
    for (String field : fields) {
      String mine = typed.getOrDefault(field, "").strip();
      String was = before.getOrDefault(field, "");
      String theirs = now.getOrDefault(field, "");
      boolean theyChangedIt = !theirs.equals(was);
      if (theyChangedIt && mine.equals(was)) {
        merged.put(field, theirs);
      } else if (theyChangedIt && !mine.equals(theirs)) {
        return Optional.empty();
      }
    }
    return Optional.of(merged);
  }
}

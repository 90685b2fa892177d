package app.islet.web.page.design.build;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Predicate;

/**
 * Lays what one keeper typed over what another saved meanwhile, field by field: whoever changed a
 * field has their way. Rows are counted by their place: where one was added or taken away, all of
 * its kind are one field.
 *
 * @param fields the form with both in it; of no use where there are clashes
 * @param clashes what both changed, each in another way
 */
record FormMerge(Map<String, String> fields, List<Clash> clashes) {
  /** The field that says how many rows there are, and what the names of their fields begin with. */
  private static final Map<String, String> ROWS =
      Map.of("parts", "p", "layers", "l", "points", "g");

  /**
   * What both changed.
   *
   * @param field its name, or that of the number of rows
   */
  record Clash(String field, String mine, String theirs) {}

  /**
   * @param typed the whole form as it was sent
   * @param before what the form showed when it was opened
   * @param now what it would show of what the other saved
   */
  static FormMerge of(
      Map<String, String> typed, Map<String, String> before, Map<String, String> now) {
    FormMerge merge = new FormMerge(new LinkedHashMap<>(typed), new ArrayList<>());
    TreeSet<String> fields = new TreeSet<>(before.keySet());
    fields.addAll(now.keySet());
    ROWS.forEach(
        (count, key) -> {
          Predicate<String> ofRows = f -> f.equals(count) || f.matches(key + "\\d+-.*");
          if (isOther(count, key, before, now) || isOther(count, key, before, typed)) {
            merge.rows(count, ofRows, typed, before, now);
            fields.removeIf(ofRows);
          }
        });
    fields.forEach(field -> merge.field(field, typed, before, now));
    return merge;
  }

  /** Whether the same place is another row. */
  private static boolean isOther(
      String count, String key, Map<String, String> one, Map<String, String> other) {
    Predicate<String> shape = f -> f.equals(count) || f.matches(key + "\\d+-id");
    return !only(shape, one).equals(only(shape, other));
  }

  private static Map<String, String> only(Predicate<String> which, Map<String, String> all) {
    Map<String, String> some = new TreeMap<>();
    all.forEach(
        (field, value) -> {
          if (which.test(field) && !value.isBlank()) {
            some.put(field, value.strip());
          }
        });
    return some;
  }

  private void rows(
      String count,
      Predicate<String> ofRows,
      Map<String, String> typed,
      Map<String, String> before,
      Map<String, String> now) {
    Map<String, String> was = only(ofRows, before);
    Map<String, String> mine = only(ofRows, typed);
    Map<String, String> theirs = only(ofRows, now);
    if (theirs.equals(was) || theirs.equals(mine)) {
      return;
    }
    if (mine.equals(was)) {
      fields.keySet().removeIf(ofRows);
      fields.putAll(theirs);
    } else {
      clashes.add(new Clash(count, typed.getOrDefault(count, "0"), now.getOrDefault(count, "0")));
    }
  }

  private void field(
      String field,
      Map<String, String> typed,
      Map<String, String> before,
      Map<String, String> now) {
    String mine = typed.getOrDefault(field, "").strip();
    String was = before.getOrDefault(field, "");
    String theirs = now.getOrDefault(field, "");
    boolean theyChangedIt = !theirs.equals(was);
    if (theyChangedIt && mine.equals(was)) {
      fields.put(field, theirs);
    } else if (theyChangedIt && !mine.equals(theirs)) {
      clashes.add(new Clash(field, mine, theirs));
    }
  }
}

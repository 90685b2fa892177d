package app.islet.web.base.support;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One input of a form, ready to be shown.
 *
 * @param id name and id of the input
 * @param kind {@code number}, {@code text}, {@code date}, {@code password}, {@code code}, {@code
 *     select} or {@code checkbox}
 * @param value as typed
 * @param error what is wrong with it, or null
 * @param options for a select: value and words
 */
public record Field(
    String id,
    String label,
    String kind,
    String unit,
    String value,
    String hint,
    @Nullable String error,
    List<Option> options) {
  public record Option(String value, String words) {}

  public static Field of(
      Form form, String id, String label, String kind, String unit, String hint) {
    return new Field(id, label, kind, unit, form.typed(id), hint, form.error(id), List.of());
  }

  public static Field select(Form form, String id, String label, List<Option> options) {
    return new Field(id, label, "select", "", form.typed(id), "", form.error(id), options);
  }

  public Field withHint(String other) {
    return new Field(id, label, kind, unit, value, other, error, options);
  }

  public Field withOptions(List<Option> others) {
    return new Field(id, label, kind, unit, value, hint, error, others);
  }

  public boolean checked() {
    return value.equals("on");
  }
}

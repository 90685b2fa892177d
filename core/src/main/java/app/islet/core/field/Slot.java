package app.islet.core.field;

import app.islet.core.quantity.Limit;
import java.lang.reflect.RecordComponent;
import java.util.Locale;
import java.util.Optional;

/**
 * A component of a record, as it stands in a document.
 *
 * @param name of its field
 * @param type of it, or of what it may hold
 * @param limit of a number
 * @param usual what counts where it is left out; nothing where it must be there
 */
public record Slot(
    String name,
    Class<?> type,
    Many many,
    Optional<Limit> limit,
    Optional<Object> usual,
    Layout layout,
    RecordComponent component) {
  /** How many values it holds. */
  public enum Many {
    ONE,
    OPTIONAL,
    LIST
  }

  /**
   * @param flat whether its fields stand among those of the record around it
   * @param always whether it is written where it is as usual
   * @param most entries of a list, or characters of a text
   */
  public record Layout(boolean flat, boolean always, int most) {}

  public boolean isFlat() {
    return layout.flat();
  }

  /** Whether a group without it is refused. */
  public boolean isRequired() {
    return many == Many.ONE && usual.isEmpty();
  }

  Limit range() {
    return limit.orElseThrow(
        () -> new IllegalStateException("nobody said between what %s lies".formatted(component)));
  }

  /** The value of this component. */
  Object of(Record record) {
    try {
      return component.getAccessor().invoke(record);
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException(e);
    }
  }

  /** As a document names one kind of a sealed type: {@code uvb-lamp}. */
  static String kindOf(Class<?> member) {
    return member.getSimpleName().replaceAll("(?<=[a-z])(?=[A-Z])", "-").toLowerCase(Locale.ROOT);
  }
}

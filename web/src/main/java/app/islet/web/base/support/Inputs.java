package app.islet.web.base.support;

import app.islet.core.field.Slot;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Limit;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.text.Worded;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * Components of records as inputs of a form. Type, unit and range are those of the component; the
 * values are what a document says: numbers in SI, truths, texts, choices by their written names.
 */
public final class Inputs {
  public static final String YES = "YES";
  public static final String NO = "NO";
  private static final double PERCENT = 100;

  private Inputs() {}

  /** What the input says for a value; nothing where there is none. */
  public static void show(
      Map<String, String> typed, String id, Slot slot, @Nullable Object value, UnitSystem units) {
    if (value instanceof Boolean truth) {
      boolean asked = slot.type() == Boolean.class;
      typed.put(id, truth ? asked ? YES : "on" : asked ? NO : "");
    } else if (value instanceof String text) {
      typed.put(id, slot.type().isEnum() ? text.toUpperCase(Locale.ROOT).replace('-', '_') : text);
    } else {
      exact(slot, value).ifPresent(q -> typed.put(id, Form.shown(q.si(), q.dimension(), units)));
    }
  }

  /** A number as it is typed, but for the keeper's units: a share of one in percent. */
  public static Optional<Quantity> exact(Slot slot, @Nullable Object value) {
    return value instanceof Number number
        ? Optional.of(new Quantity(limit(slot).dimension(), number.doubleValue() * scale(slot)))
        : Optional.empty();
  }

  private static double scale(Slot slot) {
    return slot.limit().orElseThrow().dimension() == Dimension.SHARE ? PERCENT : 1;
  }

  private static Limit limit(Slot slot) {
    Limit limit = slot.limit().orElseThrow();
    double scale = scale(slot);
    return scale == 1
        ? limit
        : Limit.of(Dimension.PERCENT, limit.min() * scale, limit.max() * scale);
  }

  /** The input of a component, named and labelled as its form says. */
  public static Field field(Fields fields, String name, Slot slot) {
    Class<?> type = slot.type();
    if (slot.limit().isPresent()) {
      Limit limit = limit(slot);
      boolean named = limit.dimension().unit(UnitSystem.METRIC).isEmpty();
      return named ? fields.number(name, limit.unit()) : fields.number(name, limit.dimension());
    }
    if (type.isEnum()) {
      return fields.select(name, options(slot));
    }
    return type == boolean.class
        ? fields.check(name)
        : type == LocalDate.class ? fields.date(name) : fields.text(name);
  }

  public static List<Field.Option> options(Slot slot) {
    List<Field.Option> options = new ArrayList<>();
    if (slot.many() == Slot.Many.OPTIONAL) {
      options.add(new Field.Option("", Messages.text("common.not-said")));
    }
    for (Object constant : slot.type().getEnumConstants()) {
      options.add(option((Enum<?>) constant));
    }
    return options;
  }

  public static Field.Option option(Enum<?> constant) {
    return new Field.Option(
        constant.name(), constant instanceof Worded worded ? worded.words() : constant.name());
  }

  /**
   * The value that was typed, nothing where none was; what is wrong with it is noted in the form.
   *
   * @param needed whether an empty one is refused
   */
  public static @Nullable Object read(Form form, String id, Slot slot, boolean needed) {
    if (slot.type() == boolean.class) {
      return form.flag(id);
    }
    if (slot.type() == Boolean.class) {
      return form.typed(id).isEmpty() ? null : form.typed(id).equals(YES);
    }
    if (slot.limit().isPresent()) {
      return number(form, id, slot, needed);
    }
    if (form.typed(id).isEmpty()) {
      return needed && slot.type().isEnum() ? written(slot.type().getEnumConstants()[0]) : null;
    }
    if (slot.type() == LocalDate.class) {
      return form.date(id).map(LocalDate::toString).orElse(null);
    }
    return slot.type().isEnum() ? choice(form, id, slot) : form.typed(id);
  }

  private static @Nullable Object number(Form form, String id, Slot slot, boolean needed) {
    Limit limit = limit(slot);
    if (slot.type() == int.class && !form.typed(id).isEmpty()) {
      return (double) form.whole(id, (int) limit.min(), (int) limit.max(), (int) limit.min());
    }
    OptionalDouble value =
        needed ? OptionalDouble.of(form.number(id, limit)) : form.optional(id, limit);
    return value.isPresent() ? (Object) (value.getAsDouble() / scale(slot)) : null;
  }

  private static @Nullable Object choice(Form form, String id, Slot slot) {
    Optional<?> chosen =
        Arrays.stream(slot.type().getEnumConstants())
            .filter(c -> ((Enum<?>) c).name().equals(form.typed(id)))
            .findFirst();
    if (chosen.isEmpty()) {
      form.refuse(id, "Please choose one of the list.");
    }
    return chosen.map(Inputs::written).orElse(null);
  }

  private static String written(Object constant) {
    return app.islet.core.text.Fields.written((Enum<?>) constant);
  }

  public static boolean isZero(Form form, String id) {
    return form.typed(id).matches("0([.,]0*)?");
  }

  /** Whether nothing was typed, or a zero where that is less than the least there can be. */
  public static boolean isNone(Form form, String id, Slot slot) {
    return form.typed(id).isEmpty() || slot.limit().orElseThrow().min() > 0 && isZero(form, id);
  }
}

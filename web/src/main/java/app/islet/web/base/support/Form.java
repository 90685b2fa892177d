package app.islet.web.base.support;

import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Limit;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.Range;
import app.islet.core.quantity.TypedNumber;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.text.PlainText;
import app.islet.core.text.PossibleDays;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeParseException;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What was typed into a form: read in the keeper's units, kept as typed, every problem noted beside
 * its field.
 *
 * <p>A decimal comma is understood, and a unit behind the number, whichever the keeper chose.
 */
public final class Form {
  /** Under this name a request keeps the form that was sent with it. */
  public static final String SENT = Form.class.getName();

  private static final int LONGEST_NOTE = 300;

  private final Map<String, String> typed;
  private final UnitSystem units;
  private final Map<String, String> errors = new LinkedHashMap<>();
  private final Map<String, Quantity> exact = new HashMap<>();

  public Form(Map<String, String> typed, UnitSystem units) {
    this.typed = typed;
    this.units = units;
    typed.forEach(
        (id, text) -> {
          if (!PlainText.isPlain(text)) {
            refuse(id, "This has a character in it that cannot be written; please type it anew.");
          }
        });
  }

  /**
   * Id made with the page, so that sending it twice is harmless.
   *
   * @throws RefusedException if there is none
   */
  public UUID clientId() {
    return clientId("clientId");
  }

  /**
   * The id of an entry that was made with an earlier page.
   *
   * @throws RefusedException if there is none
   */
  public UUID clientId(String field) {
    try {
      return UUID.fromString(typed(field));
    } catch (IllegalArgumentException e) {
      throw new RefusedException(
          "That page was out of date. Load it again and send it once more.", e);
    }
  }

  /**
   * Numbers as they were when the form was shown: a field that still says the same means that
   * number, not what its rounded text would turn back into.
   */
  public void keepExact(Map<String, Quantity> numbers) {
    exact.putAll(numbers);
  }

  /** The same words read anew: what is wrong with them is not held against this form. */
  public Form again() {
    return new Form(typed, units);
  }

  /** Everything that was typed, by field. */
  public Map<String, String> all() {
    return Map.copyOf(typed);
  }

  public UnitSystem units() {
    return units;
  }

  /** What was typed, without blanks at its ends and without what cannot be written. */
  public String typed(String id) {
    return PlainText.of(typed.getOrDefault(id, "")).strip();
  }

  /** As it was typed, with blanks at its ends. */
  public String untouched(String id) {
    return typed.getOrDefault(id, "");
  }

  public @Nullable String error(String id) {
    return errors.get(id);
  }

  public Map<String, String> errors() {
    return errors;
  }

  public boolean hasErrors() {
    return !errors.isEmpty();
  }

  public void refuse(String id, String sentence) {
    errors.putIfAbsent(id, sentence);
  }

  /**
   * The number a record is known by.
   *
   * @throws RefusedException if there is none
   */
  public long id(String field) {
    String text = typed(field);
    if (!text.matches("\\d{1,18}")) {
      throw new RefusedException(
          "That page was out of date: \"%s\" was not sent. Load it again.".formatted(field));
    }
    return Long.parseLong(text);
  }

  /** A required number, in the inside unit; the least allowed where it was refused. */
  public double number(String id, Dimension dimension, double min, double max) {
    if (typed(id).isEmpty()) {
      refuse(id, "Please give a number: " + new Range(min, max).text(dimension, units) + ".");
      return min;
    }
    return optional(id, dimension, min, max).orElse(min);
  }

  public double number(String id, Limit limit) {
    return number(id, limit.dimension(), limit.min(), limit.max());
  }

  public OptionalDouble optional(String id, Limit limit) {
    return optional(id, limit.dimension(), limit.min(), limit.max());
  }

  /** A number that may be left empty, in the inside unit. */
  public OptionalDouble optional(String id, Dimension dimension, double min, double max) {
    String text = typed(id);
    if (text.isEmpty()) {
      return OptionalDouble.empty();
    }
    String range = new Range(min, max).text(dimension, units);
    OptionalDouble parsed = TypedNumber.parse(text, dimension, units);
    if (parsed.isEmpty()) {
      refuse(id, "\"%s\" is not a number. It should be %s.".formatted(text, range));
      return OptionalDouble.empty();
    }
    Quantity before = exact.get(id);
    if (before != null && text.equals(shown(before.si(), before.dimension(), units))) {
      return OptionalDouble.of(before.si());
    }
    double value = parsed.getAsDouble();
    // Half a unit of the last place shown: the edge of the range as written must itself be
    // accepted.
    double slack =
        1e-9
            + (units == UnitSystem.US
                ? 0.05 / Math.max(1e-3, dimension.toUnit(1, units) - dimension.toUnit(0, units))
                : 0);
    if (!(value >= min - slack && value <= max + slack)) {
      refuse(id, "%s is outside what is possible here: %s.".formatted(text, range));
      return OptionalDouble.empty();
    }
    return OptionalDouble.of(Math.max(min, Math.min(max, value)));
  }

  public int whole(String id, int min, int max, int fallback) {
    String text = typed(id);
    if (text.isEmpty()) {
      return fallback;
    }
    if (!text.matches("\\d{1,6}") || Integer.parseInt(text) < min || Integer.parseInt(text) > max) {
      refuse(id, "\"%s\" should be a whole number from %d to %d.".formatted(text, min, max));
      return fallback;
    }
    return Integer.parseInt(text);
  }

  public String text(String id, int maxLength, String whatIsWanted) {
    String text = typed(id);
    if (text.isEmpty() || text.length() > maxLength) {
      refuse(
          id,
          text.isEmpty()
              ? "Please give " + whatIsWanted + "."
              : "At most %d characters, please; this has %d.".formatted(maxLength, text.length()));
    }
    return text;
  }

  /**
   * Words beside an act, which is done with or without them: no more of them than the field takes.
   */
  public String note(String id) {
    String text = typed(id);
    return text.substring(0, Math.min(LONGEST_NOTE, text.length()));
  }

  /** A time zone by its name in the tz database; UTC where it is none, with the problem noted. */
  public ZoneId zone(String field) {
    try {
      return ZoneId.of(typed(field));
    } catch (DateTimeException e) {
      refuse(field, "\"%s\" is not a time zone such as Europe/Vienna.".formatted(typed(field)));
      return ZoneId.of("UTC");
    }
  }

  public Optional<LocalDate> date(String id) {
    String text = typed(id);
    if (text.isEmpty()) {
      return Optional.empty();
    }
    try {
      LocalDate day = LocalDate.parse(text);
      if (day.isBefore(PossibleDays.FIRST) || day.isAfter(PossibleDays.LAST)) {
        refuse(id, "A day from %s to %s, please.".formatted(PossibleDays.FIRST, PossibleDays.LAST));
        return Optional.empty();
      }
      return Optional.of(day);
    } catch (DateTimeParseException e) {
      refuse(id, "\"%s\" is not a date such as 2026-03-01.".formatted(text));
      return Optional.empty();
    }
  }

  /** Whether a field of that name was sent, even with nothing in it. */
  public boolean has(String id) {
    return typed.containsKey(id);
  }

  public boolean flag(String id) {
    return typed(id).equals("on");
  }

  public <E extends Enum<E>> E choice(String id, Class<E> type, E fallback) {
    try {
      return typed(id).isEmpty() ? fallback : Enum.valueOf(type, typed(id));
    } catch (IllegalArgumentException e) {
      refuse(id, "Please choose one of the list.");
      return fallback;
    }
  }

  /**
   * A number as it stands in a field: in the keeper's units, without more places than are worth it.
   */
  public static String shown(double si, Dimension dimension, UnitSystem units) {
    double value = dimension.toUnit(si, units);
    String text =
        new BigDecimal(value)
            .setScale(2, RoundingMode.HALF_UP)
            .stripTrailingZeros()
            .toPlainString();
    return text.equals("-0") ? "0" : text;
  }
}

package app.islet.core.portrait;

import app.islet.core.animal.Resident;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Stage;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.geometry.Grid;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.UnitSystem;
import java.lang.reflect.Array;
import java.lang.reflect.RecordComponent;
import java.math.BigDecimal;
import java.math.MathContext;
import java.time.temporal.Temporal;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

/** Writes a value out: records by their parts, numbers to five digits, long rows by their sums. */
final class Words {
  /** Longer lines are broken into their parts. */
  private static final int WIDE = 138;

  /** More names than that are counted, not listed. */
  private static final int MANY = 20;

  private static final MathContext FIVE = new MathContext(5);

  private Words() {}

  /**
   * A line for it, or where it is long a line for each of its parts, so that a difference is one
   * line.
   */
  static void lines(String label, Object value, String indent, List<String> out) {
    String line = indent + label + ": " + of(value);
    if (value instanceof Optional<?> optional && optional.isPresent()) {
      lines(label, optional.get(), indent, out);
    } else if (line.length() <= WIDE || !hasParts(value)) {
      out.add(line);
    } else {
      out.add(indent + label + ":");
      if (value instanceof Collection<?> all) {
        all.forEach(each -> lines("-", each, indent + "  ", out));
      } else {
        Record record = (Record) value;
        for (RecordComponent part : record.getClass().getRecordComponents()) {
          lines(part.getName(), read(record, part), indent + "  ", out);
        }
      }
    }
  }

  private static boolean hasParts(Object value) {
    return value instanceof Collection<?> all && !(value instanceof Set) && !isCounted(all)
        || value instanceof Record && thing(value).startsWith("(");
  }

  private static boolean isCounted(Collection<?> all) {
    return all.size() > MANY && all.iterator().next() instanceof Enum;
  }

  static String of(Object value) {
    if (value instanceof Double || value instanceof Float) {
      return number(((Number) value).doubleValue());
    }
    if (value instanceof Optional<?> optional) {
      return optional.map(Words::of).orElse("none");
    }
    if (value instanceof OptionalDouble optional) {
      return optional.isPresent() ? number(optional.getAsDouble()) : "none";
    }
    if (value instanceof OptionalInt optional) {
      return optional.isPresent() ? String.valueOf(optional.getAsInt()) : "none";
    }
    if (value instanceof Set<?> set) {
      return set.stream().map(Words::of).sorted().collect(Collectors.joining("; ", "{", "}"));
    }
    if (value instanceof Collection<?> all) {
      return isCounted(all)
          ? counts(all)
          : all.stream().map(Words::of).collect(Collectors.joining("; ", "[", "]"));
    }
    if (value instanceof Map<?, ?> map) {
      Map<String, String> sorted = new TreeMap<>();
      map.forEach((k, v) -> sorted.put(of(k), of(v)));
      return sorted.toString();
    }
    return value.getClass().isArray() ? row(value) : thing(value);
  }

  private static String counts(Collection<?> names) {
    return names.stream()
        .collect(Collectors.groupingBy(String::valueOf, TreeMap::new, Collectors.counting()))
        .toString();
  }

  private static String thing(Object value) {
    if (value instanceof Phrase phrase) {
      return phrase.text(UnitSystem.METRIC);
    }
    if (value instanceof Quantity quantity) {
      return quantity.text(UnitSystem.METRIC);
    }
    if (value instanceof Resident resident) {
      return resident.words();
    }
    if (value instanceof CareSheet sheet) {
      return sheet.id();
    }
    if (value instanceof Stage stage) {
      return stage.id();
    }
    if (value instanceof Furnishing part) {
      return part.id();
    }
    if (value instanceof Enclosure || value instanceof Grid) {
      return "";
    }
    if (value instanceof Record record) {
      return parts(record);
    }
    return isPlain(value) ? value.toString() : "";
  }

  private static boolean isPlain(Object value) {
    return value instanceof CharSequence
        || value instanceof Number
        || value instanceof Boolean
        || value instanceof Enum
        || value instanceof Temporal;
  }

  private static String parts(Record record) {
    return Arrays.stream(record.getClass().getRecordComponents())
        .map(part -> part.getName() + " " + of(read(record, part)))
        .collect(Collectors.joining(", ", "(", ")"));
  }

  private static Object read(Record record, RecordComponent part) {
    try {
      part.getAccessor().setAccessible(true);
      return part.getAccessor().invoke(record);
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException(e);
    }
  }

  private static String row(Object array) {
    int length = Array.getLength(array);
    if (length == 0 || !(Array.get(array, 0) instanceof Number)) {
      return "%d of %s".formatted(length, array.getClass().getComponentType().getSimpleName());
    }
    DoubleStream values =
        IntStream.range(0, length).mapToDouble(i -> ((Number) Array.get(array, i)).doubleValue());
    var sums = values.filter(Double::isFinite).summaryStatistics();
    return "%d from %s to %s, %s at most, %s on average"
        .formatted(
            length,
            of(((Number) Array.get(array, 0)).doubleValue()),
            of(((Number) Array.get(array, length - 1)).doubleValue()),
            of(sums.getMax()),
            of(sums.getAverage()));
  }

  private static String number(double value) {
    if (!Double.isFinite(value)) {
      return String.valueOf(value);
    }
    return new BigDecimal(value).round(FIVE).stripTrailingZeros().toPlainString();
  }
}

package app.islet.web.page.animals;

import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.Range;
import app.islet.core.text.English;
import app.islet.web.base.support.Units;
import app.islet.web.store.animal.Measurement;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;

/** One measurement in a table. */
record SizeRow(long id, String day, String length, String mass) {
  /** The newest first. */
  static List<SizeRow> of(List<Measurement> sizes, Units u) {
    return sizes.stream()
        .sorted(Comparator.comparing(Measurement::day).thenComparing(Measurement::id).reversed())
        .map(m -> of(m, u))
        .toList();
  }

  static SizeRow of(Measurement m, Units u) {
    return new SizeRow(
        m.id(),
        English.day(m.day()),
        lengths(m, u),
        m.massG() == null ? "" : u.text(Quantity.grams(m.massG())));
  }

  /** As in {@code 12 cm, 30 g, 1 March 2027}. */
  public String words() {
    return Stream.of(length, mass, day).filter(s -> !s.isEmpty()).collect(Collectors.joining(", "));
  }

  /** Of a group from the smallest to the largest. */
  private static String lengths(Measurement m, Units u) {
    if (m.lengthCm() == null) {
      return "";
    }
    return m.smallestCm() == null
        ? u.cm(m.lengthCm())
        : u.range(new Range(m.smallestCm(), m.lengthCm()), Dimension.LENGTH);
  }

  /** A table to keep, metric, as its columns say. */
  static String csv(List<Measurement> sizes) {
    StringBuilder out = new StringBuilder();
    try (CSVPrinter csv =
        new CSVPrinter(
            out,
            CSVFormat.RFC4180
                .builder()
                .setHeader("day", "lengthCm", "smallestCm", "massG")
                .get())) {
      for (Measurement m : sizes) {
        csv.printRecord(m.day(), shown(m.lengthCm()), shown(m.smallestCm()), shown(m.massG()));
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }

  private static String shown(@Nullable Double number) {
    return number == null ? "" : String.valueOf(number);
  }
}

package app.islet.core.quantity;

import java.util.List;

/**
 * A sentence with its numbers still in it, so that one judgement reads in every keeper's units.
 *
 * @param pattern the sentence, each {@code {}} standing for the next part
 * @param parts quantities, phrases, or anything that reads well by its {@code toString}
 */
public record Phrase(String pattern, List<Object> parts) {
  public Phrase {
    parts = List.copyOf(parts);
  }

  public static Phrase of(String pattern, Object... parts) {
    return new Phrase(pattern, List.of(parts));
  }

  /** A range inside a sentence. */
  public static Phrase range(Range range, Dimension dimension) {
    return of("{} to {}", new Bare(dimension, range.min()), new Quantity(dimension, range.max()));
  }

  /** A sentence that was written down in both systems, as it read then. */
  public static Phrase written(String metric, String us) {
    return of("{}", new Written(metric, us));
  }

  public String text(UnitSystem units) {
    StringBuilder out = new StringBuilder();
    int from = 0;
    for (Object part : parts) {
      int at = pattern.indexOf("{}", from);
      if (at < 0) {
        throw new IllegalStateException("more parts than places in: " + pattern);
      }
      out.append(pattern, from, at).append(partText(part, units));
      from = at + 2;
    }
    return out.append(pattern.substring(from)).toString();
  }

  private static String partText(Object part, UnitSystem units) {
    if (part instanceof Quantity quantity) {
      return quantity.text(units);
    }
    if (part instanceof Bare bare) {
      return bare.dimension.number(bare.si, units);
    }
    if (part instanceof Written written) {
      return units == UnitSystem.US ? written.us : written.metric;
    }
    return part instanceof Phrase phrase ? phrase.text(units) : part.toString();
  }

  private record Written(String metric, String us) {}

  /** A number whose unit stands behind the next one. */
  private record Bare(Dimension dimension, double si) {}
}

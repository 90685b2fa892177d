package app.islet.core.review;

import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Purpose;
import app.islet.core.text.Fields;
import app.islet.core.text.Node;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;

/**
 * Rules of a home that are not asked of a holding tub, from {@code holding.yaml}.
 *
 * @param withoutFilter whether it holds only where no filter runs
 */
record Holding(String why, Set<Purpose> of, boolean withoutFilter, Set<String> rules) {
  private static final int MAX_ROWS = 40;
  private static final List<Holding> TABLE = table();

  /** Whether a rule is asked of an enclosure. */
  static boolean asks(Enclosure enclosure, Rule rule) {
    return !enclosure.purpose().isHolding()
        || TABLE.stream().noneMatch(row -> row.leavesOut(enclosure, rule.id()));
  }

  private boolean leavesOut(Enclosure e, String rule) {
    return of.contains(e.purpose())
        && rules.contains(rule)
        && (!withoutFilter || e.isChangedDaily());
  }

  /** All rows, in their order. */
  static List<Holding> rows() {
    return TABLE;
  }

  private static List<Holding> table() {
    String file = "holding.yaml";
    try (InputStream in = Holding.class.getResourceAsStream("/app/islet/core/review/" + file)) {
      if (in == null) {
        throw new IllegalStateException(file + " is missing from the application");
      }
      String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
      return Fields.of(file, Node.yaml(file, text))
          .whole(f -> f.groups("notAsked", MAX_ROWS, Holding::read));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Holding read(Fields f) {
    return new Holding(
        f.text("why", 140),
        Set.copyOf(f.choices("of", Purpose.class)),
        f.flag("withoutFilter", false),
        Set.copyOf(f.texts("rules", 60)));
  }
}

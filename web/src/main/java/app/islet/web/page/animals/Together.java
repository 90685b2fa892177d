package app.islet.web.page.animals;

import app.islet.core.animal.Resident;
import app.islet.core.review.Compatibility;
import app.islet.core.review.Severity;
import app.islet.web.base.support.Units;
import java.util.List;
import java.util.Locale;

/**
 * Who of an enclosure goes with whom.
 *
 * @param names of the columns
 * @param leftOut how many more live there than the table can show
 */
record Together(List<String> names, List<Row> rows, List<Common> common, int leftOut) {
  /** A table of more cannot be read, and takes long to work out. */
  private static final int MOST = 24;

  record Row(String name, List<Cell> cells) {}

  record Cell(String verdict, String css, List<String> reasons) {}

  /** A range all of them stand; {@code text} says so where none is left. */
  record Common(String what, String text, boolean left) {}

  static Together of(List<Resident> all, Units u) {
    List<Resident> residents = all.stream().limit(MOST).toList();
    Compatibility compatibility = Compatibility.of(residents);
    return new Together(
        residents.stream().map(Resident::name).toList(),
        residents.stream()
            .map(
                one ->
                    new Row(
                        one.name(),
                        residents.stream()
                            .map(other -> cell(compatibility, one, other, u))
                            .toList()))
            .toList(),
        compatibility.shared().stream()
            .map(
                s ->
                    new Common(
                        s.what(),
                        s.range().map(r -> u.range(r, s.dimension())).orElse("none left"),
                        s.range().isPresent()))
            .toList(),
        all.size() - residents.size());
  }

  private static Cell cell(Compatibility compatibility, Resident one, Resident other, Units u) {
    return compatibility.pairs().stream()
        .filter(p -> p.one() == one && p.other() == other || p.one() == other && p.other() == one)
        .findFirst()
        .map(
            p -> {
              String word = p.verdict() == Severity.NOTE ? "Well" : p.verdict().word();
              return new Cell(
                  word, word.toLowerCase(Locale.ROOT), p.reasons().stream().map(u::text).toList());
            })
        .orElse(new Cell("", "", List.of()));
  }
}

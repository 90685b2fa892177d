package app.islet.core.review;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.Setups;
import app.islet.core.animal.Resident;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Stage;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Lid;
import app.islet.core.enclosure.Site;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.situation.HusbandryState;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Every sentence of every finding counts as English does, for every species, alone and in groups.
 */
class FindingTextTest {
  private static final List<Enclosure> ENCLOSURES =
      List.of(
          Setups.axolotlTank(),
          Setups.sliderPool(),
          Setups.tank(20, 15, 30, 8),
          Setups.with(Setups.tank(30, 20, 20, 0), Lid.NONE),
          Setups.tank(
                  60,
                  40,
                  150,
                  60,
                  new Equipment.Filter(900, Optional.empty(), false),
                  new Equipment.Heater(300, false))
              .withSite(new Site(33, 30, 12, 8, 20)));

  private static final List<Pattern> MISTAKES =
      List.of(
          Pattern.compile("(?<![\\d.,])1 (?!this|less|species)[a-z]{3,}(?<![suio])s\\b"),
          Pattern.compile(
              "(?<![.,])\\b([2-9]|\\d{2,}) (hide|male|female|day|month|week|animal|way)\\b"),
          Pattern.compile(
              "\\b([2-9]|\\d{2,}) [a-z -]+s \\([a-z]+\\) (is|has|gets|needs|lives|must not be)\\b"),
          Pattern.compile("\\b(a) [aeio][a-z]+"),
          Pattern.compile("  |\\{}| [.,;:]|\\.\\."));

  static Stream<CareSheet> sheets() {
    return CareLibrary.bundled().all().stream();
  }

  @ParameterizedTest
  @MethodSource("sheets")
  void counts_and_agrees(CareSheet sheet) {
    List<String> wrong = new ArrayList<>();
    for (Stage stage : sheet.stages()) {
      for (int count = 1; count <= 3; count++) {
        for (Enclosure e : ENCLOSURES) {
          HusbandryState s =
              HusbandryState.of(e, List.of(group(sheet, stage, count)), Setups.TODAY);
          Review.judged(s).flatMap(FindingTextTest::sentences).forEach(t -> check(t, wrong));
        }
      }
    }
    assertThat(wrong).isEmpty();
  }

  private static Resident group(CareSheet sheet, Stage stage, int count) {
    return new Resident(
        "They",
        sheet,
        count,
        count > 1 ? 2 : 1,
        count > 2 ? 1 : 0,
        OptionalDouble.empty(),
        OptionalDouble.empty(),
        Optional.of(stage.id()));
  }

  private static Stream<String> sentences(Finding f) {
    Stream<Phrase> all =
        Stream.concat(Stream.of(f.what(), f.why()), f.remedies().stream().map(Remedy::text));
    return all.map(phrase -> phrase.text(UnitSystem.METRIC));
  }

  private static void check(String text, List<String> wrong) {
    MISTAKES.stream()
        .filter(mistake -> mistake.matcher(text).find() && !wrong.contains(text))
        .forEach(mistake -> wrong.add(text));
  }
}

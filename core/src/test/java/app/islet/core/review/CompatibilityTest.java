package app.islet.core.review;

import static app.islet.core.Setups.animals;
import static app.islet.core.Setups.sexed;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.animal.Resident;
import app.islet.core.quantity.Range;
import app.islet.core.quantity.UnitSystem;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Verdicts keepers agree on; common practice, no source. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class CompatibilityTest {
  private static Compatibility.Pair pair(Resident a, Resident b) {
    return Compatibility.of(List.of(a, b)).pairs().get(0);
  }

  private static String reasons(Compatibility.Pair pair) {
    return String.join(" ", pair.reasons().stream().map(r -> r.text(UnitSystem.METRIC)).toList());
  }

  @ParameterizedTest(name = "{0} of {1} cm with {2} of {3} cm: {4}, {5}")
  @CsvSource({
    "axolotl, 22, axolotl, 21, NOTE, Nothing known speaks against it.",
    "axolotl, 22, axolotl, 12, WRONG, much smaller",
    "axolotl, 22, axolotl, 5, DANGER, fits the mouth",
    "axolotl, 20, dwarf-frog, 3, DANGER, Water temperature",
    "terrapin, 15, slider, 15, WRONG, Salt",
    "sand-crab, 4, slider, 15, DANGER, Salt",
    "terrapin, 15, eastern-newt, 9, DANGER, Salt",
    "clawed-frog, 10, dwarf-frog, 3, DANGER, fits the mouth",
    "mudpuppy, 25, axolotl, 22, WRONG, is kept alone",
    "vampire-crab, 1.9, fiddler, 2.2, DANGER, Dry land",
    "painted, 14, map-turtle, 15, WRONG, bites"
  })
  void pairs_are_judged_as_keepers_judge_them(
      String one, double oneCm, String two, double twoCm, Severity verdict, String reason) {
    Compatibility.Pair pair = pair(animals(one, 1, oneCm), animals(two, 1, twoCm));
    assertThat(pair.verdict()).as(reasons(pair)).isEqualTo(verdict);
    assertThat(reasons(pair)).contains(reason);
  }

  @Test
  void every_range_that_anybody_states_is_laid_over_the_others() {
    Compatibility together =
        Compatibility.of(
            List.of(animals("eastern-newt", 1, 9), animals("fire-bellied-toad", 1, 4)));
    assertThat(together.shared().stream().map(Compatibility.Shared::what))
        .contains("Water temperature", "Salt", "pH", "Hardness", "Humidity", "Day length");
    assertThat(together.shared())
        .filteredOn(s -> s.what().equals("Water temperature"))
        .singleElement()
        .satisfies(s -> assertThat(s.range()).isPresent());
  }

  @Test
  void the_verdict_does_not_depend_on_who_is_named_first() {
    for (String other :
        new String[] {"axolotl", "slider", "dwarf-frog", "vampire-crab", "mudpuppy", "terrapin"}) {
      Resident newt = animals("eastern-newt", 1, 9);
      Resident it = animals(other, 1, 10);
      assertThat(pair(newt, it).verdict()).as(other).isEqualTo(pair(it, newt).verdict());
    }
  }

  @Test
  void males_that_fight_are_told() {
    assertThat(reasons(pair(sexed("slider", 1, 0, 18), sexed("slider", 1, 0, 19))))
        .contains("Males of this kind fight.");
    assertThat(reasons(pair(sexed("slider", 1, 0, 18), sexed("slider", 0, 1, 19))))
        .doesNotContain("fight");
  }

  @Test
  void what_does_not_fit_the_mouth_yet_may_in_a_year() {
    Compatibility.Pair pair = pair(animals("clawed-frog", 1, 4), animals("dwarf-frog", 1, 3.3));
    assertThat(reasons(pair))
        .containsPattern("In about \\d+ months? They will fit the mouth of They");
  }

  @Test
  void the_common_range_is_what_all_stand() {
    Compatibility both =
        Compatibility.of(List.of(animals("slider", 1, 18), animals("common-musk", 1, 10)));
    assertThat(both.shared())
        .filteredOn(s -> s.what().equals("Water temperature"))
        .extracting(Compatibility.Shared::range)
        .containsExactly(Optional.of(new Range(18, 28)));
    Compatibility none =
        Compatibility.of(List.of(animals("axolotl", 1, 20), animals("dwarf-frog", 3, 3)));
    assertThat(none.shared())
        .filteredOn(s -> s.what().equals("Water temperature"))
        .extracting(Compatibility.Shared::range)
        .containsExactly(Optional.empty());
  }

  @Test
  void three_groups_make_three_pairs_and_one_makes_none() {
    assertThat(
            Compatibility.of(
                    List.of(
                        animals("slider", 1, 18),
                        animals("painted", 1, 14),
                        animals("map-turtle", 1, 15)))
                .pairs())
        .hasSize(3);
    assertThat(Compatibility.of(List.of(animals("slider", 1, 18))).pairs()).isEmpty();
    assertThat(Compatibility.of(List.of()).shared()).isEmpty();
  }
}

package app.islet.core.plan;

import static app.islet.core.Setups.TODAY;
import static app.islet.core.Setups.animals;
import static app.islet.core.Setups.axolotlTank;
import static app.islet.core.Setups.axolotls;
import static app.islet.core.Setups.sliderPool;
import static app.islet.core.Setups.tank;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.animal.Resident;
import app.islet.core.animal.Resting;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.situation.HusbandryState;
import app.islet.core.water.Parameter;
import app.islet.core.water.WaterRecord;
import app.islet.core.water.WaterTest;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** What comes about by itself in the next fortnight, and nothing that is further off. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class AheadTest {
  private static List<String> ahead(Enclosure e, WaterRecord record, Resident... some) {
    return Planner.plan(HusbandryState.of(e, List.of(some), TODAY, record)).ahead().stream()
        .map(a -> a.day() + " " + a.what().text(UnitSystem.METRIC))
        .toList();
  }

  private static WaterRecord nitrate(double... byWeek) {
    List<WaterTest> tests =
        Stream.iterate(0, n -> n < byWeek.length, n -> n + 1)
            .map(
                n ->
                    new WaterTest(
                        TODAY.minusDays(7L * (byWeek.length - 1 - n)),
                        Map.of(Parameter.NITRATE, byWeek[n])))
            .toList();
    return new WaterRecord(tests, List.of());
  }

  /** 1 to 4 mg/L in three weeks is 1 a week: 4.52, the 20 mg/L of the ion, in 3.6 days. */
  @Test
  void the_day_nitrate_reaches_its_target() {
    assertThat(ahead(axolotlTank(), nitrate(1, 2, 3, 4), axolotls(2, 22)))
        .containsExactly(TODAY.plusDays(4) + " Nitrate reaches 20 mg/L (as the ion)");
    assertThat(ahead(axolotlTank(), nitrate(1, 1.1, 1.2, 1.3), axolotls(2, 22))).isEmpty();
    assertThat(ahead(axolotlTank(), nitrate(2, 2, 2, 2), axolotls(2, 22))).isEmpty();
  }

  @Test
  void the_day_a_tube_is_used_up() {
    Resident slider = animals("slider", 1, 18);
    int days = slider.stage().needs().uv().orElseThrow().tube().days();
    Enclosure old = sliderPool().withNewTube(TODAY.plusDays(5).minusDays(days));
    assertThat(ahead(old, WaterRecord.NONE, slider))
        .containsExactly(TODAY.plusDays(5) + " The UVB tube is used up");
    assertThat(ahead(sliderPool().withNewTube(TODAY), WaterRecord.NONE, slider)).isEmpty();
  }

  /** A rest that nobody ends is asked for once it is longer than such rests are. */
  @Test
  void the_end_of_a_rest_is_told_before_and_asked_for_after() {
    Resident newts = animals("alpine-newt", 4, 9);
    Enclosure cellar = tank(80, 40, 45, 28);
    double weeks = newts.stage().needs().rest().orElseThrow().weeks().max();
    LocalDate long_ = TODAY.minusDays((long) (7 * weeks) + 1);
    Resident said = newts.resting(new Resting(TODAY.minusDays(30), Optional.of(TODAY.plusDays(3))));
    assertThat(ahead(cellar, WaterRecord.NONE, said))
        .hasSize(1)
        .first()
        .asString()
        .startsWith("2026-03-05");
    Resident open = newts.resting(new Resting(TODAY.minusDays(10), Optional.empty()));
    assertThat(ahead(cellar, WaterRecord.NONE, open)).isEmpty();
    assertThat(restWords(cellar, open)).startsWith("No food");
    Resident forgotten = newts.resting(new Resting(long_, Optional.empty()));
    assertThat(restWords(cellar, forgotten)).startsWith("It rests longer than such animals do");
  }

  private static String restWords(Enclosure e, Resident r) {
    return Planner.plan(HusbandryState.of(e, List.of(r), TODAY))
        .task("rest-check")
        .orElseThrow()
        .how()
        .text(UnitSystem.METRIC);
  }

  @Test
  void the_day_a_young_one_reaches_its_next_stage() {
    Resident soon = animals("axolotl", 1, 14.8);
    assertThat(ahead(axolotlTank(), WaterRecord.NONE, soon)).hasSize(1);
    assertThat(ahead(axolotlTank(), WaterRecord.NONE, animals("axolotl", 1, 7))).isEmpty();
    assertThat(ahead(axolotlTank(), WaterRecord.NONE, axolotls(1, 24))).isEmpty();
  }
}

package app.islet.core.livestock;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.Setups;
import app.islet.core.animal.Resident;
import app.islet.core.livestock.Appetite.Verdict;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Common practice, no source. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class AppetiteTest {
  private static final LocalDate DAY = LocalDate.of(2026, 3, 2);

  private static LifeEvent event(LifeEvent.Kind kind, int daysAgo) {
    return new LifeEvent(DAY.minusDays(daysAgo), kind, OptionalDouble.empty(), "");
  }

  private static List<LifeEvent> refused(int... daysAgo) {
    List<LifeEvent> events = new ArrayList<>();
    for (int days : daysAgo) {
      events.add(event(LifeEvent.Kind.REFUSED, days));
    }
    return events;
  }

  @Test
  void once_is_offered_again_twice_something_else() {
    Resident axolotl = Setups.axolotls(1, 22);
    assertThat(Appetite.of(axolotl, refused(1), DAY).orElseThrow().verdict())
        .isEqualTo(Verdict.ONCE);
    assertThat(Appetite.of(axolotl, refused(4, 1), DAY).orElseThrow().verdict())
        .isEqualTo(Verdict.OFFER_ANOTHER);
    List<LifeEvent> ate = new ArrayList<>(refused(4, 3));
    ate.add(event(LifeEvent.Kind.FED, 1));
    assertThat(Appetite.of(axolotl, ate, DAY)).as("it has eaten since").isEmpty();
    assertThat(Appetite.of(axolotl, List.of(), DAY)).isEmpty();
  }

  @ParameterizedTest(name = "a {0} of {1} cm: {2} days are normal, one more is not")
  @CsvSource({"axolotl, 22, 10", "axolotl, 8, 2", "slider, 20, 14", "slider, 5, 3"})
  void days_without_food_that_are_normal_depend_on_kind_and_age(
      String species, double lengthCm, int normal) {
    Resident r = Setups.animals(species, 1, lengthCm);
    assertThat(Appetite.of(r, refused(normal, 0), DAY).orElseThrow().verdict())
        .isEqualTo(Verdict.OFFER_ANOTHER);
    assertThat(Appetite.of(r, refused(normal + 1, 0), DAY).orElseThrow().verdict())
        .isEqualTo(Verdict.TOO_LONG);
  }
}

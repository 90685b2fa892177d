package app.islet.core.animal;

import static app.islet.core.Setups.animals;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.care.Stage;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ConditionTest {
  private static final LocalDate DAY = LocalDate.of(2027, 3, 1);
  private static final Resident SLIDER = animals("slider", 1, 15);

  private static Optional<Condition> of(double massG, int daysApart) {
    return Condition.of(
        SLIDER,
        List.of(new Measure(DAY.minusDays(daysApart), 15)),
        List.of(new Condition.Weighing(DAY, massG)));
  }

  private static Condition.Verdict verdict(double shareOfUsual) {
    return of(shareOfUsual * SLIDER.sheet().body().massG(15), 0).orElseThrow().verdict();
  }

  @Test
  void thin_normal_and_fat_on_both_sides_of_each_edge() {
    assertThat(verdict(0.79)).isEqualTo(Condition.Verdict.THIN);
    assertThat(verdict(0.81)).isEqualTo(Condition.Verdict.NORMAL);
    assertThat(verdict(1)).isEqualTo(Condition.Verdict.NORMAL);
    assertThat(verdict(1.24)).isEqualTo(Condition.Verdict.NORMAL);
    assertThat(verdict(1.26)).isEqualTo(Condition.Verdict.FAT);
  }

  @Test
  void the_masses_between_are_those_of_its_length() {
    Condition c = of(500, 0).orElseThrow();
    double usual = SLIDER.sheet().body().massG(15);
    assertThat(c.normalG().min()).isCloseTo(0.8 * usual, within(1e-9));
    assertThat(c.normalG().max()).isCloseTo(1.25 * usual, within(1e-9));
  }

  @Test
  void an_old_length_says_nothing_of_a_new_mass() {
    assertThat(of(500, Condition.APART_DAYS)).isPresent();
    assertThat(of(500, Condition.APART_DAYS + 1)).isEmpty();
  }

  @Test
  void a_tadpole_and_an_egg_have_no_curve() {
    Resident tadpole = animals("clawed-frog", 1, 4).seenAs(stage("tadpole"));
    assertThat(
            Condition.of(
                tadpole, List.of(new Measure(DAY, 4)), List.of(new Condition.Weighing(DAY, 1))))
        .isEmpty();
  }

  private static Stage stage(String id) {
    return animals("clawed-frog", 1, 4).sheet().stage(id).orElseThrow();
  }

  private static Optional<Double> loss(double before, double now, int days) {
    return Condition.loss(
        List.of(
            new Condition.Weighing(DAY.minusDays(days), before), new Condition.Weighing(DAY, now)));
  }

  @Test
  void a_tenth_lost_within_three_months_is_told() {
    assertThat(loss(100, 91, 30)).isEmpty();
    assertThat(loss(100, 89, 30))
        .hasValueSatisfying(l -> assertThat(l).isCloseTo(0.11, within(1e-9)));
    assertThat(loss(100, 89, 90)).isPresent();
    assertThat(loss(100, 89, 91)).isEmpty();
    assertThat(loss(100, 120, 30)).isEmpty();
  }
}

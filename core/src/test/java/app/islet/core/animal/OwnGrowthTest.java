package app.islet.core.animal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.care.CareLibrary;
import app.islet.core.care.Evidence;
import app.islet.core.care.Growth;
import app.islet.core.quantity.Range;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class OwnGrowthTest {
  private static final LocalDate DAY = LocalDate.of(2026, 1, 1);
  private static final Growth SLIDER = CareLibrary.bundled().find("slider").orElseThrow().growth();
  private static final double INCH = 2.54;

  private static List<Measure> inches(double... each) {
    List<Measure> all = new ArrayList<>();
    for (int n = 0; n < each.length; n++) {
      all.add(new Measure(DAY.plusMonths(6L * n), each[n] * INCH));
    }
    return all;
  }

  @Test
  void one_length_says_nothing_of_growth() {
    OwnGrowth one = OwnGrowth.of(SLIDER, inches(3));
    assertThat(one.isMeasured()).isFalse();
    assertThat(one.growth()).isEqualTo(SLIDER);
    LocalDate later = DAY.plusYears(1);
    assertThat(one.lengthCm(later)).isCloseTo(one.usualCm(later), within(1e-6));
    assertThat(one.band(later))
        .isEqualTo(new Range(at(0.5).lengthCm(3 * INCH, 365), at(2).lengthCm(3 * INCH, 365)));
  }

  private static Growth at(double speed) {
    return new Growth(SLIDER.asymptoteCm(), speed * SLIDER.perYear(), Evidence.MEMORY);
  }

  @Test
  void a_slow_year_is_believed_the_more_the_more_of_it_was_measured() {
    double usual = SLIDER.daysUntil(3.5 * INCH, 4 * INCH).orElseThrow();
    OwnGrowth two = OwnGrowth.of(SLIDER, inches(2.5, 3));
    OwnGrowth three = OwnGrowth.of(SLIDER, inches(2.5, 3, 3.5));
    double afterThree = three.growth().daysUntil(3.5 * INCH, 4 * INCH).orElseThrow();
    assertThat(usual / 30.44).isBetween(2.5, 3.0);
    assertThat(afterThree / 30.44).isBetween(6.0, 7.0);
    LocalDate later = DAY.plusMonths(24);
    assertThat(width(three.band(later))).isLessThan(width(two.band(later)));
    assertThat(three.growth().basis().words()).contains("3 lengths from 1 January 2026");
  }

  private static double width(Range r) {
    return r.max() - r.min();
  }

  @Test
  void lengths_of_one_week_hardly_move_it_and_those_of_a_year_do() {
    List<Measure> week = List.of(new Measure(DAY, 7), new Measure(DAY.plusDays(7), 7.0));
    List<Measure> year = List.of(new Measure(DAY, 7), new Measure(DAY.plusDays(365), 7.0));
    assertThat(OwnGrowth.of(SLIDER, week).growth().perYear())
        .isBetween(0.7 * SLIDER.perYear(), SLIDER.perYear());
    assertThat(OwnGrowth.of(SLIDER, year).growth().perYear()).isLessThan(0.15 * SLIDER.perYear());
  }

  @Test
  void many_lengths_speak_for_themselves() {
    Growth truth = new Growth(18, 0.9, Evidence.MEMORY);
    List<Measure> all = new ArrayList<>();
    for (int month = 0; month <= 60; month++) {
      all.add(new Measure(DAY.plusMonths(month), truth.lengthCm(4, 30.44 * month)));
    }
    Growth found = OwnGrowth.of(SLIDER, all).growth();
    assertThat(found.asymptoteCm()).isCloseTo(18, within(0.1));
    assertThat(found.perYear()).isCloseTo(0.9, within(0.03));
  }

  @Test
  void the_order_in_which_they_are_entered_does_not_matter() {
    List<Measure> mixed = new ArrayList<>(inches(2.5, 3, 3.5, 3.8));
    Collections.shuffle(mixed, new Random(5));
    assertThat(OwnGrowth.of(SLIDER, mixed).growth())
        .isEqualTo(OwnGrowth.of(SLIDER, inches(2.5, 3, 3.5, 3.8)).growth());
  }

  @Test
  void one_that_shrinks_or_is_longer_than_its_kind_still_has_a_curve() {
    assertThat(OwnGrowth.of(SLIDER, inches(4, 3.8, 3.9)).growth().lengthCm(9.9, 365))
        .isBetween(9.9, 10.4);
    OwnGrowth giant = OwnGrowth.of(SLIDER, inches(13, 13.1, 13.2));
    assertThat(giant.growth().asymptoteCm()).isGreaterThan(13 * INCH);
    assertThat(giant.growth().lengthCm(13.2 * INCH, 365)).isBetween(13.2 * INCH, 14 * INCH);
  }

  /**
   * Animals drawn as the sheet's spread says they differ, measured as a ruler measures: the band
   * must hold four of five of what they will be.
   */
  @Test
  void the_band_holds_as_many_as_it_says() {
    Random random = new Random(11);
    int inside = 0;
    int told = 2000;
    for (int n = 0; n < told; n++) {
      Growth truth =
          new Growth(
              SLIDER.asymptoteCm() * Math.exp(random.nextGaussian() * Math.log(1.25) / 1.2816),
              SLIDER.perYear() * Math.exp(random.nextGaussian() * Math.log(2) / 1.2816),
              Evidence.MEMORY);
      List<Measure> all = new ArrayList<>();
      int times = 2 + n % 5;
      for (int at = 0; at < times; at++) {
        double length = truth.lengthCm(6, 90.0 * at);
        double ruler = Math.hypot(0.1, 0.01 * length);
        all.add(new Measure(DAY.plusDays(90L * at), length + ruler * random.nextGaussian()));
      }
      double then = truth.lengthCm(6, 90.0 * (times + 3));
      Range band = OwnGrowth.of(SLIDER, all).band(DAY.plusDays(90L * (times + 3)));
      inside += then >= band.min() && then <= band.max() ? 1 : 0;
    }
    assertThat(100.0 * inside / told).isBetween(76.0, 84.0);
  }
}

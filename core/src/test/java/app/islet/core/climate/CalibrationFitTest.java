package app.islet.core.climate;

import static app.islet.core.Setups.tank;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.climate.CalibrationFit.Reading;
import app.islet.core.enclosure.Calibration;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Lid;
import app.islet.core.enclosure.Site;
import app.islet.core.geometry.Geometry;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class CalibrationFitTest {
  private static final Enclosure TANK =
      tank(80, 40, 40, 30).with(Lid.NONE).withSite(new Site(22, 22, 22, 22, 50));

  /** A log as a tank of those factors would give it, read to a tenth of a degree. */
  private static List<Reading> log(Enclosure e, Calibration truth, double startC, long seed) {
    Random random = new Random(seed);
    Enclosure real = e.with(e.conditions().with(truth));
    List<Reading> blank = new ArrayList<>();
    for (int n = 0; n <= 24; n++) {
      blank.add(new Reading(n * 2, startC, 21 + Math.sin(n / 3.0)));
    }
    double[] water =
        ThermalSimulation.follow(
            Envelope.of(real, Geometry.of(real)),
            ClimateModel.of(real, Geometry.of(real)).machines(),
            real.site(),
            blank,
            5);
    List<Reading> log = new ArrayList<>(List.of(blank.get(0)));
    for (int n = 1; n < blank.size(); n++) {
      double read = Math.round((water[n - 1] + random.nextGaussian() * 0.03) * 10) / 10.0;
      log.add(new Reading(blank.get(n).hours(), read, blank.get(n).roomC()));
    }
    return log;
  }

  @Test
  void a_log_of_a_cooling_tank_finds_what_the_tank_is() {
    Calibration truth = new Calibration(1.4, 0.8);
    List<Reading> log = log(TANK, truth, 32, 1);
    CalibrationFit fit = CalibrationFit.of(TANK, Geometry.of(TANK), log);
    assertThat(fit.offAfterK()).isLessThan(0.1).isLessThan(fit.offBeforeK() / 3);
    assertThat(fit.after().lossFactor()).isCloseTo(1.4, within(0.2));
    assertThat(fit.after().evaporationFactor()).isCloseTo(0.8, within(0.2));
    assertThat(fit.lossWithin()).isBetween(0.0, 0.3);
  }

  @Test
  void a_tank_that_is_as_reckoned_stays_as_it_is() {
    CalibrationFit fit =
        CalibrationFit.of(TANK, Geometry.of(TANK), log(TANK, Calibration.NONE, 30, 2));
    assertThat(fit.after().lossFactor()).isCloseTo(1, within(0.1));
    assertThat(fit.after().evaporationFactor()).isCloseTo(1, within(0.1));
  }

  @Test
  void too_few_readings_are_refused() {
    assertThatThrownBy(
            () ->
                CalibrationFit.of(
                    TANK,
                    Geometry.of(TANK),
                    List.of(new Reading(0, 20, 20), new Reading(5, 21, 20))))
        .hasMessage("a fit needs 4 readings or more over an hour or longer");
  }
}

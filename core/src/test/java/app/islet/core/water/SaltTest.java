package app.islet.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.quantity.Steps;
import java.util.Random;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class SaltTest {
  @Test
  void a_hydrometer_reads_back_what_it_floats_in() {
    for (double ppt = 0; ppt <= 45; ppt += 2.5) {
      for (double c = 5; c <= 35; c += 10) {
        double reading = Hydrometer.reading(ppt, c, 25);
        assertThat(Hydrometer.salinityPpt(reading, c, 25)).isCloseTo(ppt, within(1e-7));
      }
    }
  }

  /** Water of 35 g/kg at 25 °C over pure water of 25 °C: 1023.343 / 997.048, UNESCO 1983. */
  @Test
  void sea_water_reads_one_point_zero_two_six() {
    assertThat(Hydrometer.reading(35, 25, 25)).isCloseTo(1.02637, within(1e-5));
  }

  @Test
  void warm_water_read_as_cold_would_seem_fresher() {
    double reading = Hydrometer.reading(20, 30, 25);
    assertThat(Hydrometer.salinityPpt(reading, 25, 25)).isLessThan(19);
    assertThat(Hydrometer.salinityPpt(reading, 30, 25)).isCloseTo(20, within(1e-7));
  }

  @Test
  void less_than_fresh_is_fresh_and_more_than_the_equation_knows_is_refused() {
    assertThat(Hydrometer.salinityPpt(0.99, 25, 25)).isZero();
    assertThatThrownBy(() -> Hydrometer.salinityPpt(1.05, 25, 25))
        .hasMessageContaining("reading must be between");
  }

  @Test
  void rain_that_runs_over_takes_salt_with_it_and_rain_that_stays_takes_none() {
    Rain over = Rain.on(400, 10, 20, 2, true);
    assertThat(over.ppt()).isCloseTo(4000.0 / 440, within(1e-12));
    assertThat(over.volumeL()).isEqualTo(400);
    assertThat(over.saltToRestoreG()).isCloseTo(4000 - 400 * 4000.0 / 440, within(1e-9));
    Rain stays = Rain.on(400, 10, 20, 2, false);
    assertThat(stays.ppt() * stays.volumeL()).isCloseTo(4000, within(1e-9));
    assertThat(stays.saltToRestoreG()).isCloseTo(400, within(1e-9));
    assertThat(Rain.on(400, 10, 0, 2, true)).isEqualTo(new Rain(10, 400, 0));
  }

  @Test
  void evaporation_leaves_the_salt_and_fresh_water_brings_it_back() {
    double strong = SaltSteps.afterEvaporation(100, 12, 20);
    assertThat(strong).isCloseTo(15, within(1e-12));
    assertThat(strong * 80 / 100).isCloseTo(12, within(1e-12));
  }

  @Test
  void topping_up_with_salted_water_makes_it_ever_stronger() {
    double ppt = 10;
    for (int week = 0; week < 10; week++) {
      ppt = SaltSteps.toppedUpSalted(100, ppt, 7);
    }
    assertThat(ppt).isCloseTo(10 * Math.pow(1.07, 10), within(1e-9));
  }

  @Test
  void the_way_to_brackish_is_walked_in_steps_and_ends_there() {
    var up = SaltSteps.between(200, 0, 9, 25, 2);
    assertThat(up).hasSize(5);
    assertThat(up.get(4).toPpt()).isEqualTo(9);
    assertThat(up.stream().mapToDouble(SaltSteps::saltG).sum())
        .as("no more than in one go, but for the rounding of volumes")
        .isCloseTo(SaltMix.saltG(200, 0, 9, 25), within(15.0));
    var down = SaltSteps.between(200, 9, 0, 25, 3);
    assertThat(down).hasSize(3);
    assertThat(down).allSatisfy(s -> assertThat(s.saltG()).isZero());
    double salt = 9;
    for (SaltSteps step : down) {
      salt *= 1 - step.freshL() / 200;
      assertThat(salt).isCloseTo(step.toPpt(), within(1e-9));
    }
    assertThat(SaltSteps.between(200, 9, 9, 25, 2)).isEmpty();
  }

  /** A label of 5 mL for 38 L, as is common. */
  @Test
  void conditioner_follows_its_label_and_is_never_more() {
    Dose dose = Dose.of(19, 5, 38, 1, 20);
    assertThat(dose.ml()).isCloseTo(2.5, within(1e-12));
    assertThat(dose.drops()).isCloseTo(50, within(1e-12));
    assertThatThrownBy(() -> Dose.of(19, 5, 38, 1.5, 20))
        .hasMessageContaining("share must be between");
  }

  @Test
  void steps_are_equal_and_none_is_too_large() {
    assertThat(Steps.between(7.9, 6.9, 0.2)).isEqualTo(new Steps(5, (6.9 - 7.9) / 5));
    assertThat(Steps.between(7, 7, 0.2)).isEqualTo(new Steps(0, 0));
    assertThat(Steps.between(0, 0.3, 0.1).days()).as("not four for a hair").isEqualTo(3);
  }

  @Test
  void salt_is_neither_made_nor_lost_by_sun_rain_and_pouring() {
    Random dice = new Random(11);
    for (int n = 0; n < 200; n++) {
      double volume = 50 + 500 * dice.nextDouble();
      double ppt = 20 * dice.nextDouble();
      double salt = volume * ppt;
      double gone = 0;
      for (int day = 0; day < 30; day++) {
        double rain = 30 * dice.nextDouble();
        boolean over = dice.nextBoolean();
        Rain after = Rain.on(volume, ppt, rain, 1.5, over);
        gone += over ? after.ppt() * rain * 1.5 : 0;
        assertThat(after.volumeL() * after.ppt() + gone)
            .as("what ran over is what is missing")
            .isCloseTo(salt, within(1e-6));
        double dried = after.volumeL() * 0.1 * dice.nextDouble();
        ppt = SaltSteps.afterEvaporation(after.volumeL(), after.ppt(), dried);
        volume = after.volumeL() - dried;
        assertThat(volume * ppt + gone).isCloseTo(salt, within(1e-6));
        double restored = after.saltToRestoreG() * dice.nextInt(2);
        ppt += restored / volume;
        salt += restored;
      }
    }
  }
}

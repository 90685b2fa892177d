package app.islet.core.light;

import static app.islet.core.Setups.axolotlTank;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Lighting;
import app.islet.core.quantity.UnitSystem;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class PhotoperiodTest {
  private static final LocalDate MIDSUMMER = LocalDate.of(2026, 6, 21);
  private static final LocalDate MIDWINTER = LocalDate.of(2026, 12, 21);

  private static Enclosure seasonal(double latitude) {
    Enclosure e = axolotlTank();
    return e.withSite(e.site().at(latitude, 10)).with(e.conditions().with(new Lighting(7, true)));
  }

  @Test
  void set_hours_are_the_same_all_year() {
    Photoperiod light =
        Photoperiod.of(axolotlTank().with(new Change("/conditions/lightHours", 10)));
    assertThat(light.hoursOn(MIDSUMMER)).isEqualTo(10);
    assertThat(light.hoursOn(MIDWINTER)).isEqualTo(10);
    assertThat(light.offHourOn(MIDWINTER)).isEqualTo(18);
  }

  @Test
  void the_sun_is_followed_where_the_room_is_on_either_half_of_the_earth() {
    Photoperiod north = Photoperiod.of(seasonal(45));
    Photoperiod south = Photoperiod.of(seasonal(-45));
    assertThat(north.hoursOn(MIDSUMMER))
        .isCloseTo(DayLength.on(MIDSUMMER, 45, 10).hours(), within(1e-9));
    assertThat(south.hoursOn(MIDSUMMER)).isLessThan(10);
    assertThat(north.hoursOn(MIDWINTER)).isCloseTo(south.hoursOn(MIDSUMMER), within(0.1));
  }

  @Test
  void a_tank_is_in_no_polar_night_and_no_polar_day() {
    Photoperiod arctic = Photoperiod.of(seasonal(75));
    assertThat(arctic.hoursOn(MIDSUMMER)).isEqualTo(16);
    assertThat(arctic.hoursOn(MIDWINTER)).isEqualTo(8);
  }

  private static Enclosure ramped(double latitude, double winter, double summer) {
    Enclosure e = axolotlTank();
    return e.withSite(e.site().at(latitude, 10))
        .with(
            e.conditions()
                .with(new Lighting(8, Optional.of(new Lighting.Ramp(winter, summer)), false)));
  }

  @Test
  void a_year_of_ones_own_goes_evenly_between_its_ends() {
    Photoperiod light = Photoperiod.of(ramped(50, 6, 14));
    assertThat(light.hoursOn(MIDSUMMER)).isCloseTo(14, within(0.01));
    assertThat(light.hoursOn(MIDWINTER)).isCloseTo(6, within(0.01));
    assertThat(light.hoursOn(LocalDate.of(2026, 3, 21))).isCloseTo(10, within(0.2));
    assertThat(light.isFixed()).isFalse();
    for (LocalDate day = MIDWINTER.minusYears(1); day.isBefore(MIDWINTER); ) {
      LocalDate next = day.plusDays(1);
      assertThat(Math.abs(light.hoursOn(next) - light.hoursOn(day)))
          .as("no jump on %s", day)
          .isLessThan(0.1);
      day = next;
    }
    assertThat(Photoperiod.of(ramped(-40, 6, 14)).hoursOn(MIDSUMMER))
        .as("the south has its winter then")
        .isCloseTo(6, within(0.02));
  }

  @Test
  void the_timetable_goes_over_midnight_and_tells_the_real_moon() {
    Enclosure late = axolotlTank();
    Enclosure e =
        late.with(late.conditions().with(new Lighting(18, false)))
            .with(new Change("/conditions/lightHours", 10));
    List<Timetable.Row> rows = Timetable.of(e, List.of(), LocalDate.of(1992, 4, 12)).rows();
    assertThat(rows.get(0).on()).contains(LocalTime.of(18, 0));
    assertThat(rows.get(0).off()).contains(LocalTime.of(4, 0));
    // Meeus, example 48.a: 68 % lit, one day past the first quarter.
    assertThat(rows.get(rows.size() - 1).why().text(UnitSystem.METRIC))
        .contains("68 %")
        .contains("waxing");
  }
}

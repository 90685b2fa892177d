package app.islet.core.build;

import static app.islet.core.Setups.TODAY;
import static app.islet.core.Setups.animals;
import static app.islet.core.Setups.axolotls;
import static app.islet.core.Setups.steady;
import static app.islet.core.Setups.tank;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Site;
import app.islet.core.situation.HusbandryState;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** Kilowatt hours by hand: watts times hours; a month is a twelfth of a year, 730.56 h. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class PowerBillTest {
  private static final double MONTH_H = 730.56;

  private static List<PowerLine> bill(Enclosure e, Resident... residents) {
    return PowerBill.of(HusbandryState.of(e, List.of(residents), TODAY));
  }

  private static PowerLine only(Equipment device, Site site, Resident... residents) {
    List<PowerLine> lines = bill(tank(100, 50, 50, 30, device).withSite(site), residents);
    assertThat(lines).hasSize(1);
    return lines.get(0);
  }

  @Test
  void what_runs_day_and_night_draws_its_watts_all_month() {
    PowerLine filter = only(new Equipment.Filter(600, Optional.empty(), true), steady(20));
    assertThat(filter.winterKwhPerMonth()).isCloseTo(10 * MONTH_H / 1000, within(1e-9));
    assertThat(filter.summerKwhPerMonth()).isEqualTo(filter.winterKwhPerMonth());
    PowerLine air = only(new Equipment.AirStone(), steady(20));
    assertThat(air.winterKwhPerMonth()).isCloseTo(3 * MONTH_H / 1000, within(1e-9));
  }

  @Test
  void lamps_draw_their_watts_while_lit() {
    Enclosure e =
        tank(
            100,
            50,
            50,
            30,
            new Equipment.BaskingLamp(75, OptionalDouble.empty()),
            new Equipment.UvbLamp(Optional.empty(), OptionalDouble.empty()));
    Enclosure ten = e.with(new Change("/conditions/lightHours", 10));
    assertThat(bill(ten).get(0).winterKwhPerMonth())
        .isCloseTo(75 * MONTH_H * 10 / 24 / 1000, within(1e-9));
    assertThat(bill(ten).get(1).winterKwhPerMonth())
        .isCloseTo(24 * MONTH_H * 10 / 24 / 1000, within(1e-9));
    assertThat(bill(e).get(0).winterKwhPerMonth())
        .as("twelve hours where nobody said")
        .isCloseTo(75 * MONTH_H / 2 / 1000, within(1e-9));
  }

  @Test
  void a_fan_costs_in_summer_only() {
    PowerLine fan = only(new Equipment.Fan(1), steady(20));
    assertThat(fan.winterKwhPerMonth()).isZero();
    assertThat(fan.summerKwhPerMonth()).isCloseTo(3 * MONTH_H / 1000, within(1e-9));
  }

  @Test
  void a_heater_never_draws_more_than_it_has_and_nothing_in_a_warm_room() {
    Resident slider = animals("slider", 1, 20);
    PowerLine small = only(new Equipment.Heater(25, true), steady(12), slider);
    assertThat(small.winterKwhPerMonth()).isCloseTo(25 * MONTH_H / 1000, within(1e-9));
    PowerLine idle = only(new Equipment.Heater(200, true), steady(34), slider);
    assertThat(idle.winterKwhPerMonth()).isZero();
    Site seasons = new Site(26, 24, 16, 12, 60);
    PowerLine seasonal = only(new Equipment.Heater(500, true), seasons, slider);
    assertThat(seasonal.winterKwhPerMonth())
        .isGreaterThan(2 * seasonal.summerKwhPerMonth())
        .isPositive();
    assertThat(seasonal.winterKwhPerMonth()).isLessThan(500 * MONTH_H / 1000);
  }

  @Test
  void a_chiller_draws_half_of_what_it_cools_for_part_of_the_summer() {
    for (double room : new double[] {18, 24, 30}) {
      PowerLine chiller = only(new Equipment.Chiller(200), steady(room), axolotls(2, 22));
      assertThat(chiller.watts()).isEqualTo(100);
      assertThat(chiller.winterKwhPerMonth()).isZero();
      assertThat(chiller.summerKwhPerMonth() / (100 * MONTH_H / 1000)).isBetween(0.2, 0.5);
    }
  }
}

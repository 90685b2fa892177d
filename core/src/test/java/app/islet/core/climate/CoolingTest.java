package app.islet.core.climate;

import static app.islet.core.Setups.axolotlTank;
import static app.islet.core.Setups.axolotls;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.climate.Cooling.Kind;
import app.islet.core.climate.Cooling.Rung;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Lid;
import app.islet.core.enclosure.Site;
import app.islet.core.geometry.Geometry;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class CoolingTest {
  private static final Site WARM = new Site(26, 20, 20, 16, 50);

  private static Cooling ladder(Enclosure e) {
    return Cooling.of(e, Geometry.of(e), List.of(axolotls(2, 22)));
  }

  private static Rung rung(Cooling ladder, Kind kind) {
    return ladder.rungs().stream().filter(r -> r.kind() == kind).findFirst().orElseThrow();
  }

  private static Enclosure sunny() {
    return axolotlTank()
        .with(
            new Equipment.BaskingLamp(30, OptionalDouble.empty()),
            new Equipment.Filter(300, Optional.empty(), true))
        .withSite(WARM.withSunHours(3));
  }

  @Test
  void every_rung_cools_or_at_least_does_not_warm_and_evaporation_stops_at_the_wet_bulb() {
    Cooling ladder = ladder(sunny());
    assertThat(ladder.rungs())
        .extracting(Rung::kind)
        .containsExactly(
            Kind.SHADE,
            Kind.COOL_LIGHT,
            Kind.INSULATION,
            Kind.AIR,
            Kind.LID_OFF,
            Kind.FAN,
            Kind.ICE,
            Kind.CHILLER);
    assertThat(ladder.rungs())
        .filteredOn(r -> r.kind() != Kind.INSULATION)
        .allSatisfy(r -> assertThat(r.reachesC()).isLessThan(ladder.uncooledC() + 1e-6));
    assertThat(rung(ladder, Kind.FAN).reachesC()).isGreaterThan(ladder.wetBulbC());
    assertThat(rung(ladder, Kind.FAN).topUpLPerDay())
        .isGreaterThan(rung(ladder, Kind.SHADE).topUpLPerDay());
  }

  @Test
  void the_chiller_of_the_ladder_holds_the_range_once_it_is_built_in() {
    Cooling ladder = ladder(sunny());
    Rung chiller = rung(ladder, Kind.CHILLER);
    assertThat(chiller.enough()).isTrue();
    Enclosure built = chiller.design().orElseThrow();
    assertThat(
            Climate.of(built, Geometry.of(built), List.of(axolotls(2, 22)))
                .water()
                .orElseThrow()
                .summerC())
        .isCloseTo(ladder.targetC().orElseThrow(), within(0.05));
  }

  @Test
  void the_least_that_is_enough_is_the_first_of_the_ladder() {
    Cooling warm = ladder(sunny());
    assertThat(warm.isNeeded()).isTrue();
    Rung least = warm.least().orElseThrow();
    assertThat(warm.rungs().subList(0, warm.rungs().indexOf(least))).noneMatch(Rung::enough);
    Cooling cool = ladder(axolotlTank());
    assertThat(cool.isNeeded()).isFalse();
  }

  @Test
  void a_fan_is_not_blown_onto_glass() {
    Cooling ladder = ladder(sunny().with(Lid.GLASS));
    assertThat(rung(ladder, Kind.FAN).design().orElseThrow().lid()).isEqualTo(Lid.MESH);
  }

  /** Three half litres of ice a day take up 1.5 x (334 + 2.05 x 18) kJ: 6.4 W. */
  @Test
  void ice_is_worth_its_heat() {
    Enclosure e = axolotlTank().withSite(WARM);
    Cooling ladder = ladder(e);
    double watts = 1.5 * (334 + 2.05 * 18) * 1000 / 86_400;
    assertThat(watts).isCloseTo(6.44, within(0.01));
    double slope = (ladder.uncooledC() - rung(ladder, Kind.ICE).reachesC()) / watts;
    assertThat(slope).as("K for each W").isBetween(0.02, 0.2);
  }
}

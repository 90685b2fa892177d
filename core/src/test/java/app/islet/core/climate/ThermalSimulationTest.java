package app.islet.core.climate;

import static app.islet.core.Setups.steady;
import static app.islet.core.Setups.tank;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.enclosure.Calibration;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Land;
import app.islet.core.enclosure.Lid;
import app.islet.core.enclosure.Site;
import app.islet.core.geometry.Geometry;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class ThermalSimulationTest {
  private static final Settings NOTHING_SET =
      Settings.of(Double.NaN, Double.NaN, Double.NaN, 8, 12, 0);

  static ClimateModel model(Enclosure e) {
    return ClimateModel.of(e, Geometry.of(e));
  }

  static Enclosure furnished() {
    return tank(
            100,
            45,
            45,
            25,
            new Equipment.Heater(100, true),
            new Equipment.Fan(0.8),
            new Equipment.Filter(400, Optional.empty(), true),
            new Equipment.BaskingLamp(60, OptionalDouble.empty()))
        .withSite(new Site(28, 22, 21, 16, 55))
        .with(new Land(20, 30, 15));
  }

  /** A bare envelope that neither evaporates nor has a box: an exponential in closed form. */
  @Test
  void without_evaporation_water_nears_the_room_exponentially() {
    Envelope e = new Envelope(400_000, 1000, 8, 2, 0, 0, 0, 1, Calibration.NONE);
    HeatSources still = new HeatSources(0, 0, 0, 0, 0.5, 0, 0, 0, 0);
    RoomCourse room = RoomCourse.of(steady(20));
    TemperatureSeries course =
        ThermalSimulation.spell(e, still, NOTHING_SET, room, 1, 1, 1, 30, 20);
    double tau = 400_000 / 10.0;
    for (int minute : new int[] {59, 599, 1439}) {
      double exact = 20 + 10 * Math.exp(-(minute + 1) * 60 / tau);
      assertThat(course.waterC()[minute]).isCloseTo((float) exact, within(0.005f));
    }
  }

  @Test
  void left_long_enough_it_settles_where_the_balance_says() {
    ClimateModel model = model(furnished().withSite(steady(20)));
    HeatSources off = model.machines().off();
    TemperatureSeries course =
        ThermalSimulation.spell(
            model.envelope(), off, NOTHING_SET, model.room(), 1, 20, 10, 30, 30);
    Balance balance =
        new Balance(model.envelope(), 20, model.room().day(1).vapourKpa(), 0, off.activity());
    Balance.Settled settled = balance.settle(0, 0);
    assertThat(course.waterC()[course.steps() - 1])
        .isCloseTo((float) settled.waterC(), within(0.001f));
    assertThat(course.boxC()[course.steps() - 1]).isCloseTo((float) settled.boxC(), within(0.001f));
    assertThat(settled.waterC())
        .as("between the wet bulb and the room")
        .isBetween(WetBulb.celsius(20, 60), 20.0);
  }

  @ParameterizedTest(name = "summer {0}, heater on {1}")
  @CsvSource({"1, false", "0.5, false", "0, true"})
  void agrees_with_an_adaptive_solver(double summer, boolean stuck) {
    ClimateModel model = model(furnished());
    // Below its threshold the fan stands still in one and in the other.
    HeatSources m = model.machines().fan(0);
    Settings settings = stuck ? NOTHING_SET.stuck() : NOTHING_SET;
    TemperatureSeries course =
        ThermalSimulation.spell(model.envelope(), m, settings, model.room(), summer, 4, 1, 25, 25);
    double[] exact =
        new Reference(model.envelope(), m, model.room(), summer, settings).dayEnds(4, 25, 25, 1e-9);
    for (int day = 0; day < 4; day++) {
      assertThat((double) course.waterC()[1440 * (day + 1) - 1])
          .isCloseTo(exact[day], within(0.005));
    }
  }

  /** What went in, less what went out, is what is stored: for any design, on any day. */
  @ParameterizedTest(name = "seed {0}")
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
  void energy_is_conserved(long seed) {
    Random random = new Random(seed);
    Enclosure e =
        tank(
                40 + random.nextInt(160),
                30 + random.nextInt(60),
                60,
                5 + random.nextInt(45),
                new Equipment.Heater(random.nextInt(300) + 1, true),
                new Equipment.Fan(0.1 + random.nextDouble() * 2),
                new Equipment.Chiller(1 + random.nextInt(400)),
                new Equipment.HeatMat(1 + random.nextInt(60)),
                new Equipment.BaskingLamp(1 + random.nextInt(100), OptionalDouble.empty()))
            .withSite(
                new Site(
                        20 + random.nextInt(15),
                        15 + random.nextInt(8),
                        18,
                        8 + random.nextInt(8),
                        random.nextInt(101))
                    .withSunHours(random.nextInt(6)))
            .with(Lid.values()[random.nextInt(4)]);
    ClimateModel model = model(e);
    Settings settings = Settings.of(23, 25, 26, 7, 11, e.site().sunHours());
    TemperatureSeries course =
        ThermalSimulation.year(
            model.envelope(),
            model.machines(),
            settings,
            model.room(),
            random.nextInt(366),
            5,
            1 + random.nextInt(10),
            18,
            18);
    TemperatureSeries.Energy energy = course.energy();
    assertThat(energy.inJ() - energy.outJ())
        .isCloseTo(
            energy.storedJ(),
            within(1e-6 * (Math.abs(energy.inJ()) + Math.abs(energy.outJ()) + 1)));
  }

  @Test
  void a_thermostat_holds_and_its_device_gives_no_more_than_it_has() {
    ClimateModel model = model(furnished());
    Settings settings = Settings.of(24, 26, Double.NaN, 8, 12, 0);
    TemperatureSeries winter = model.spell(0, model.machines().heater(300), settings).lastDay();
    assertThat(winter.coldestC()).isCloseTo(24, within(0.01));
    TemperatureSeries weak = model.spell(0, model.machines().heater(10), settings).lastDay();
    assertThat(weak.warmestC()).isLessThan(24);
    TemperatureSeries stuck =
        model.spell(0, model.machines().heater(300), settings.stuck()).lastDay();
    assertThat(stuck.coldestC()).isGreaterThan(26);
  }

  @Test
  void more_insulation_never_cools_faster_and_a_lid_never_evaporates_more() {
    double last = Double.NEGATIVE_INFINITY;
    for (int mm : new int[] {0, 5, 10, 20, 40, 80}) {
      Enclosure e = furnished().with(new Change("/vessel/insulationMm", mm));
      ClimateModel m = model(e);
      TemperatureSeries cooling =
          ThermalSimulation.spell(
              m.envelope(), m.machines().off(), NOTHING_SET, m.room(), 0, 1, 1, 26, 26);
      double after = cooling.waterC()[600];
      assertThat(after).isGreaterThanOrEqualTo(last);
      last = after;
    }
    double open = evaporated(Lid.NONE);
    assertThat(evaporated(Lid.MESH)).isLessThan(open);
    assertThat(evaporated(Lid.GLASS)).isLessThan(evaporated(Lid.MESH));
  }

  private static double evaporated(Lid lid) {
    ClimateModel m = model(furnished().with(lid));
    return m.spell(1, m.machines(), NOTHING_SET).energy().evaporatedKg();
  }

  @Test
  void a_year_goes_through_all_days_and_south_of_the_equator_winter_is_in_july() {
    Site site = new Site(30, 24, 20, 14, 50);
    RoomCourse north = RoomCourse.of(site);
    RoomCourse south = RoomCourse.of(site.at(-35, 150));
    assertThat(north.on(205).meanC()).isCloseTo(27, within(0.01));
    assertThat(south.on(205).meanC()).isCloseTo(17, within(0.01));
    ClimateModel m = model(furnished().withSite(site));
    TemperatureSeries year =
        ThermalSimulation.year(
            m.envelope(), m.machines(), NOTHING_SET, m.room(), 1, 365, 10, 20, 20);
    assertThat(year.days()).isEqualTo(365);
    assertThat(TemperatureSeries.most(year.roomC())).isCloseTo(30, within(0.05));
    assertThat(TemperatureSeries.least(year.roomC())).isCloseTo(14, within(0.05));
  }
}

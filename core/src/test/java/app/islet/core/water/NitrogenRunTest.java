package app.islet.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.water.NitrogenRun.Feeding;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince853Integrator;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class NitrogenRunTest {
  private static final Nitrogen TAP = new Nitrogen(0.1, 0, 2, 6, 0, 0);
  private static final LocalDate DAY = LocalDate.of(2026, 3, 2);

  private static NitrogenModel model(double waterL, double most, double plants) {
    return new NitrogenModel(waterL, 20, 7.5, 6, most, 0.7, plants, 1);
  }

  private static WaterEvent event(WaterEvent.Kind kind, double amount) {
    return new WaterEvent(DAY, kind, amount);
  }

  @Test
  void without_bacteria_ammonia_rises_by_what_is_fed() {
    NitrogenRun run =
        NitrogenRun.play(model(100, 0, 0), new Nitrogen(0, 0, 0, 6, 0, 0), Feeding.fed(0.05), 10);
    assertThat(run.last().ammoniaMgPerL()).isCloseTo(5, within(1e-9));
    assertThat(run.last().nitriteMgPerL()).isZero();
  }

  @Test
  void nitrogen_is_neither_made_nor_lost_whatever_happens() {
    Random dice = new Random(7);
    for (int n = 0; n < 200; n++) {
      NitrogenModel model =
          new NitrogenModel(
              5 + 400 * dice.nextDouble(),
              5 + 25 * dice.nextDouble(),
              5 + 4 * dice.nextDouble(),
              0.1 + 10 * dice.nextDouble(),
              dice.nextDouble(),
              dice.nextDouble(),
              0.1 * dice.nextDouble(),
              0.5 + dice.nextDouble());
      Map<Integer, List<WaterEvent>> events = new HashMap<>();
      WaterEvent.Kind[] kinds = WaterEvent.Kind.values();
      for (int e = 0; e < 8; e++) {
        WaterEvent.Kind kind = kinds[dice.nextInt(kinds.length)];
        double amount = kind.least() + dice.nextDouble() * (kind.most() - kind.least());
        events.put(dice.nextInt(90), List.of(event(kind, amount)));
      }
      Nitrogen begin =
          new Nitrogen(3 * dice.nextDouble(), dice.nextDouble(), dice.nextDouble(), 5, 1e-4, 1e-5);
      NitrogenRun run =
          NitrogenRun.play(
              model,
              begin,
              new Feeding(0.1 * dice.nextDouble(), TAP, events, dice.nextBoolean()),
              90);
      assertThat(run.balance().missingG()).isCloseTo(0, within(1e-9));
      assertThat(run.days())
          .allSatisfy(
              d -> {
                assertThat(d.ammoniaMgPerL()).isGreaterThanOrEqualTo(0);
                assertThat(d.nitriteMgPerL()).isGreaterThanOrEqualTo(0);
                assertThat(d.nitrateMgPerL()).isGreaterThanOrEqualTo(0);
                assertThat(d.carbonateDh()).isGreaterThanOrEqualTo(0);
              });
    }
  }

  /**
   * Monod's chemostat without outflow: growth equals dying where S = K b / (m - b), with room to
   * spare on the media.
   */
  @Test
  void the_steady_state_is_monods() {
    NitrogenModel roomy = new NitrogenModel(100, 20, 7.5, 1e7, 1e6, 0.7, 0, 1);
    NitrogenRun run =
        NitrogenRun.play(roomy, new Nitrogen(1, 0, 0, 1e7, 0.01, 0.01), Feeding.fed(0.05), 1000);
    double vigour = roomy.vigour(1e7);
    double want =
        NitrogenModel.AMMONIA_HALF
            * NitrogenModel.DECAY
            / (NitrogenModel.AMMONIA_GROWTH * vigour - NitrogenModel.DECAY);
    assertThat(run.last().ammoniaMgPerL()).isCloseTo(want, within(0.01 * want));
  }

  /** The geometric series of water changes, once all ends as nitrate. */
  @Test
  void a_rhythm_of_changes_settles_where_the_series_says() {
    Map<Integer, List<WaterEvent>> weekly = new HashMap<>();
    for (int day = 7; day <= 700; day += 7) {
      weekly.put(day, List.of(event(WaterEvent.Kind.CHANGE, 30)));
    }
    Nitrogen tap = new Nitrogen(0, 0, 2, 1e7, 0, 0);
    NitrogenModel ripe = new NitrogenModel(200, 22, 7.5, 1e7, 5, 0.7, 0, 1);
    NitrogenRun run =
        NitrogenRun.play(
            ripe, new Nitrogen(0, 0, 2, 1e7, 3, 3), new Feeding(0.1, tap, weekly, false), 700);
    WaterChange.SteadyState settles = WaterChange.settles(0.5, 7, 2, 30);
    assertThat(run.last().totalMgPerL()).isCloseTo(settles.afterMgPerL(), within(0.05));
    assertThat(run.days().get(699).totalMgPerL())
        .isCloseTo(settles.beforeMgPerL() - 0.5, within(0.05));
  }

  /** The same equations by an adaptive solver of a reference library. */
  @Test
  void agrees_with_hipparchus() {
    NitrogenModel model = new NitrogenModel(120, 23, 7.4, 8, 0.3, 0.7, 0.01, 1);
    double load = 0.03;
    Nitrogen begin = new Nitrogen(1.5, 0, 0, 8, 0.002, 0.001);
    OrdinaryDifferentialEquation slope =
        new OrdinaryDifferentialEquation() {
          @Override
          public int getDimension() {
            return 6;
          }

          @Override
          public double[] computeDerivatives(double t, double[] y) {
            double v = model.vigour(y[3]);
            double perL = 1000 / model.waterL();
            double plants = model.plantsGPerDay() * perL;
            double byPlants = plants * y[0] / (0.05 + y[0]);
            double first = y[4] * v * perL * y[0] / (NitrogenModel.AMMONIA_HALF + y[0]);
            double free = Ammonia.freeShare(model.tempC(), model.phAt(y[3])) * y[0];
            double v2 = v / (1 + free / NitrogenModel.FREE_AMMONIA_HALVES);
            double second = y[5] * v2 * perL * y[1] / (NitrogenModel.NITRITE_HALF + y[1]);
            double late = (plants - byPlants) * y[2] / (0.05 + y[2]);
            double dying = NitrogenModel.DECAY * Math.pow(NitrogenModel.PER_DEGREE, 3);
            return new double[] {
              load * perL - first - byPlants,
              first - second,
              second - late,
              -first * NitrogenModel.CARBONATE_DH_PER_MG,
              y[4]
                  * (NitrogenModel.AMMONIA_GROWTH
                          * v
                          * y[0]
                          / (NitrogenModel.AMMONIA_HALF + y[0])
                          * (1 - y[4] / model.mostGPerDay())
                      - dying),
              y[5]
                  * (NitrogenModel.NITRITE_GROWTH
                          * v2
                          * y[1]
                          / (NitrogenModel.NITRITE_HALF + y[1])
                          * (1 - y[5] / model.mostGPerDay())
                      - dying)
            };
          }
        };
    double[] reference =
        new DormandPrince853Integrator(1e-6, 0.1, 1e-9, 1e-9)
            .integrate(slope, new ODEState(0, new double[] {1.5, 0, 0, 8, 0.002, 0.001}), 12)
            .getPrimaryState();
    Nitrogen ours = NitrogenRun.play(model, begin, Feeding.fed(load), 12).last();
    assertThat(ours.ammoniaMgPerL()).isCloseTo(reference[0], within(0.1));
    assertThat(ours.nitriteMgPerL()).isCloseTo(reference[1], within(0.15));
    assertThat(ours.totalMgPerL())
        .isCloseTo(reference[0] + reference[1] + reference[2], within(0.02));
    assertThat(ours.ammoniaEaters()).isCloseTo(reference[4], within(0.1 * reference[4]));
  }

  @Test
  void ripe_media_shorten_a_start_up_and_cold_draws_it_out() {
    NitrogenModel warm = new NitrogenModel(100, 25, 7.5, 6, 0.5, 0.8, 0, 1);
    NitrogenModel cool = new NitrogenModel(100, 16, 7.5, 6, 0.5, 0.8, 0, 1);
    Feeding dosed = new Feeding(0, new Nitrogen(0, 0, 0, 6, 0, 0), Map.of(), true);
    double bare = Forecast.fromNothing(warm, dosed, 0).orElseThrow().middle();
    assertThat(Forecast.fromNothing(warm, dosed, 25).orElseThrow().middle()).isLessThan(bare / 3);
    assertThat(Forecast.fromNothing(cool, dosed, 0).orElseThrow().middle())
        .isGreaterThan(1.3 * bare);
    assertThat(bare).as("weeks to months, as keepers say").isBetween(20.0, 80.0);
  }

  @Test
  void a_rinse_under_the_tap_or_a_dead_pump_brings_ammonia_back() {
    NitrogenModel ripe = model(100, 0.06, 0);
    Nitrogen well = settled(ripe);
    double untouched = peak(ripe, well, Map.of());
    assertThat(peak(ripe, well, at5(WaterEvent.Kind.RINSED, 0))).isLessThan(1.1 * untouched);
    assertThat(peak(ripe, well, at5(WaterEvent.Kind.RINSED_TAP, 0))).isGreaterThan(1.4 * untouched);
    assertThat(peak(ripe, well, at5(WaterEvent.Kind.PUMP_STOPPED, 48)))
        .isGreaterThan(1.4 * untouched);
  }

  /** Grown in on just the food it gets, the carbonate filled up. */
  private static Nitrogen settled(NitrogenModel model) {
    NitrogenModel held = new NitrogenModel(100, 20, 7.5, 1e6, model.mostGPerDay(), 0.7, 0, 1);
    Nitrogen n =
        NitrogenRun.play(
                held,
                new Nitrogen(0, 0, 0, 1e6, 0.05, 0.05),
                new Feeding(0.02, TAP, Map.of(), false),
                200)
            .last();
    return new Nitrogen(
        n.ammoniaMgPerL(), n.nitriteMgPerL(), 5, 6, n.ammoniaEaters(), n.nitriteEaters());
  }

  private static Map<Integer, List<WaterEvent>> at5(WaterEvent.Kind kind, double amount) {
    return Map.of(5, List.of(event(kind, amount)));
  }

  private static double peak(
      NitrogenModel model, Nitrogen begin, Map<Integer, List<WaterEvent>> events) {
    return NitrogenRun.play(model, begin, new Feeding(0.02, TAP, events, false), 30).days().stream()
        .mapToDouble(n -> n.ammoniaMgPerL() + n.nitriteMgPerL())
        .max()
        .orElseThrow();
  }

  @Test
  void turning_nitrogen_uses_up_what_holds_the_ph() {
    NitrogenRun run =
        NitrogenRun.play(
            model(100, 0.5, 0), new Nitrogen(0, 0, 0, 6, 0.4, 0.4), Feeding.fed(0.1), 10);
    double turned = 10 - run.last().ammoniaMgPerL();
    assertThat(6 - run.last().carbonateDh())
        .as("7.14 mg of CaCO3 to the mg of nitrogen")
        .isCloseTo(turned * 7.14 / 17.848, within(1e-6));
    assertThat(model(100, 1, 0).phAt(0.6)).isCloseTo(6.5, within(1e-9));
  }
}

package app.islet.core.geometry;

import static app.islet.core.Setups.tank;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.care.SubstrateMaterial;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.enclosure.Furnishings;
import app.islet.core.enclosure.Land;
import app.islet.core.enclosure.Substrate;
import java.util.List;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Masses against sums by hand, pane stress against the series solution of the plate. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class StructuralLoadTest {
  private static StructuralLoad loads(Enclosure e) {
    return StructuralLoad.of(e, Geometry.of(e));
  }

  @Test
  void masses_add_up() {
    Enclosure e =
        tank(100, 50, 50, 30)
            .with(
                new Substrate(SubstrateMaterial.SAND, 6)
                    .withBelow(List.of(new Substrate.Layer(SubstrateMaterial.DRAINAGE, 4))))
            .with(
                Furnishings.NONE.with(
                    new Furnishing(
                        "s", FurnishingKind.STONE, 10, 10, 20, 10, 6, 16, false, false, false)));
    StructuralLoad loads = loads(e);
    assertThat(loads.waterKg()).isCloseTo(150 - 2, within(1e-9));
    assertThat(loads.groundKg()).isCloseTo(5 * 2 * 1.6 + 5 * 4 * 0.4, within(1e-9));
    assertThat(loads.partsKg()).isCloseTo(2 * 2.6, within(1e-9));
    // Floor 0.5 m² and walls 1.5 m² of 8 mm glass of 2.5 kg/L.
    assertThat(loads.vesselKg()).isCloseTo(2 * 0.8 * 10 * 2.5, within(1e-9));
    assertThat(loads.footKg().stream().mapToDouble(kg -> kg).sum())
        .isCloseTo(loads.totalKg(), within(1e-6));
    // 5.2 kg on 200 cm²: 5.2 · 9.81 N on 0.02 m².
    assertThat(loads.stones()).hasSize(1);
    assertThat(loads.stones().get(0).kpa()).isCloseTo(2.5506, within(1e-4));
    assertThat(loads.stones().get(0).onGround()).isTrue();
  }

  @Test
  void an_even_tank_presses_evenly_and_a_bank_to_its_side() {
    assertThat(loads(tank(100, 50, 50, 30)).footKg())
        .allSatisfy(kg -> assertThat(kg).isCloseTo((150 + 40) / 4.0, within(1e-6)));
    List<Double> feet = loads(tank(100, 50, 50, 10).with(new Land(50, 40, 0))).footKg();
    // Moist soil weighs 0.8 of the water it stands for, but four times as high.
    assertThat(feet.get(1)).isGreaterThan(1.4 * feet.get(0));
    assertThat(feet.get(1)).isCloseTo(feet.get(2), within(1e-6));
  }

  /**
   * Levy's solution for a plate held at its sides and foot, bending under water: every odd term of
   * the sine series along the length solves Y'''' - 2 k² Y'' + k⁴ Y = q.
   *
   * <p>Timoshenko and Woinowsky-Krieger, Theory of Plates and Shells; Poisson's ratio 0.3.
   */
  private static double betaBySeries(double lengthOverHeight, boolean topFree) {
    double nu = 0.3;
    int terms = 25;
    double[][] shapes = new double[terms][];
    double[] ks = new double[terms];
    for (int n = 0; n < terms; n++) {
      int m = 2 * n + 1;
      double k = m * Math.PI / lengthOverHeight;
      double q = 4 / (m * Math.PI) / Math.pow(k, 4);
      double[][] rows = new double[4][];
      rows[0] = plus(wave(k, 0, 0), -q);
      rows[1] = plus(wave(k, 0, 2), 0);
      if (topFree) {
        rows[2] = plus(sum(wave(k, 1, 2), -nu * k * k, wave(k, 1, 0)), 0);
        rows[3] = plus(sum(wave(k, 1, 3), -(2 - nu) * k * k, wave(k, 1, 1)), -(2 - nu) * k * k * q);
      } else {
        rows[2] = plus(wave(k, 1, 0), 0);
        rows[3] = plus(wave(k, 1, 2), 0);
      }
      shapes[n] = solve(rows);
      ks[n] = k;
    }
    double highest = 0;
    for (int step = 0; step <= 100; step++) {
      double y = step / 100.0;
      double along = 0;
      double up = 0;
      for (int n = 0; n < terms; n++) {
        double k = ks[n];
        double q = 4 / ((2 * n + 1) * Math.PI) / Math.pow(k, 4);
        double w = dot(shapes[n], wave(k, y, 0)) + q * (1 - y);
        double bent = dot(shapes[n], wave(k, y, 2));
        double sign = n % 2 == 0 ? 1 : -1;
        along += sign * (k * k * w - nu * bent);
        up += sign * (nu * k * k * w - bent);
      }
      highest = Math.max(highest, 6 * Math.max(along, up));
    }
    return highest;
  }

  /** The n-th derivatives of the four solutions without load, scaled so that none overflows. */
  private static double[] wave(double k, double y, int n) {
    double s = k * y;
    double t = k * (1 - y);
    double down = Math.pow(-k, n) * Math.exp(-s);
    double back = Math.pow(k, n) * Math.exp(-t);
    return new double[] {down, down * (s - n), back, back * (t - n)};
  }

  private static double[] plus(double[] row, double right) {
    return new double[] {row[0], row[1], row[2], row[3], right};
  }

  private static double[] sum(double[] a, double factor, double[] b) {
    double[] sum = a.clone();
    for (int i = 0; i < sum.length; i++) {
      sum[i] += factor * b[i];
    }
    return sum;
  }

  private static double dot(double[] a, double[] b) {
    double dot = 0;
    for (int i = 0; i < a.length; i++) {
      dot += a[i] * b[i];
    }
    return dot;
  }

  private static double[] solve(double[][] m) {
    int n = m.length;
    for (int i = 0; i < n; i++) {
      int best = i;
      for (int r = i; r < n; r++) {
        best = Math.abs(m[r][i]) > Math.abs(m[best][i]) ? r : best;
      }
      double[] swap = m[i];
      m[i] = m[best];
      m[best] = swap;
      for (int r = 0; r < n; r++) {
        double factor = r == i ? 0 : m[r][i] / m[i][i];
        for (int c = i; c <= n; c++) {
          m[r][c] -= factor * m[i][c];
        }
      }
    }
    double[] x = new double[n];
    for (int i = 0; i < n; i++) {
      x[i] = m[i][n] / m[i][i];
    }
    return x;
  }

  @ParameterizedTest(name = "length {0} times the height")
  @CsvSource({"0.5", "0.667", "1", "1.5", "2", "2.5", "3", "4"})
  void the_plate_tables_agree_with_the_series(double ratio) {
    assertThat(WaterPlate.FOUR_EDGES.beta(ratio))
        .isCloseTo(betaBySeries(ratio, false), within(0.005));
    assertThat(WaterPlate.TOP_FREE.beta(ratio)).isCloseTo(betaBySeries(ratio, true), within(0.001));
  }

  /** 120 x 50 cm of 10 mm, braced: 0.336 · 1000 · 9.81 · 0.5 · 50² Pa. */
  @Test
  void a_pane_by_hand() {
    PaneStress pane = PaneStress.of(120, 50, 10, true, PaneStress.STRENGTH_MPA);
    assertThat(pane.stressMpa()).isCloseTo(0.344 * 4905 * 2500 / 1e6, within(0.05));
    assertThat(pane.safetyFactor()).isCloseTo(19.2 / pane.stressMpa(), within(1e-9));
    assertThat(PaneStress.of(120, 50, 20, true, 19.2).safetyFactor())
        .isCloseTo(4 * pane.safetyFactor(), within(1e-9));
  }
}

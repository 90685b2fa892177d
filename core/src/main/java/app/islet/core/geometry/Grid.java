package app.islet.core.geometry;

import app.islet.core.care.Surface;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Furnishing;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * An enclosure laid out in square cells, seen from above: the height of the ground in each, the
 * highest thing an animal can stand on, and how much of the column below the water line is solid.
 *
 * <p>Cells are about 1 cm, coarser only in large ponds, and fit the vessel exactly, so that upright
 * walls along the axes are exact and everything else is as good as the cells. Index {@code i + j *
 * columns}, i along the length from the left, j along the width from the back. Outside the rim the
 * ground is NaN.
 */
public final class Grid {
  private final int columns;
  private final int rows;
  private final double stepX;
  private final double stepY;
  private final double lineCm;
  private final double[] groundCm;
  private final double[] topCm;
  private final double[] solidCm;
  private final Surface[] surface;
  private final boolean[] rest;
  private final boolean[] platform;
  private final double[] barCm;
  private final boolean[] tight;
  private final boolean[] dry;
  private final double[] undersideCm;
  private final boolean[] sloped;
  private final double[] rimCm;
  private final boolean partlyDry;
  private final boolean[] wet;
  private final double[] standCm;
  private final double[] swimCm;
  private final boolean[] roofed;
  private final boolean roofs;
  private final int[] shore;
  private final int[] beside;
  private final WaterBodies basins;
  private final GridFigures figures = new GridFigures(this);
  private final RecentAnswers<Reachability.Body, Reachability> reached = new RecentAnswers<>();
  private final RecentAnswers<Lying, Basking> lain = new RecentAnswers<>();
  private final RecentAnswers<Double, SwimmingSpace> swum = new RecentAnswers<>();

  private record Lying(Reachability.Body body, List<Furnishing> lamps, double widthCm) {}

  private Grid(Enclosure e) {
    HeightField laid = HeightField.of(e);
    columns = laid.columns;
    rows = laid.rows;
    stepX = laid.stepX;
    stepY = laid.stepY;
    lineCm = laid.lineCm;
    groundCm = laid.groundCm;
    topCm = laid.topCm;
    solidCm = laid.solidCm;
    surface = laid.surface;
    rest = laid.rest;
    platform = laid.platform;
    barCm = laid.barCm;
    tight = laid.tight;
    dry = laid.dry;
    undersideCm = laid.undersideCm;
    sloped = laid.sloped;
    rimCm = laid.rimCm;
    partlyDry = laid.partlyDry;
    int cells = columns * rows;
    wet = new boolean[cells];
    standCm = new double[cells];
    swimCm = new double[cells];
    roofed = new boolean[cells];
    boolean anyRoof = false;
    for (int at = 0; at < cells; at++) {
      wet[at] = inside(at) && !dry[at] && topCm[at] < lineCm - 1e-9;
      standCm[at] = wet[at] ? lineCm : topCm[at];
      swimCm[at] = wet[at] && barCm[at] == 0 ? lineCm - topCm[at] : -1;
      roofed[at] = inside(at) && undersideCm[at] < lineCm && groundCm[at] < undersideCm[at];
      anyRoof |= roofed[at];
    }
    roofs = anyRoof;
    beside = neighbours();
    shore = shoreCells();
    basins = WaterBodies.of(this);
  }

  /** The four cells beside each: right, left, in front and behind; -1 where there is none. */
  private int[] neighbours() {
    int[] all = new int[4 * cells()];
    for (int j = 0; j < rows; j++) {
      for (int i = 0; i < columns; i++) {
        int at = at(i, j);
        all[4 * at] = i + 1 < columns ? at + 1 : -1;
        all[4 * at + 1] = i > 0 ? at - 1 : -1;
        all[4 * at + 2] = j + 1 < rows ? at + columns : -1;
        all[4 * at + 3] = j > 0 ? at - columns : -1;
      }
    }
    return all;
  }

  /** The cell beside another, in direction 0 to 3: right, left, in front, behind. */
  int beside(int at, int direction) {
    return beside[4 * at + direction];
  }

  private int[] shoreCells() {
    int[] found = new int[cells()];
    int count = 0;
    for (int at = 0; at < found.length; at++) {
      if (wet[at] && meetsDry(at)) {
        found[count++] = at;
      }
    }
    return Arrays.copyOf(found, count);
  }

  private boolean meetsDry(int at) {
    for (int d = 0; d < 4; d++) {
      int next = beside(at, d);
      if (next >= 0 && inside(next) && !wet[next]) {
        return true;
      }
    }
    return false;
  }

  WaterBodies basins() {
    return basins;
  }

  public static Grid of(Enclosure e) {
    return new Grid(e);
  }

  /** Where a body gets to; asked again for the same body, the same answer. */
  public Reachability reach(Reachability.Body body) {
    return reached.get(body, b -> Reachability.of(this, b));
  }

  /** Where a body so wide lies dry, of that under the lamps where some are given. */
  public Basking basking(Reachability.Body body, List<Furnishing> lamps, double widthCm) {
    return lain.get(
        new Lying(body, lamps, widthCm),
        key -> Basking.of(this, reach(body), lamps, body.lengthCm(), widthCm));
  }

  /** Room for a body so high to swim and turn in. */
  public SwimmingSpace swim(double bodyHeightCm) {
    return swum.get(bodyHeightCm, height -> SwimmingSpace.of(this, height));
  }

  /** Cells along the length; cell {@code at} stands in column {@code at % columns}. */
  public int columns() {
    return columns;
  }

  int rows() {
    return rows;
  }

  public int cells() {
    return columns * rows;
  }

  /** Open water over a cell, cm; 0 where there is none. */
  public double depthCm(int at) {
    return wet(at) ? lineCm - topCm[at] : 0;
  }

  /** A stretch along the length, from the left. */
  public record Stretch(double fromCm, double toCm) {}

  /** Where a cut along the length, {@code yCm} from the back, meets water. */
  public List<Stretch> waterAlong(double yCm) {
    int j = (int) Math.max(0, Math.min(rows - 1, Math.floor(yCm / stepY)));
    List<Stretch> found = new ArrayList<>();
    int from = -1;
    for (int i = 0; i <= columns; i++) {
      boolean water =
          i < columns && inside(at(i, j)) && !dry[at(i, j)] && groundCm[at(i, j)] < lineCm;
      if (water && from < 0) {
        from = i;
      } else if (!water && from >= 0) {
        found.add(new Stretch(from * stepX, i * stepX));
        from = -1;
      }
    }
    return found;
  }

  int at(int i, int j) {
    return i + j * columns;
  }

  double x(int i) {
    return (i + 0.5) * stepX;
  }

  double y(int j) {
    return (j + 0.5) * stepY;
  }

  /** Length of a cell along the length, cm. */
  public double stepX() {
    return stepX;
  }

  /** Length of a cell along the width, cm. */
  public double stepY() {
    return stepY;
  }

  double lineCm() {
    return lineCm;
  }

  boolean inside(int at) {
    return !Double.isNaN(groundCm[at]);
  }

  double topCm(int at) {
    return topCm[at];
  }

  Surface surface(int at) {
    return surface[at];
  }

  /** Whether plants reach the surface there, dense enough to rest on. */
  boolean planted(int at) {
    return rest[at];
  }

  /** Whether open water stands over whatever is highest there. */
  boolean wet(int at) {
    return wet[at];
  }

  /** Height at which a body is there: on the line where there is water, else on what is highest. */
  double standCm(int at) {
    return standCm[at];
  }

  /** Open water over a cell in which nothing stands, cm; negative where there is none. */
  double swimCm(int at) {
    return swimCm[at];
  }

  /** Water with something over it, so that there is no air straight above. */
  boolean roofed(int at) {
    return roofed[at];
  }

  /** Whether any water is roofed. */
  boolean roofs() {
    return roofs;
  }

  /** Wet cells beside one that is not: only from these a way leads out of the water. */
  int[] shore() {
    return shore;
  }

  /** How high something stands there that a swimmer has to go round; 0 where nothing does. */
  double barCm(int at) {
    return barCm[at];
  }

  /** Underside of the lowest thing over free water there; infinite where there is none. */
  double undersideCm(int at) {
    return undersideCm[at];
  }

  /** Whether what hangs over it slopes, so that a body is not held but turned back. */
  boolean isSloped(int at) {
    return sloped[at];
  }

  /** The wall's upper edge that holds what stands there: the rim, or that of a box over it. */
  double rimCm(int at) {
    return rimCm[at];
  }

  /** Height of the ground without what lies or stands on it. */
  double groundCm(int at) {
    return groundCm[at];
  }

  /** Whether a partition keeps part of the floor dry. */
  public boolean partlyDry() {
    return partlyDry;
  }

  double cellCm2() {
    return stepX * stepY;
  }

  /** What it comes to. */
  public GridFigures figures() {
    return figures;
  }

  /** What stands there under the line, cm of the column. */
  double solidCm(int at) {
    return solidCm[at];
  }

  /** Whether a partition keeps the floor there dry, or would if there were floor. */
  boolean keptDry(int at) {
    return dry[at];
  }

  boolean isPartition(int at) {
    return tight[at];
  }

  boolean isPlatform(int at) {
    return platform[at];
  }

  /** Ground out of the water, walls and what stands on it not counted. */
  public boolean isDryGround(int at) {
    boolean dryFloor = dry[at] && !tight[at];
    return inside(at) && !isWall(at) && (dryFloor || groundCm[at] >= lineCm - 1e-9);
  }

  /** A sloping side above the line is wall, not land. */
  boolean isWall(int at) {
    return surface[at] == Surface.SMOOTH && topCm[at] == groundCm[at];
  }
}

package app.islet.core.geometry;

import app.islet.core.enclosure.Furnishing;
import java.util.List;

/**
 * Where an animal can lie dry with its whole body, and how many of its size at once.
 *
 * @param dryCm2 dry place it gets to, of that under the lamps where lamps are drawn
 * @param bodies how many lie there side by side; laid out one after the other, so one more may
 *     squeeze in
 */
public record Basking(double dryCm2, int bodies) {
  /** A lamp warms a cone as wide as this times its height over the place; common practice. */
  private static final double BEAM_PER_HEIGHT = 1.15;

  /**
   * @param lamps that must shine on the place; none where that is not asked
   */
  public static Basking of(
      Grid grid, Reachability reach, List<Furnishing> lamps, double lengthCm, double widthCm) {
    boolean[] free = new boolean[grid.cells()];
    int cells = 0;
    for (int at = 0; at < grid.cells(); at++) {
      Reachability.Mark mark = reach.marks().get(at);
      free[at] =
          (mark == Reachability.Mark.EXIT || mark == Reachability.Mark.REACHED)
              && (lamps.isEmpty() || isLit(grid, at, lamps));
      cells += free[at] ? 1 : 0;
    }
    int longX = cellsOf(lengthCm, grid.stepX());
    int longY = cellsOf(lengthCm, grid.stepY());
    int wideX = cellsOf(widthCm, grid.stepX());
    int wideY = cellsOf(widthCm, grid.stepY());
    int along = lay(grid, free.clone(), longX, wideY);
    int across = lay(grid, free, wideX, longY);
    return new Basking(cells * grid.stepX() * grid.stepY(), Math.max(along, across));
  }

  private static int cellsOf(double cm, double step) {
    // A body a hair longer than the cells fits them: the cells are no better than that.
    return Math.max(1, (int) Math.ceil(cm / step - 0.5));
  }

  private static boolean isLit(Grid grid, int at, List<Furnishing> lamps) {
    double x = grid.x(at % grid.columns());
    double y = grid.y(at / grid.columns());
    for (Furnishing lamp : lamps) {
      double height = lamp.bottomCm() - grid.topCm(at);
      double radius = BEAM_PER_HEIGHT * height / 2;
      double dx = Math.max(0, Math.abs(x - lamp.midX()) - lamp.spanX() / 2);
      double dy = Math.max(0, Math.abs(y - lamp.midY()) - lamp.spanY() / 2);
      if (height > 0 && Math.hypot(dx, dy) <= radius) {
        return true;
      }
    }
    return false;
  }

  /** Lays bodies of so many cells wherever there is still room. */
  private static int lay(Grid grid, boolean[] free, int wide, int deep) {
    int[] run = new int[free.length];
    for (int j = 0; j < grid.rows(); j++) {
      measure(grid, free, run, j);
    }
    int bodies = 0;
    for (int j = 0; j + deep <= grid.rows(); j++) {
      for (int i = 0; i + wide <= grid.columns(); i++) {
        if (fits(grid, run, i, j, wide, deep)) {
          take(grid, free, run, i, j, wide, deep);
          bodies++;
        }
      }
    }
    return bodies;
  }

  /** How many free cells stand in a row from each one to the right. */
  private static void measure(Grid grid, boolean[] free, int[] run, int j) {
    int length = 0;
    for (int i = grid.columns() - 1; i >= 0; i--) {
      int at = grid.at(i, j);
      length = free[at] ? length + 1 : 0;
      run[at] = length;
    }
  }

  private static boolean fits(Grid grid, int[] run, int i, int j, int wide, int deep) {
    for (int dj = 0; dj < deep; dj++) {
      if (run[grid.at(i, j + dj)] < wide) {
        return false;
      }
    }
    return true;
  }

  private static void take(Grid grid, boolean[] free, int[] run, int i, int j, int wide, int deep) {
    for (int dj = 0; dj < deep; dj++) {
      for (int di = 0; di < wide; di++) {
        free[grid.at(i + di, j + dj)] = false;
      }
      measure(grid, free, run, j + dj);
    }
  }
}

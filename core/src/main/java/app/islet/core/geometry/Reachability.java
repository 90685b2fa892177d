package app.islet.core.geometry;

import app.islet.core.care.Locomotion;
import app.islet.core.care.Surface;
import java.util.Arrays;
import java.util.List;

/**
 * Where a body can get to: out of the water, back, up to the rim.
 *
 * <p>It swims wherever there is water, walks from cell to neighbouring cell no steeper than its
 * slope on that surface, and gains a step where it finds room to stand behind it.
 *
 * @param waysOut separate stretches of shore where it can leave the water
 * @param reachedCm2 dry ground it gets to
 * @param trappedPercent share of the water surface from which it cannot get out
 * @param highestCm highest place it can stand on or swim at, over the vessel's floor
 * @param restCm2 places under the surface to rest on with the nostrils out
 * @param leastRimCm from the highest place it gets to up to the wall's edge there
 * @param farthestAirCm way from the worst place under a roof in the water to where the surface is
 *     open; 0 where there is no such roof
 * @param onlyWayCm breadth of the way out where there is just one; infinite where there are more, 0
 *     where there is none
 * @param passages gaps that its head goes into and its body does not, the narrowest of each place
 * @param columns cells in a row of the marks
 * @param marks what each cell is to it, for the drawing
 */
public record Reachability(
    int waysOut,
    double reachedCm2,
    double trappedPercent,
    double highestCm,
    double restCm2,
    double leastRimCm,
    double farthestAirCm,
    double onlyWayCm,
    List<Passage> passages,
    int columns,
    List<Mark> marks) {
  public Reachability {
    passages = List.copyOf(passages);
    marks = List.copyOf(marks);
  }

  /** What a cell is to the body. */
  public enum Mark {
    OUTSIDE,
    WATER,
    REST,
    TRAPPED,
    EXIT,
    REACHED,
    OUT_OF_REACH
  }

  /**
   * A body.
   *
   * @param restWithinCm how near the surface a rest must come; 0 where it needs none
   * @param widthCm of the body, {@code headCm} of the head; both 0 for one that cannot get stuck
   * @param heightCm of the body
   */
  public record Body(
      double lengthCm,
      Locomotion locomotion,
      double restWithinCm,
      double widthCm,
      double headCm,
      double heightCm) {
    /** A body too soft to get stuck, and as flat as water allows. */
    public Body(double lengthCm, Locomotion locomotion, double restWithinCm) {
      this(lengthCm, locomotion, restWithinCm, 0, 0, 0);
    }
  }

  /**
   * A gap that holds a body.
   *
   * @param xCm and {@code yCm}: its middle
   * @param under whether it is under something, not between two things
   */
  public record Passage(double xCm, double yCm, double gapCm, boolean under) {}

  private static final int[] STEP_I = {1, -1, 0, 0};

  /** A step is gained where this share of its length is level behind it. */
  private static final double STANDING_SHARE = 0.5;

  private static final double CLOSE = 1e-6;

  public static Reachability of(Grid grid, Body body) {
    return new Search(grid, body).run();
  }

  /** The same for one that lives in the water and need not leave it: nothing traps it there. */
  public Reachability untrapped() {
    return new Reachability(
        waysOut,
        reachedCm2,
        0,
        highestCm,
        restCm2,
        leastRimCm,
        farthestAirCm,
        onlyWayCm,
        passages,
        columns,
        marks.stream().map(mark -> mark == Mark.TRAPPED ? Mark.WATER : mark).toList());
  }

  /**
   * Way from the worst place in the water to the nearest way out or rest, cm; infinite where there
   * is none. Walked when asked: only what is read out needs it.
   *
   * @param grid the one it was searched in
   */
  public double farthestCm(Grid grid) {
    boolean[] seen = new boolean[grid.cells()];
    CellQueue queue = new CellQueue(grid.cells());
    int found = 0;
    for (int at = 0; at < grid.cells(); at++) {
      Mark mark = marks.get(at);
      if (mark == Mark.REST || mark == Mark.EXIT) {
        seen[at] = true;
        queue.add(at);
        found += mark == Mark.REST ? 1 : 0;
      }
    }
    // Ring by ring: the last ring that finds water is the farthest.
    int steps = 0;
    for (int ring = queue.size(); ring > 0; ring = queue.size()) {
      int before = found;
      for (int n = 0; n < ring; n++) {
        int at = queue.poll();
        for (int d = 0; d < 4; d++) {
          int next = grid.beside(at, d);
          if (next >= 0 && !seen[next] && grid.wet(next)) {
            seen[next] = true;
            found++;
            queue.add(next);
          }
        }
      }
      steps += found > before ? 1 : 0;
    }
    return found < grid.basins().cells()
        ? Double.POSITIVE_INFINITY
        : steps * Math.max(grid.stepX(), grid.stepY());
  }

  /** One search; its arrays are its own. Each of its walks leaves the queue empty. */
  private static final class Search {
    private final Grid grid;
    private final Body body;
    private final Mark[] marks;
    private final WaterBodies basins;
    private final CellQueue queue;
    private final double[] steepest = new double[Surface.values().length];

    Search(Grid grid, Body body) {
      this.grid = grid;
      this.body = body;
      this.marks = new Mark[grid.cells()];
      this.basins = grid.basins();
      this.queue = new CellQueue(grid.cells());
      for (Surface surface : Surface.values()) {
        double slope = Math.min(89.9, body.locomotion.slopeDegOn(surface));
        steepest[surface.ordinal()] = Math.tan(Math.toRadians(slope));
      }
    }

    Reachability run() {
      for (int at = 0; at < grid.cells(); at++) {
        marks[at] =
            !grid.inside(at)
                ? Mark.OUTSIDE
                : grid.wet(at) ? (isRest(at) ? Mark.REST : Mark.WATER) : Mark.OUT_OF_REACH;
      }
      boolean[] open = new boolean[basins.count() + 1];
      climb(open);
      int[] counts = new int[Mark.values().length];
      int trapped = 0;
      double highest = basins.count() > 0 ? grid.lineCm() : 0;
      double leastRim = Double.POSITIVE_INFINITY;
      for (int at = 0; at < grid.cells(); at++) {
        if (grid.wet(at) && !open[basins.at(at)]) {
          trapped++;
          if (marks[at] == Mark.WATER) {
            marks[at] = Mark.TRAPPED;
          }
        }
        boolean stands = marks[at] == Mark.EXIT || marks[at] == Mark.REACHED;
        if (stands || grid.wet(at)) {
          highest = Math.max(highest, grid.standCm(at));
          leastRim = Math.min(leastRim, grid.rimCm(at) - grid.standCm(at));
        }
        counts[marks[at].ordinal()]++;
      }
      int wet = basins.cells();
      double cell = grid.stepX() * grid.stepY();
      int ways = stretches();
      return new Reachability(
          ways,
          cell * (counts[Mark.EXIT.ordinal()] + counts[Mark.REACHED.ordinal()]),
          wet == 0 ? 0 : 100.0 * trapped / wet,
          highest,
          cell * counts[Mark.REST.ordinal()],
          leastRim,
          grid.roofs() ? farthestAir() : 0,
          ways == 0 ? 0 : ways > 1 ? Double.POSITIVE_INFINITY : breadth(),
          new EntrapmentGaps(grid, body).found(),
          grid.columns(),
          List.of(marks));
    }

    private boolean isRest(int at) {
      return body.restWithinCm > 0
          && (grid.planted(at) || grid.lineCm() - grid.topCm(at) <= body.restWithinCm + CLOSE);
    }

    private int neighbour(int at, int direction) {
      return grid.beside(at, direction);
    }

    /** Walks out of every piece of water, and from where it gets to, on. */
    private void climb(boolean[] open) {
      if (basins.count() > 0) {
        for (int at : grid.shore()) {
          queue.add(at);
        }
      } else {
        for (int at = 0; at < grid.cells(); at++) {
          if (grid.inside(at) && isLowest(at)) {
            queue.add(at);
            marks[at] = Mark.REACHED;
          }
        }
      }
      while (!queue.isEmpty()) {
        int at = queue.poll();
        for (int d = 0; d < 4; d++) {
          int next = neighbour(at, d);
          if (next < 0 || !grid.inside(next) || grid.wet(next)) {
            continue;
          }
          if (walks(at, next, d)) {
            if (grid.wet(at)) {
              open[basins.at(at)] = true;
            }
            if (marks[next] == Mark.OUT_OF_REACH) {
              marks[next] = grid.wet(at) ? Mark.EXIT : Mark.REACHED;
              queue.add(next);
            } else if (grid.wet(at)) {
              marks[next] = Mark.EXIT;
            }
          }
        }
      }
    }

    private boolean isLowest(int at) {
      return grid.topCm(at) <= grid.groundCm(at) + CLOSE;
    }

    private boolean walks(int from, int to, int direction) {
      // Out of the water too it walks up the ground: the line may cut a steep bank anywhere
      // between two cells, and makes no bank less steep.
      double bank = grid.topCm(to) - grid.topCm(from);
      if (bank <= slopeRise(to, direction) + CLOSE) {
        return true;
      }
      double rise = grid.standCm(to) - grid.standCm(from);
      return rise <= body.lengthCm * body.locomotion.stepShare() + CLOSE
          && standsBehind(to, direction);
    }

    private double slopeRise(int at, int direction) {
      return stepOf(direction) * steepest[grid.surface(at).ordinal()];
    }

    private double stepOf(int direction) {
      return STEP_I[direction] != 0 ? grid.stepX() : grid.stepY();
    }

    private boolean standsBehind(int at, int direction) {
      double cell = stepOf(direction);
      int room = (int) Math.ceil(body.lengthCm * STANDING_SHARE / cell);
      int here = at;
      for (int step = 1; step <= room; step++) {
        int next = neighbour(here, direction);
        if (next < 0 || !grid.inside(next)) {
          return false;
        }
        double rise = grid.topCm(next) - grid.topCm(here);
        if (Math.abs(rise) > slopeRise(next, direction) + CLOSE) {
          return false;
        }
        here = next;
      }
      return true;
    }

    /** Connected stretches of cells where it leaves the water, corners counting as touching. */
    private int stretches() {
      boolean[] seen = new boolean[grid.cells()];
      int stretches = 0;
      for (int start = 0; start < grid.cells(); start++) {
        if (marks[start] != Mark.EXIT || seen[start]) {
          continue;
        }
        stretches++;
        seen[start] = true;
        queue.add(start);
        while (!queue.isEmpty()) {
          int at = queue.poll();
          for (int di = -1; di <= 1; di++) {
            for (int dj = -1; dj <= 1; dj++) {
              int i = at % grid.columns() + di;
              int j = at / grid.columns() + dj;
              if (i < 0 || j < 0 || i >= grid.columns() || j >= grid.rows()) {
                continue;
              }
              int next = grid.at(i, j);
              if (marks[next] == Mark.EXIT && !seen[next]) {
                seen[next] = true;
                queue.add(next);
              }
            }
          }
        }
      }
      return stretches;
    }

    /** How broad the shore is at which it leaves the water, cm. */
    private double breadth() {
      double breadth = 0;
      for (int at = 0; at < grid.cells(); at++) {
        if (marks[at] != Mark.EXIT) {
          continue;
        }
        for (int d = 0; d < 4; d++) {
          int next = neighbour(at, d);
          if (next >= 0 && grid.wet(next)) {
            breadth += STEP_I[d] != 0 ? grid.stepY() : grid.stepX();
          }
        }
      }
      return breadth;
    }

    /** Longest of the shortest ways from under a roof to open water, where the body fits. */
    private double farthestAir() {
      double[] way = new double[grid.cells()];
      Arrays.fill(way, Double.POSITIVE_INFINITY);
      for (int at = 0; at < grid.cells(); at++) {
        if (grid.wet(at) && !grid.roofed(at)) {
          way[at] = 0;
          if (isBesideRoof(at)) {
            queue.add(at);
          }
        }
      }
      double farthest = 0;
      while (!queue.isEmpty()) {
        int at = queue.poll();
        farthest = Math.max(farthest, way[at]);
        for (int d = 0; d < 4; d++) {
          int next = neighbour(at, d);
          double cell = stepOf(d);
          if (next >= 0
              && grid.roofed(next)
              && headroom(next) >= body.heightCm - CLOSE
              && way[next] > way[at] + cell + CLOSE) {
            way[next] = way[at] + cell;
            queue.add(next);
          }
        }
      }
      return farthest;
    }

    private boolean isBesideRoof(int at) {
      for (int d = 0; d < 4; d++) {
        int next = neighbour(at, d);
        if (next >= 0 && grid.roofed(next)) {
          return true;
        }
      }
      return false;
    }

    private double headroom(int at) {
      return Math.min(grid.undersideCm(at), grid.lineCm()) - grid.groundCm(at);
    }
  }
}

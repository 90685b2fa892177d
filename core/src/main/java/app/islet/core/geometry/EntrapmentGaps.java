package app.islet.core.geometry;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Gaps that hold a body: its head goes in, its widest part does not.
 *
 * <p>Looked for along the length and across it, between two things or a thing and a wall, and under
 * things that stand clear of the ground. A gap is as wide as its cells, so within about one of
 * them.
 */
final class EntrapmentGaps {
  /** A body needs this much more than its width to turn round; common practice, no source. */
  private static final double EASY = 1.3;

  private final Grid grid;
  private final Reachability.Body body;
  private final boolean[] bars;
  private final List<Reachability.Passage> found = new ArrayList<>();

  EntrapmentGaps(Grid grid, Reachability.Body body) {
    this.grid = grid;
    this.body = body;
    this.bars = new boolean[grid.cells()];
  }

  List<Reachability.Passage> found() {
    if (body.headCm() <= 0) {
      return List.of();
    }
    for (int at = 0; at < bars.length; at++) {
      // What is lower than half its height it goes over.
      bars[at] = grid.barCm(at) > body.heightCm() / 2;
    }
    between(grid.columns(), grid.rows(), grid.stepX(), true);
    between(grid.rows(), grid.columns(), grid.stepY(), false);
    under();
    return narrowest();
  }

  /** Free cells of one line between two things, or a thing and a wall. */
  private static final class Run {
    private final int from;
    private final int to;
    private final boolean holds;

    /** Whether a gap in it opens to one side, so that the body gets out there. */
    private boolean opens;

    Run(int from, int to, boolean holds) {
      this.from = from;
      this.to = to;
      this.holds = holds;
    }

    boolean meets(Run other) {
      return from < other.to && other.from < to;
    }

    int cells() {
      return to - from;
    }
  }

  /** A gap is where a run is no longer than those beside it: elsewhere it opens to one side. */
  private void between(int length, int lines, double step, boolean alongX) {
    List<Run> runs = new ArrayList<>(8 * lines);
    int[] first = new int[lines + 1];
    for (int line = 0; line < lines; line++) {
      addRuns(runs, length, line, step, alongX);
      first[line + 1] = runs.size();
    }
    for (int line = 1; line < lines; line++) {
      widen(runs, first, line, line - 1);
    }
    for (int line = lines - 2; line >= 0; line--) {
      widen(runs, first, line, line + 1);
    }
    for (int line = 0; line < lines; line++) {
      for (int n = first[line]; n < first[line + 1]; n++) {
        Run run = runs.get(n);
        if (run.holds && !run.opens) {
          double gap = run.cells() * step;
          double along = (run.from + run.to) / 2.0 * step;
          found.add(
              alongX
                  ? new Reachability.Passage(along, grid.y(line), gap, false)
                  : new Reachability.Passage(grid.x(line), along, gap, false));
        }
      }
    }
  }

  /** Runs longer than one beside them, or as long as one that is, open to one side. */
  private static void widen(List<Run> runs, int[] first, int line, int beside) {
    for (int n = first[line]; n < first[line + 1]; n++) {
      Run run = runs.get(n);
      for (int m = first[beside]; m < first[beside + 1] && !run.opens; m++) {
        Run other = runs.get(m);
        run.opens =
            other.meets(run)
                && (other.cells() < run.cells() || other.cells() == run.cells() && other.opens);
      }
    }
  }

  private void addRuns(List<Run> runs, int length, int line, double step, boolean alongX) {
    int from = 0;
    boolean thingBefore = false;
    for (int along = 0; along <= length; along++) {
      int at = along == length ? -1 : alongX ? grid.at(along, line) : grid.at(line, along);
      boolean wall = at < 0 || !grid.inside(at);
      boolean thing = !wall && bars[at];
      if (wall || thing) {
        if (along > from) {
          boolean holds = (thingBefore || thing) && holds((along - from) * step);
          runs.add(new Run(from, along, holds));
        }
        from = along + 1;
        thingBefore = thing;
      }
    }
  }

  private void under() {
    for (int at = 0; at < bars.length; at++) {
      double underside = grid.undersideCm(at);
      if (Double.isInfinite(underside) || !grid.inside(at) || bars[at] || grid.isSloped(at)) {
        continue;
      }
      double gap = underside - grid.groundCm(at);
      if (gap > body.headCm() && gap < body.heightCm()) {
        found.add(new Reachability.Passage(x(at), y(at), gap, true));
      }
    }
  }

  private boolean holds(double gap) {
    return gap > body.headCm() && gap < EASY * body.widthCm();
  }

  private double x(int at) {
    return grid.x(at % grid.columns());
  }

  private double y(int at) {
    return grid.y(at / grid.columns());
  }

  /** Of gaps side by side, the narrowest; of several equal ones that in their middle. */
  private List<Reachability.Passage> narrowest() {
    if (found.isEmpty()) {
      return List.of();
    }
    @Nullable Reachability.Passage[] open = new Reachability.Passage[bars.length];
    for (Reachability.Passage passage : found) {
      int cell = cellOf(passage);
      open[cell] = open[cell] == null ? passage : open[cell];
    }
    List<Reachability.Passage> kept = new ArrayList<>();
    for (Reachability.Passage passage : found) {
      List<Reachability.Passage> together = together(open, cellOf(passage));
      if (!together.isEmpty()) {
        double least =
            together.stream().mapToDouble(Reachability.Passage::gapCm).min().orElseThrow();
        List<Reachability.Passage> equal =
            together.stream().filter(p -> p.gapCm() == least).toList();
        kept.add(equal.get(equal.size() / 2));
      }
    }
    kept.sort(Comparator.comparingDouble(Reachability.Passage::gapCm));
    return List.copyOf(kept);
  }

  /** Takes out what touches the gap in that cell, and what touches that. */
  private List<Reachability.Passage> together(@Nullable Reachability.Passage[] open, int cell) {
    List<Reachability.Passage> together = new ArrayList<>();
    take(open, cell, together);
    for (int n = 0; n < together.size(); n++) {
      int at = cellOf(together.get(n));
      int i = at % grid.columns();
      int j = at / grid.columns();
      for (int besideI = Math.max(0, i - 1);
          besideI <= Math.min(grid.columns() - 1, i + 1);
          besideI++) {
        for (int besideJ = Math.max(0, j - 1);
            besideJ <= Math.min(grid.rows() - 1, j + 1);
            besideJ++) {
          take(open, grid.at(besideI, besideJ), together);
        }
      }
    }
    return together;
  }

  private static void take(
      @Nullable Reachability.Passage[] open, int cell, List<Reachability.Passage> together) {
    Reachability.Passage passage = open[cell];
    if (passage != null) {
      open[cell] = null;
      together.add(passage);
    }
  }

  private int cellOf(Reachability.Passage p) {
    return grid.at((int) (p.xCm() / grid.stepX()), (int) (p.yCm() / grid.stepY()));
  }
}

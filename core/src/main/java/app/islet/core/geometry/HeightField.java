package app.islet.core.geometry;

import app.islet.core.care.Surface;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.enclosure.Vessel;
import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;

/**
 * Lays an enclosure out in cells: first the ground, then each part on what lies there. A {@link
 * Grid} takes the heights over and is asked about them.
 */
final class HeightField {
  private static final int MAX_CELLS = 40_000;

  /** Thickness of a ramp, and how deep a float lies in the water; common practice, no source. */
  private static final double PLANK_CM = 1.5;

  private static final double DRAUGHT_CM = 1;

  final int columns;
  final int rows;
  final double stepX;
  final double stepY;
  final double lineCm;
  final double[] groundCm;
  final double[] topCm;
  final double[] solidCm;
  final Surface[] surface;
  final boolean[] rest;
  final boolean[] platform;
  final double[] barCm;
  final boolean[] tight;
  final boolean[] dry;
  final double[] undersideCm;
  final boolean[] sloped;
  final double[] rimCm;
  final boolean partlyDry;

  private HeightField(Enclosure e) {
    Vessel vessel = e.vessel();
    double area = vessel.lengthCm() * vessel.widthCm();
    double cell = Math.max(1, Math.sqrt(area / MAX_CELLS));
    columns = (int) Math.max(1, Math.ceil(vessel.lengthCm() / cell));
    rows = (int) Math.max(1, Math.ceil(vessel.widthCm() / cell));
    stepX = vessel.lengthCm() / columns;
    stepY = vessel.widthCm() / rows;
    lineCm = e.waterLineCm();
    int cells = cells();
    groundCm = new double[cells];
    topCm = new double[cells];
    solidCm = new double[cells];
    surface = new Surface[cells];
    rest = new boolean[cells];
    platform = new boolean[cells];
    barCm = new double[cells];
    tight = new boolean[cells];
    dry = new boolean[cells];
    undersideCm = new double[cells];
    sloped = new boolean[cells];
    rimCm = new double[cells];
    Arrays.fill(undersideCm, Double.POSITIVE_INFINITY);
    Arrays.fill(rimCm, vessel.heightCm());
    layGround(e);
    BaskingPlatform.parts(e).forEach(this::lay);
    for (int at = 0; at < cells; at++) {
      platform[at] = topCm[at] > groundCm[at];
    }
    e.furnishings().parts().forEach(this::lay);
    partlyDry = keepDry();
  }

  static HeightField of(Enclosure e) {
    return new HeightField(e);
  }

  private int cells() {
    return columns * rows;
  }

  private int at(int i, int j) {
    return i + j * columns;
  }

  private double x(int i) {
    return (i + 0.5) * stepX;
  }

  private double y(int j) {
    return (j + 0.5) * stepY;
  }

  private boolean inside(int at) {
    return !Double.isNaN(groundCm[at]);
  }

  private void layGround(Enclosure e) {
    for (int i = 0; i < columns; i++) {
      double x = x(i);
      double profile = SubstrateProfile.heightCm(e, x);
      for (int j = 0; j < rows; j++) {
        int at = at(i, j);
        double wall = e.vessel().wallCm(x, y(j));
        groundCm[at] = Double.isNaN(wall) ? wall : Math.max(wall, profile);
        topCm[at] = groundCm[at];
        surface[at] = wall > profile ? Surface.SMOOTH : Surface.LOOSE;
      }
    }
  }

  private void lay(Furnishing part) {
    if (part.kind().form() == FurnishingKind.Form.LAMP) {
      return;
    }
    double wider = Math.max(stepX, stepY);
    int fromI = (int) Math.floor((part.leftCm() - wider) / stepX);
    int toI = (int) ((part.leftCm() + part.spanX() + wider) / stepX);
    int fromJ = (int) Math.floor((part.backCm() - wider) / stepY);
    int toJ = (int) ((part.backCm() + part.spanY() + wider) / stepY);
    // What is thinner than a cell is drawn a cell wide.
    double least = Math.min(part.lengthCm(), part.widthCm()) < wider ? wider : 0;
    Furnishing.Outline outline = part.outline(least);
    int[] covered = new int[Math.max(0, (toI - fromI + 1) * (toJ - fromJ + 1))];
    int within = 0;
    int all = 0;
    for (int i = fromI; i <= toI; i++) {
      for (int j = fromJ; j <= toJ; j++) {
        if (outline.covers(x(i), y(j))) {
          all++;
          if (i >= 0 && j >= 0 && i < columns && j < rows && inside(at(i, j))) {
            covered[within++] = at(i, j);
          }
        }
      }
    }
    // Cells cover a round or turned outline only nearly: its volume is set right by its area.
    double fill = part.kind().fill() * part.areaCm2() / Math.max(1, all) / (stepX * stepY);
    for (int n = 0; n < within; n++) {
      int at = covered[n];
      layCell(part, fill, at, part.topAt(x(at % columns), y(at / columns), lineCm));
    }
  }

  private void layCell(Furnishing part, double fill, int at, double top) {
    switch (part.kind().form()) {
      case FLOAT -> {
        if (lineCm > groundCm[at]) {
          raise(part, at, top);
          undersideCm[at] = Math.min(undersideCm[at], lineCm - DRAUGHT_CM);
        }
      }
      case FLOATING_PLANTS -> rest[at] |= lineCm > groundCm[at];
      case TRAY -> {
        if (part.bottomCm() > topCm[at]) {
          rimCm[at] = part.topCm();
          raise(part, at, part.bottomCm());
          undersideCm[at] = Math.min(undersideCm[at], part.bottomCm());
        }
      }
      default -> stand(part, fill, at, top);
    }
  }

  private void stand(Furnishing part, double fill, int at, double top) {
    double from = Math.max(part.bottomCm(), groundCm[at]);
    double under = Math.min(top, lineCm) - from;
    if (under > 0) {
      // Two things in one place share the column: together they cannot be more than it.
      double column = Math.max(0, lineCm - groundCm[at]);
      solidCm[at] = Math.min(column, solidCm[at] + under * fill);
    }
    double underside =
        part.kind().form() == FurnishingKind.Form.PLANK ? top - PLANK_CM : part.bottomCm();
    boolean raised = underside > groundCm[at];
    if (part.kind().bars() && !raised) {
      barCm[at] = Math.max(barCm[at], top - groundCm[at]);
    }
    tight[at] |= part.kind().form() == FurnishingKind.Form.WALL && !raised && top >= lineCm;
    if (part.kind().carries()) {
      if (raised) {
        undersideCm[at] = Math.min(undersideCm[at], underside);
        sloped[at] |= part.kind().form().slopes();
      }
      raise(part, at, top);
    } else if (part.kind().form() == FurnishingKind.Form.PLANTS && top >= lineCm) {
      rest[at] = true;
    }
  }

  private void raise(Furnishing part, int at, double top) {
    if (top > topCm[at]) {
      topCm[at] = top;
      surface[at] = part.kind().surface();
    }
  }

  /**
   * Water is poured in where the ground is deepest and seeps through ground, but not through a
   * partition that stands out of it: what lies behind stays dry.
   *
   * @return whether anything does
   */
  private boolean keepDry() {
    int source = -1;
    boolean walled = false;
    for (int at = 0; at < cells(); at++) {
      walled |= tight[at];
      if (inside(at) && !tight[at] && (source < 0 || groundCm[at] < groundCm[source] - 1e-9)) {
        source = at;
      }
    }
    if (!walled || source < 0) {
      return false;
    }
    Arrays.fill(dry, true);
    Deque<Integer> queue = new ArrayDeque<>();
    dry[source] = false;
    queue.add(source);
    while (!queue.isEmpty()) {
      int at = queue.poll();
      int i = at % columns;
      soak(queue, i > 0 ? at - 1 : -1);
      soak(queue, i < columns - 1 ? at + 1 : -1);
      soak(queue, at - columns);
      soak(queue, at + columns);
    }
    boolean any = false;
    for (int at = 0; at < cells(); at++) {
      // The partition itself is not floor that was kept dry.
      any |= dry[at] && inside(at) && !tight[at];
    }
    return any;
  }

  private void soak(Deque<Integer> queue, int at) {
    if (at >= 0 && at < cells() && inside(at) && dry[at] && !tight[at]) {
      dry[at] = false;
      queue.add(at);
    }
  }
}

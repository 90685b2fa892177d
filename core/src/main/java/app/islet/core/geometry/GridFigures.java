package app.islet.core.geometry;

import java.util.ArrayList;
import java.util.List;

/** What a grid comes to: litres, floor, shore, shade, bands of depth. */
public final class GridFigures {
  private final Grid grid;

  GridFigures(Grid grid) {
    this.grid = grid;
  }

  /** Water, what stands in it taken off, L. */
  public double waterL() {
    double column = 0;
    for (int at = 0; at < grid.cells(); at++) {
      if (grid.inside(at) && !grid.keptDry(at)) {
        column += Math.max(0, grid.lineCm() - grid.groundCm(at)) - grid.solidCm(at);
      }
    }
    return column * grid.cellCm2() / 1000;
  }

  /** What the parts under the line take of the water, L. */
  public double displacedL() {
    double column = 0;
    for (int at = 0; at < grid.cells(); at++) {
      column += grid.keptDry(at) && !grid.isPartition(at) ? 0 : grid.solidCm(at);
    }
    return column * grid.cellCm2() / 1000;
  }

  /** Floor inside the rim, cm². */
  public double insideCm2() {
    int count = 0;
    for (int at = 0; at < grid.cells(); at++) {
      count += grid.inside(at) ? 1 : 0;
    }
    return count * grid.cellCm2();
  }

  /** Share of the cells inside the rim with water in them, under a float too, %. */
  public double wetPercent() {
    int wet = 0;
    int all = 0;
    for (int at = 0; at < grid.cells(); at++) {
      all += grid.inside(at) ? 1 : 0;
      wet += holdsWater(at) ? 1 : 0;
    }
    return all == 0 ? 0 : 100.0 * wet / all;
  }

  /** Ground and tops above the line, the basking platform not counted, cm². */
  public double dryCm2() {
    int count = 0;
    for (int at = 0; at < grid.cells(); at++) {
      count += grid.inside(at) && !grid.wet(at) && !grid.isWall(at) && !grid.isPlatform(at) ? 1 : 0;
    }
    return count * grid.cellCm2();
  }

  /** Floor and ground free of what stands on it, walls not counted, cm². */
  public double walkableCm2() {
    int count = 0;
    for (int at = 0; at < grid.cells(); at++) {
      count += grid.inside(at) && grid.barCm(at) == 0 && !grid.isWall(at) ? 1 : 0;
    }
    return count * grid.cellCm2();
  }

  /** Share of the water with something over or in it that shades the floor, %. */
  public double shadePercent() {
    int shaded = 0;
    int all = 0;
    for (int at = 0; at < grid.cells(); at++) {
      boolean water =
          grid.inside(at) && !grid.keptDry(at) && grid.groundCm(at) < grid.lineCm() - 1e-9;
      boolean under = grid.planted(at) || !Double.isInfinite(grid.undersideCm(at));
      all += water ? 1 : 0;
      shaded += water && under ? 1 : 0;
    }
    return all == 0 ? 0 : 100.0 * shaded / all;
  }

  /** Water gained by raising the line 1 cm, L. */
  public double litresPerCm() {
    int count = 0;
    for (int at = 0; at < grid.cells(); at++) {
      count += holdsWater(at) ? 1 : 0;
    }
    return count * grid.cellCm2() / 1000;
  }

  private boolean holdsWater(int at) {
    return grid.inside(at)
        && !grid.keptDry(at)
        && grid.groundCm(at) + grid.solidCm(at) < grid.lineCm();
  }

  /** Where water meets what stands out of it, walls not counted, cm. */
  public double shorelineCm() {
    double length = 0;
    for (int j = 0; j < grid.rows(); j++) {
      for (int i = 0; i < grid.columns(); i++) {
        if (i + 1 < grid.columns() && shore(grid.at(i, j), grid.at(i + 1, j))) {
          length += grid.stepY();
        }
        if (j + 1 < grid.rows() && shore(grid.at(i, j), grid.at(i, j + 1))) {
          length += grid.stepX();
        }
      }
    }
    return length;
  }

  private boolean shore(int a, int b) {
    return grid.inside(a)
        && grid.inside(b)
        && grid.wet(a) != grid.wet(b)
        && !grid.isWall(a)
        && !grid.isWall(b);
  }

  /**
   * A band of depth.
   *
   * @param sharePercent of the wet floor
   */
  public record Band(double fromCm, double toCm, double sharePercent) {}

  /** The wet floor by depth, in so many equal bands; none where there is no water. */
  public List<Band> depthBands(int bands) {
    double deepest = 0;
    int wet = 0;
    for (int at = 0; at < grid.cells(); at++) {
      if (grid.wet(at)) {
        deepest = Math.max(deepest, grid.lineCm() - grid.topCm(at));
        wet++;
      }
    }
    if (wet == 0) {
      return List.of();
    }
    int[] counts = new int[bands];
    for (int at = 0; at < grid.cells(); at++) {
      if (grid.wet(at)) {
        int band = (int) ((grid.lineCm() - grid.topCm(at)) / deepest * bands);
        counts[Math.min(bands - 1, band)]++;
      }
    }
    List<Band> found = new ArrayList<>();
    for (int band = 0; band < bands; band++) {
      found.add(
          new Band(
              deepest * band / bands, deepest * (band + 1) / bands, 100.0 * counts[band] / wet));
    }
    return List.copyOf(found);
  }
}

package app.islet.core.geometry;

import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Land;
import app.islet.core.enclosure.Platform;
import app.islet.core.enclosure.Vessel;
import java.util.ArrayList;
import java.util.List;
import java.util.NavigableSet;
import java.util.Optional;
import java.util.TreeSet;

/**
 * The figures of an enclosure, from its geometry.
 *
 * <p>The ground is a profile along the length, the same over the whole width: flat under the water,
 * rising over the slope, flat on top of the land. In a rectangular vessel volumes are integrated
 * exactly over that profile; in any other, and wherever parts stand in their places, a grid of
 * cells answers (see {@link Grid}). Devices are not subtracted.
 *
 * @param profile corners of the ground from left to right
 * @param lineCm height of the water line above the floor
 * @param waterL water in the vessel
 * @param litresPerCm water gained by raising the line 1 cm
 * @param footprintCm2 inner floor of the vessel
 * @param waterSharePercent share of the footprint under water
 * @param dryLandCm2 ground above the water line, the platform not counted
 * @param shoreX where the water ends, cm from the left
 * @param freeboardCm from the water line to the rim
 * @param rimAboveFootholdCm from the highest place an animal can stand or swim to the rim
 * @param slopeDeg slope of the way out; 90 for an upright wall, 0 without land
 * @param landAboveLineCm top of the land over the water line; negative when it is under water, 0
 *     without land
 * @param grid the enclosure in cells, where it is not just a box with a beach
 */
public record Geometry(
    List<Corner> profile,
    double lineCm,
    double waterL,
    double litresPerCm,
    double footprintCm2,
    double waterSharePercent,
    double dryLandCm2,
    double shoreX,
    double freeboardCm,
    double rimAboveFootholdCm,
    double slopeDeg,
    double landAboveLineCm,
    Optional<Grid> grid) {

  /** A corner of the ground's profile, cm from the left and from the floor. */
  public record Corner(double xCm, double yCm) {}

  /** How far the dry top of a basking platform stands over the line; common practice, no source. */
  static final double PLATFORM_ABOVE_LINE_CM = 2;

  public Geometry {
    profile = List.copyOf(profile);
  }

  public static Geometry of(Enclosure e) {
    Vessel vessel = e.vessel();
    List<Corner> profile = profile(e);
    double line = e.waterLineCm();
    double sectionCm2 = 0;
    double wetCm = 0;
    for (int i = 1; i < profile.size(); i++) {
      Wet wet = wet(profile.get(i - 1), profile.get(i), line);
      sectionCm2 += wet.areaCm2;
      wetCm += wet.lengthCm;
    }
    double landTop = profile.stream().mapToDouble(Corner::yCm).max().orElse(0);
    double platformTop = e.platform().map(p -> line + PLATFORM_ABOVE_LINE_CM).orElse(0.0);
    double foothold = Math.max(Math.max(line, landTop), platformTop);
    boolean plain =
        vessel.isBox() && e.furnishings().parts().isEmpty() && e.ground().points().isEmpty();
    Optional<Grid> grid = plain ? Optional.empty() : Optional.of(Grid.of(e));
    double exactL = sectionCm2 * vessel.widthCm() / 1000;
    double wetAll = wetCm;
    return new Geometry(
        profile,
        line,
        grid.map(g -> litres(e, g, exactL)).orElse(exactL),
        grid.map(g -> g.figures().litresPerCm()).orElse(wetAll * vessel.widthCm() / 1000),
        vessel.footprintCm2(),
        grid.map(g -> g.figures().wetPercent()).orElse(100 * wetAll / vessel.lengthCm()),
        grid.map(g -> g.figures().dryCm2()).orElse((vessel.lengthCm() - wetAll) * vessel.widthCm()),
        wetCm,
        vessel.heightCm() - line,
        vessel.heightCm() - foothold,
        e.land().map(l -> slopeDeg(e, l)).orElse(0.0),
        e.land().map(l -> l.heightCm() - line).orElse(0.0),
        grid);
  }

  /** Exact where the profile is; else as good as the cells. */
  private static double litres(Enclosure e, Grid grid, double exactL) {
    boolean crossing = e.land().isPresent() && !e.ground().points().isEmpty();
    return e.vessel().isBox() && !grid.partlyDry() && !crossing
        ? exactL - grid.figures().displacedL()
        : grid.figures().waterL();
  }

  public boolean hasWater() {
    return waterL > 0;
  }

  public double dryLandPercent() {
    return 100 * dryLandCm2 / footprintCm2;
  }

  /**
   * Ground an animal can dig in without reaching water, cm: what rises above the line, or all of it
   * where there is no water.
   */
  public double digDepthCm(Enclosure e) {
    return hasWater()
        ? Math.max(0, e.land().map(Land::heightCm).orElse(0.0) - lineCm)
        : groundCm(e);
  }

  /** Ground from the floor to the top of the land, cm. */
  public double groundCm(Enclosure e) {
    return Math.max(e.land().map(Land::heightCm).orElse(0.0), e.ground().depthCm());
  }

  /**
   * Whether an animal that walks up {@code maxSlopeDeg} can leave the water onto land or platform.
   */
  public boolean hasWayOut(Enclosure e, double maxSlopeDeg) {
    boolean byLand = dryLandCm2 > 0 && e.land().isPresent() && slopeDeg <= maxSlopeDeg;
    return byLand || e.platform().isPresent();
  }

  /** Dry room for basking, cm²: the platform, or the dry land. */
  public double baskingCm2(Enclosure e) {
    return Math.max(
        dryLandCm2, e.platform().map((Platform p) -> p.lengthCm() * p.widthCm()).orElse(0.0));
  }

  private static List<Corner> profile(Enclosure e) {
    if (e.ground().points().isEmpty()) {
      return plainProfile(e);
    }
    double length = e.vessel().lengthCm();
    NavigableSet<Double> xs = new TreeSet<>(List.of(0.0, length));
    e.ground().points().forEach(p -> xs.add(Math.max(0, Math.min(length, p.xCm()))));
    plainProfile(e).forEach(corner -> xs.add(corner.xCm));
    List<Corner> corners = new ArrayList<>();
    for (double x : xs) {
      corners.add(new Corner(x, SubstrateProfile.heightCm(e, x)));
    }
    return corners;
  }

  private static List<Corner> plainProfile(Enclosure e) {
    double length = e.vessel().lengthCm();
    double ground = e.ground().depthCm();
    List<Corner> corners = new ArrayList<>();
    corners.add(new Corner(0, ground));
    if (e.land().isEmpty()) {
      corners.add(new Corner(length, ground));
      return corners;
    }
    Land land = e.land().get();
    double foot = length * (1 - land.sharePercent() / 100);
    double crest = Math.min(length, foot + land.rampCm());
    corners.add(new Corner(foot, ground));
    corners.add(new Corner(crest, land.heightCm()));
    if (crest < length) {
      corners.add(new Corner(length, land.heightCm()));
    }
    return corners;
  }

  private static double slopeDeg(Enclosure e, Land land) {
    double foot = e.vessel().lengthCm() * land.sharePercent() / 100;
    return Math.toDegrees(
        Math.atan2(
            Math.max(0, land.heightCm() - e.ground().depthCm()), Math.min(land.rampCm(), foot)));
  }

  /** Water over one straight piece of ground: exact, the piece cut where it meets the line. */
  private static Wet wet(Corner a, Corner b, double line) {
    double run = b.xCm - a.xCm;
    double left = line - a.yCm;
    double right = line - b.yCm;
    if (run <= 0 || (left <= 0 && right <= 0)) {
      return new Wet(0, 0);
    }
    if (left >= 0 && right >= 0) {
      return new Wet(run * (left + right) / 2, run);
    }
    double wetRun = run * Math.max(left, right) / Math.abs(left - right);
    return new Wet(wetRun * Math.max(left, right) / 2, wetRun);
  }

  private record Wet(double areaCm2, double lengthCm) {}
}

package app.islet.core.proposal;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.FreePlaces;
import app.islet.core.enclosure.FreePlaces.Box;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingCatalogue;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.enclosure.Hides;
import app.islet.core.enclosure.Land;
import app.islet.core.geometry.BaskingPlatform;
import app.islet.core.geometry.Geometry;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * Caves, wood, stones and plants set down where they make sense, each only if the design stays as
 * good as it was. Sizes go by the largest animal there will be; common practice, no source.
 */
final class Decor {
  private static final int MAX_CAVES = 4;

  /** Where water is no deeper nothing stands in it. */
  private static final double MIN_WATER_CM = 5;

  private final Course course;
  private final Predicate<Enclosure> asGood;
  private final FreePlaces spots = new FreePlaces();

  /**
   * @param asGood whether nothing got worse
   */
  Decor(Course course, Predicate<Enclosure> asGood) {
    this.course = course;
    this.asGood = asGood;
  }

  /** A thing to set down: where in its zone, how large, from its foot up. */
  private record Thing(
      FurnishingKind kind,
      double along,
      double across,
      double length,
      double width,
      double height,
      boolean round) {}

  Enclosure decorated(Enclosure bare) {
    if (course.now().stream().anyMatch(r -> r.stage().hatch().isPresent())) {
      return bare;
    }
    BaskingPlatform.parts(bare)
        .forEach(p -> spots.take(new Box(p.xCm(), p.yCm(), p.lengthCm(), p.widthCm())));
    Geometry geometry = Geometry.of(bare);
    Enclosure e = bare;
    if (geometry.hasWater() && bare.water().depthCm() >= MIN_WATER_CM) {
      e = all(e, inWater(e), waterZone(e, geometry), e.ground().depthCm());
    }
    Optional<Box> dry = dryZone(e, geometry);
    if (dry.isPresent()) {
      double foot = e.land().map(Land::heightCm).orElse(e.ground().depthCm());
      e = all(e, onLand(e, foot), dry.get(), foot);
    }
    return e;
  }

  private Enclosure all(Enclosure start, List<Thing> things, Box zone, double footCm) {
    Enclosure e = start;
    for (Thing thing : things) {
      e = set(e, thing, zone, footCm);
    }
    return e;
  }

  private Enclosure set(Enclosure e, Thing t, Box zone, double footCm) {
    Optional<Box> spot = spots.free(zone, t.length, t.width, t.along, t.across);
    if (spot.isEmpty()) {
      return e;
    }
    boolean floats = t.kind.floats();
    Furnishing part =
        new Furnishing(
            FurnishingCatalogue.freeId(e, t.kind),
            t.kind,
            half(spot.get().x()),
            half(spot.get().y()),
            half(t.length),
            half(t.width),
            floats ? 0 : footCm,
            half(floats ? t.height : footCm + t.height),
            t.round,
            false,
            false);
    List<Furnishing> parts = new ArrayList<>(e.furnishings().parts());
    parts.add(part);
    Enclosure with = e.with(e.furnishings().withParts(parts));
    Enclosure counted = t.kind == FurnishingKind.CAVE ? oneHideDrawn(with) : with;
    if (!asGood.test(counted)) {
      return e;
    }
    spots.take(spot.get());
    return counted;
  }

  /** To half a centimetre: nobody sets a stone down more exactly. */
  private static double half(double cm) {
    return Math.round(2 * cm) / 2.0;
  }

  /** A hide that is drawn is no longer only counted. */
  private static Enclosure oneHideDrawn(Enclosure e) {
    return e.furnishings()
        .hides()
        .map(h -> e.with(e.furnishings().withHides(h.count() - 1, h.openingCm())))
        .orElse(e);
  }

  private Box waterZone(Enclosure e, Geometry geometry) {
    double end =
        e.land().isPresent()
            ? e.vessel().lengthCm() * (1 - e.land().get().sharePercent() / 100)
            : geometry.shoreX();
    return new Box(1, 1, Math.max(0, end - 2), e.vessel().widthCm() - 2);
  }

  /** The flat top of the land, or all of a box without water. */
  private static Optional<Box> dryZone(Enclosure e, Geometry geometry) {
    double width = e.vessel().widthCm() - 2;
    if (e.land().isPresent() && geometry.dryLandCm2() > 0) {
      Land land = e.land().get();
      double crest = e.vessel().lengthCm() * (1 - land.sharePercent() / 100) + land.rampCm();
      double room = e.vessel().lengthCm() - 1 - crest;
      return room > 0 ? Optional.of(new Box(crest, 1, room, width)) : Optional.empty();
    }
    return !geometry.hasWater() && e.ground().depthCm() > 0
        ? Optional.of(new Box(1, 1, e.vessel().lengthCm() - 2, width))
        : Optional.empty();
  }

  private double body() {
    return course.everybody().mapToDouble(Resident::bodyCm).max().orElse(5);
  }

  private double tall() {
    return course.everybody().mapToDouble(Resident::heightCm).max().orElse(2);
  }

  private double wide() {
    return course.everybody().mapToDouble(Resident::widthCm).max().orElse(2);
  }

  private static int hides(Enclosure e) {
    return Math.min(MAX_CAVES, e.furnishings().hides().map(Hides::count).orElse(0));
  }

  private List<Thing> inWater(Enclosure e) {
    List<Thing> things = new ArrayList<>();
    double depth = e.water().depthCm();
    double size = Math.max(6, body());
    boolean planted =
        course.needs(Needs::planting).allMatch(p -> p == Needs.Planting.GROW)
            && !e.furnishings().plants().isEmpty();
    if (e.land().isEmpty()) {
      caves(e, Math.min(depth - 1, 2.5 * tall() + 2)).forEach(things::add);
    }
    if (e.water().restBelowSurfaceCm().isPresent()) {
      double top = depth - e.water().restBelowSurfaceCm().getAsDouble() + 0.5;
      if (top > 2) {
        things.add(
            new Thing(
                FurnishingKind.WOOD, 0.55, 0.2, 1.4 * size, Math.max(4, 1.2 * wide()), top, false));
      }
    }
    if (planted) {
      things.add(clump(0.05, 0.1, depth));
      things.add(clump(0.1, 0.9, 0.8 * depth));
      things.add(clump(0.8, 0.05, 0.9 * depth));
    }
    if (e.land().isEmpty() && things.size() < 3) {
      double stone = Math.max(8, 0.7 * size);
      things.add(
          new Thing(
              FurnishingKind.STONE,
              0.3,
              0.6,
              stone,
              0.8 * stone,
              Math.min(stone / 2, depth / 2),
              true));
    }
    return things;
  }

  private static Thing clump(double along, double across, double height) {
    double side = Math.max(6, Math.min(14, height / 2));
    return new Thing(FurnishingKind.PLANTS, along, across, side, side, height, true);
  }

  private List<Thing> caves(Enclosure e, double height) {
    List<Thing> caves = new ArrayList<>();
    double length = Math.max(6, 1.3 * body());
    double width = Math.max(5, Math.max(1.8 * wide(), 0.6 * length));
    for (int n = 0; n < hides(e); n++) {
      caves.add(
          new Thing(
              FurnishingKind.CAVE,
              0.08 + 0.28 * n,
              n % 2 == 0 ? 0.05 : 0.95,
              length,
              width,
              Math.max(3, height),
              false));
    }
    return caves;
  }

  private List<Thing> onLand(Enclosure e, double footCm) {
    double air = e.vessel().heightCm() - footCm;
    List<Thing> things =
        new ArrayList<>(caves(e, Math.min(air / 2, Math.max(4, 1.5 * tall() + 2))));
    things.add(
        new Thing(
            FurnishingKind.BRANCH,
            0.4,
            0.5,
            Math.min(0.4 * e.vessel().lengthCm(), Math.max(10, 3 * body())),
            4,
            Math.min(air * 0.4, Math.max(5, 2 * body())),
            false));
    if (!e.furnishings().plants().isEmpty()) {
      double high = Math.min(12, air * 0.6);
      things.add(new Thing(FurnishingKind.PLANTS, 0.24, 0.05, 9, 9, high, true));
      things.add(new Thing(FurnishingKind.PLANTS, 0.82, 0.95, 8, 8, 0.7 * high, true));
      things.add(new Thing(FurnishingKind.PLANTS, 0.53, 0.02, 8, 8, high, true));
    }
    return things;
  }
}

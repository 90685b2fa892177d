package app.islet.core.proposal;

import app.islet.core.animal.Cohort;
import app.islet.core.animal.Resident;
import app.islet.core.animal.SpaceNeeds;
import app.islet.core.care.AnimalGroup;
import app.islet.core.care.Habitat;
import app.islet.core.care.Needs;
import app.islet.core.care.Surface;
import app.islet.core.enclosure.Additives;
import app.islet.core.enclosure.Chemistry;
import app.islet.core.enclosure.Dish;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Furnishings;
import app.islet.core.enclosure.Hides;
import app.islet.core.enclosure.Land;
import app.islet.core.enclosure.Lid;
import app.islet.core.enclosure.Platform;
import app.islet.core.enclosure.Substrate;
import app.islet.core.enclosure.Vessel;
import app.islet.core.enclosure.Water;
import app.islet.core.enclosure.WaterSource;
import app.islet.core.quantity.Range;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;

/**
 * The design to start from in one vessel: water, ground, land, a lid, hides and devices, all by the
 * care sheets of those who will live in it, for as long as they will.
 */
final class Furnisher {
  /** The sea, g/kg. */
  private static final double SEA_PPT = 33;

  /** Nobody sells a flatter dish. */
  private static final double SHALLOWEST_CM = 0.5;

  /** The top of a dock over the water. */
  private static final double DOCK_CM = 2;

  /** Water stays that far under the rim, as a share of the height; common practice, no source. */
  static final double FILLED = 0.85;

  /** Nobody fills deeper than an arm reaches if nothing asks for it; common practice, no source. */
  private static final double ARM_CM = 45;

  /** Eggs and larvae are tended in a hand's depth; common practice, no source. */
  private static final double TUB_CM = 12;

  /** Beside heaped land the water is shallow, by so much of what they may have. */
  private static final double SHALLOW = 0.4;

  /** Land of so much of the floor is heaped up and not a platform; common practice, no source. */
  private static final double HEAPED_PERCENT = 20;

  /** More ground than that leaves no room for animals, as a share of the height. */
  private static final double GROUND_FILLS = 0.9;

  /** Dry ground over the line at the foot of those that dig nothing. */
  private static final double DRY_CM = 3;

  private final Course course;
  private final Wish wish;

  Furnisher(Wish wish, Course course) {
    this.wish = wish;
    this.course = course;
  }

  /** Whether their ground leaves room over it. */
  boolean fits(Vessel vessel) {
    return ground(vessel).depthCm() <= GROUND_FILLS * vessel.heightCm();
  }

  private Substrate ground(Vessel vessel) {
    return dishesOnly()
        ? plan().dry(vessel)
        : shore() ? plan().ofShore(vessel) : plan().underWater();
  }

  Enclosure furnished(Vessel vessel) {
    Substrate ground = ground(vessel);
    double depth = dishesOnly() ? 0 : depthCm(vessel, ground.depthCm());
    Enclosure e =
        Enclosure.bare(wish.name(), vessel, Math.max(0, depth))
            .withSite(wish.site())
            .with(ground)
            .with(lid())
            .with(furnishings());
    e = withLand(e.with(water(e)), vessel);
    Enclosure equipped = new DevicePlan(course, wish.day()).fitted(e);
    return new Company(course).with(new Planting(course).with(equipped));
  }

  private Water water(Enclosure e) {
    double salt =
        course
            .needs(Needs::salinity)
            .map(Needs.Salinity::ppt)
            .mapToDouble(ppt -> ppt.min() > 0 ? ppt.middle() : 0)
            .max()
            .orElse(0);
    boolean spring = course.needs(Needs::chemistry).anyMatch(Needs.Chemistry::onlySpring);
    Water water =
        new Water(
            e.water().depthCm(),
            rest(e.water().depthCm()),
            salt,
            new Chemistry(
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                e.water().depthCm() == 0
                    ? Optional.empty()
                    : Optional.of(spring ? WaterSource.SPRING : WaterSource.TREATED_TAP)));
    return salt > 0
        ? water.with(
            new Additives(Optional.of(Additives.Salt.MARINE), OptionalDouble.empty(), List.of()))
        : water;
  }

  /** A shelf, wood or dense plants near the surface, for who needs it at that depth. */
  private OptionalDouble rest(double depth) {
    boolean wanted =
        depth > least(Needs::depth, Needs.Depth::bareMaxCm)
            || course.everybody().anyMatch(r -> r.stage().needs().shelter().rests());
    return wanted && depth > 0
        ? course.needs(Needs::depth).mapToDouble(Needs.Depth::restWithinCm).min()
        : OptionalDouble.empty();
  }

  private <T> double least(Function<Needs, Optional<T>> which, ToDoubleFunction<T> of) {
    return course.needs(which).mapToDouble(of).min().orElse(Double.POSITIVE_INFINITY);
  }

  private <T> double most(Function<Needs, Optional<T>> which, ToDoubleFunction<T> of) {
    return course.needs(which).mapToDouble(of).max().orElse(0);
  }

  /**
   * Those who drink and soak in dishes and never swim need no other water, and eggs none at all.
   */
  private boolean dishesOnly() {
    return onLand()
        && course
            .everybody()
            .map(r -> r.stage().needs())
            .allMatch(n -> n.pools().isPresent() || n.depth().isEmpty());
  }

  private boolean onLand() {
    return course.everybody().allMatch(r -> r.stage().habitat() == Habitat.LAND);
  }

  /**
   * As deep as all of them stand at all times, and deep enough for the litres they need; where the
   * small ones of today and the large ones of tomorrow want different depths, that of today.
   */
  private double depthCm(Vessel vessel, double groundCm) {
    double room = mostDepthCm(vessel) - groundCm;
    Course today = course.until(0);
    double deepest = least(Needs::depth, Needs.Depth::bareMaxCm);
    double rested = least(Needs::depth, Needs.Depth::maxCm);
    double least = most(Needs::depth, Needs.Depth::minCm);
    double forLitres = onLand() ? 0 : litres(course) * 1000 / vessel.footprintCm2() + 0.5;
    double handy = course.everybody().allMatch(Furnisher::isTended) ? TUB_CM : ARM_CM;
    double wanted = Math.max(least, Math.min(deepest, handy));
    if (shore() && deepest > least) {
      wanted = least + SHALLOW * (wanted - least);
    }
    if (forLitres > wanted) {
      wanted = Math.min(forLitres, rested);
    }
    double now = today.needs(Needs::depth).mapToDouble(Needs.Depth::maxCm).min().orElse(wanted);
    return half(Math.min(room, Math.min(wanted, now)));
  }

  /** To half a centimetre, as one reads it on a ruler; what is shallower as it is. */
  private static double half(double cm) {
    return cm < 2 ? cm : Math.floor(2 * cm) / 2;
  }

  /** Eggs, larvae and tadpoles: looked at and cleaned every day. */
  private static boolean isTended(Resident r) {
    return r.stage().hatch().isPresent() || r.stage().endsInChange();
  }

  private static double litres(Course course) {
    return course.points().stream()
        .map(p -> new SpaceNeeds(Cohort.of(p.residents())))
        .mapToDouble(s -> s.waterL().orElse(0))
        .max()
        .orElse(0);
  }

  /** A hand under the rim, and room over the dock for who stands on it. */
  private double mostDepthCm(Vessel vessel) {
    double tallest =
        course
            .everybody()
            .filter(r -> r.stage().needs().basking().isPresent())
            .mapToDouble(Resident::heightCm)
            .max()
            .orElse(0);
    return Math.min(FILLED * vessel.heightCm(), vessel.heightCm() - DOCK_CM - 2 * tallest);
  }

  /** Whether they need heaped land, to dig or to walk, and not only a place to lie on. */
  private boolean shore() {
    return !dishesOnly() && (onLand() || plan().digCm() > 0 || share().min() >= HEAPED_PERCENT);
  }

  private GroundPlan plan() {
    return new GroundPlan(course);
  }

  private Range share() {
    return course
        .everybody()
        .map(r -> r.stage().needs().land().sharePercent())
        .reduce((a, b) -> a.overlap(b).orElse(a))
        .orElseThrow();
  }

  private Enclosure withLand(Enclosure e, Vessel vessel) {
    if (dishesOnly()) {
      return e;
    }
    if (shore()) {
      return e.with(land(e, vessel));
    }
    boolean wanted =
        course
            .everybody()
            .map(r -> r.stage().needs())
            .anyMatch(n -> n.land().necessary() || n.basking().isPresent());
    return wanted || share().min() > 0 ? e.with(platform(vessel)) : e;
  }

  /** Room for the longest of them to lie, and as much of the floor as it should be. */
  private Platform platform(Vessel vessel) {
    double body = course.everybody().mapToDouble(Resident::bodyCm).max().orElse(0);
    double least = 1.1 * share().min() / 100 * vessel.footprintCm2();
    double side = Math.ceil(Math.max(1.8 * body, Math.sqrt(least)));
    double width = Math.min(side, vessel.widthCm());
    double length = Math.max(side, Math.ceil(least / width));
    return new Platform(Math.max(1, Math.min(length, vessel.lengthCm() / 2)), width);
  }

  /** Land they can dig in, its dry part the middle of what they should have, its slope gentle. */
  private Land land(Enclosure e, Vessel vessel) {
    double height = e.waterLineCm() + Math.max(plan().digCm(), DRY_CM);
    double top = half(Math.min(vessel.heightCm() * GroundPlan.FILLS, height + 0.5));
    double slope =
        course
            .everybody()
            .mapToDouble(r -> r.stage().needs().locomotion().slopeDegOn(Surface.LOOSE))
            .min()
            .orElse(30);
    double rise = top - e.ground().depthCm();
    double ramp = Math.ceil(rise / Math.tan(Math.toRadians(Math.max(10, slope))));
    double wet = ramp * e.water().depthCm() / rise;
    return new Land(
            Math.round(
                Math.min(100, Math.min(95, share().middle()) + wet * 100 / vessel.lengthCm())),
            top,
            ramp)
        .of(plan().heaped(), plan().litter());
  }

  private Lid lid() {
    boolean humid = course.needs(Needs::humidity).anyMatch(h -> h.percent().min() >= 70);
    boolean uv = course.needs(Needs::uv).findAny().isPresent();
    return humid ? (uv ? Lid.PART_MESH : Lid.GLASS) : Lid.MESH;
  }

  private Furnishings furnishings() {
    int hides =
        (int)
            Math.ceil(
                course.points().stream()
                    .mapToDouble(
                        p ->
                            p.residents().stream()
                                .mapToDouble(
                                    r -> r.stage().needs().shelter().hidesPerAnimal() * r.count())
                                .sum())
                    .max()
                    .orElse(0));
    Furnishings f = hides > 0 ? Furnishings.NONE.with(new Hides(hides, 0)) : Furnishings.NONE;
    boolean crabs = course.now().stream().anyMatch(r -> r.sheet().group() == AnimalGroup.CRAB);
    int ways =
        course.everybody().mapToInt(r -> r.stage().needs().shelter().waysOut()).max().orElse(0);
    int further = dishesOnly() ? 0 : Math.max(crabs ? 1 : 0, ways - 1);
    int shells =
        course.now().stream()
            .mapToInt(r -> r.stage().needs().shelter().spareShells() * r.count())
            .sum();
    return f.withFurtherWaysOut(further).with(dishes()).withSpareShells(shells);
  }

  /** The deepest fresh and the deepest salt pool any of them needs. */
  private Dish[] dishes() {
    double submerged = most(Needs::depth, Needs.Depth::minCm);
    double least = Math.max(SHALLOWEST_CM, dishesOnly() ? submerged : 0);
    List<Dish> dishes = new ArrayList<>();
    List<Needs.Pools> pools = course.needs(Needs::pools).toList();
    double deep = pools.stream().mapToDouble(Needs.Pools::depthCm).max().orElse(0);
    if (pools.stream().anyMatch(Needs.Pools::fresh)) {
      dishes.add(new Dish(Math.max(least, deep), 0, true));
    }
    if (pools.stream().anyMatch(Needs.Pools::salt)) {
      dishes.add(new Dish(Math.max(least, deep), SEA_PPT, true));
    }
    return dishes.toArray(Dish[]::new);
  }
}

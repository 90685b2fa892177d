package app.islet.core.review;

import app.islet.core.animal.Cohort;
import app.islet.core.animal.Resident;
import app.islet.core.animal.SpaceNeeds;
import app.islet.core.care.AnimalGroup;
import app.islet.core.care.Habitat;
import app.islet.core.care.Needs;
import app.islet.core.care.SubstrateMaterial;
import app.islet.core.care.Surface;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Dish;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Furnishings;
import app.islet.core.enclosure.Hides;
import app.islet.core.enclosure.Land;
import app.islet.core.enclosure.Lid;
import app.islet.core.enclosure.Platform;
import app.islet.core.enclosure.Site;
import app.islet.core.enclosure.StandardVessel;
import app.islet.core.enclosure.Substrate;
import app.islet.core.enclosure.Vessel;
import app.islet.core.enclosure.Water;
import app.islet.core.quantity.Range;
import app.islet.core.situation.HusbandryState;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * The smallest vessel as sold that passes for some residents, furnished from their care sheets.
 *
 * <p>Each vessel, the smallest floor first, is furnished by the sheets and then put right by the
 * review's own remedies of numbers, until nothing is Danger or Wrong or nothing helps any more.
 */
public final class Proposal {
  private static final int MOST_REMEDIES = 40;

  /** Rules that ask for room: what is proposed has all of it. */
  private static final Set<String> ROOM =
      Set.of("floor-too-small", "too-little-water", "too-low-to-climb");

  /** Nobody sells a flatter dish. */
  private static final double SHALLOWEST_CM = 0.5;

  /** The top of a dock over the water. */
  private static final double DOCK_CM = 2;

  private final List<Resident> residents;
  private final Site site;
  private final LocalDate date;

  private Proposal(List<Resident> residents, Site site, LocalDate date) {
    this.residents = List.copyOf(residents);
    this.site = site;
    this.date = date;
  }

  /**
   * @param maxLengthCm and {@code maxWidthCm} of the place it may take
   * @return nothing where no vessel that fits there passes, or nobody is to live in it
   */
  public static Optional<Enclosure> of(
      String name,
      List<Resident> residents,
      Site site,
      LocalDate date,
      double maxLengthCm,
      double maxWidthCm) {
    if (residents.isEmpty()) {
      return Optional.empty();
    }
    Proposal proposal = new Proposal(residents, site, date);
    return StandardVessel.all().stream()
        .map(StandardVessel::vessel)
        .filter(v -> v.lengthCm() <= maxLengthCm && v.widthCm() <= maxWidthCm)
        .filter(v -> v.footprintCm2() >= proposal.floorCm2())
        .flatMap(v -> proposal.passing(name, v).stream())
        .findFirst();
  }

  private double floorCm2() {
    return new SpaceNeeds(Cohort.of(residents)).floorCm2();
  }

  private Optional<Enclosure> passing(String name, Vessel vessel) {
    Enclosure e = furnished(name, vessel);
    for (int n = 0; n < MOST_REMEDIES; n++) {
      List<Finding> failing =
          Review.judged(HusbandryState.of(e, residents, date))
              .filter(f -> f.severity().compareTo(Severity.WATCH) < 0 || isShort(f))
              .toList();
      if (failing.isEmpty()) {
        return Optional.of(e);
      }
      Optional<Remedy> remedy =
          failing.stream()
              .flatMap(f -> f.remedies().stream())
              .filter(r -> !r.changes().isEmpty())
              .filter(r -> r.changes().stream().noneMatch(Proposal::resizes))
              .findFirst();
      if (remedy.isEmpty()) {
        return Optional.empty();
      }
      Enclosure fixed = e.with(remedy.get().changes());
      if (fixed.equals(e)) {
        return Optional.empty();
      }
      e = fixed;
    }
    return Optional.empty();
  }

  /** A little short of room may be lived with; nobody proposes it. */
  private static boolean isShort(Finding f) {
    return f.severity() == Severity.WATCH && ROOM.contains(f.rule());
  }

  /** A larger vessel is the next candidate, not a remedy of this one. */
  private static boolean resizes(Change change) {
    return change.field().startsWith("/vessel");
  }

  private Enclosure furnished(String name, Vessel vessel) {
    SubstrateMaterial material = ground();
    boolean landLiving = all(Habitat.LAND);
    double dug =
        residents.stream()
            .mapToDouble(r -> r.stage().needs().ground().depthCm().orElse(0))
            .max()
            .orElse(0);
    double groundCm = material == SubstrateMaterial.BARE || landLiving ? 0 : Math.max(2, dug);
    double depth = dishesOnly() ? 0 : Math.min(depthCm(), mostDepthCm(vessel) - groundCm);
    Enclosure e =
        Enclosure.bare(name, vessel, Math.max(0, depth))
            .with(new Substrate(material, groundCm))
            .with(lid())
            .with(equipment().toArray(Equipment[]::new))
            .with(furnishings())
            .withSite(site);
    double salt =
        needs(Needs::salinity)
            .map(Needs.Salinity::ppt)
            .mapToDouble(ppt -> ppt.min() > 0 ? ppt.middle() : 0)
            .max()
            .orElse(0);
    e = e.with(new Water(e.water().depthCm(), OptionalDouble.empty(), salt, e.water().chemistry()));
    return withLand(e, vessel);
  }

  /** Those who drink and soak in dishes and never swim need no other water. */
  private boolean dishesOnly() {
    return all(Habitat.LAND) && needs(Needs::pools).count() == residents.size();
  }

  /** A hand under the rim, and room over the dock for who stands on it. */
  private double mostDepthCm(Vessel vessel) {
    double tallest =
        residents.stream()
            .filter(r -> r.stage().needs().basking().isPresent())
            .mapToDouble(Resident::heightCm)
            .max()
            .orElse(0);
    return Math.min(0.85 * vessel.heightCm(), vessel.heightCm() - DOCK_CM - 2 * tallest);
  }

  /** A land box for those that live on land, a platform for those that bask or need a way out. */
  private Enclosure withLand(Enclosure e, Vessel vessel) {
    Range share =
        residents.stream()
            .map(r -> r.stage().needs().land().sharePercent())
            .reduce((a, b) -> a.overlap(b).orElse(a))
            .orElseThrow();
    double dig =
        residents.stream().mapToDouble(r -> r.stage().needs().land().minDepthCm()).max().orElse(0);
    if (all(Habitat.LAND)) {
      double height = Math.max(dig, e.waterLineCm() + 3);
      double slope =
          residents.stream()
              .mapToDouble(r -> r.stage().needs().locomotion().slopeDegOn(Surface.LOOSE))
              .min()
              .orElse(30);
      double ramp =
          e.water().depthCm() == 0
              ? 0
              : Math.ceil(
                  (height - e.ground().depthCm()) / Math.tan(Math.toRadians(Math.max(10, slope))));
      double dry = e.water().depthCm() == 0 ? 100 : Math.min(95, share.middle());
      double wetRamp = ramp * e.water().depthCm() / Math.max(1, height) * 100 / vessel.lengthCm();
      return e.with(
          new Land(Math.min(100, dry + wetRamp), Math.min(vessel.heightCm() * 0.6, height), ramp));
    }
    boolean wanted =
        residents.stream()
            .anyMatch(
                r ->
                    r.stage().needs().land().necessary()
                        || r.stage().needs().basking().isPresent());
    if (!wanted && share.min() == 0) {
      return e;
    }
    double body = residents.stream().mapToDouble(Resident::bodyCm).max().orElse(0);
    double least = share.min() / 100 * vessel.footprintCm2();
    double side = Math.ceil(Math.max(1.8 * body, Math.sqrt(1.1 * least)));
    return e.with(
        new Platform(Math.min(side, vessel.lengthCm() / 2), Math.min(side, vessel.widthCm())));
  }

  private boolean all(Habitat habitat) {
    return residents.stream().allMatch(r -> r.stage().habitat() == habitat);
  }

  private <T> Stream<T> needs(Function<Needs, Optional<T>> which) {
    return residents.stream().flatMap(r -> which.apply(r.stage().needs()).stream());
  }

  /** The first ground none of them is harmed by; who lives on land has one to dig in. */
  private SubstrateMaterial ground() {
    boolean amphibians = residents.stream().anyMatch(r -> r.sheet().group().isAmphibian());
    Stream<SubstrateMaterial> choice =
        !all(Habitat.LAND)
            ? Stream.of(SubstrateMaterial.BARE, SubstrateMaterial.SAND, SubstrateMaterial.SOIL)
            : amphibians
                ? Stream.of(SubstrateMaterial.SOIL, SubstrateMaterial.COCONUT_AND_SAND)
                : Stream.of(SubstrateMaterial.COCONUT_AND_SAND, SubstrateMaterial.SAND);
    return choice
        .filter(
            material ->
                residents.stream()
                    .noneMatch(r -> r.stage().needs().ground().never().contains(material)))
        .findFirst()
        .orElse(SubstrateMaterial.BARE);
  }

  /** As deep as all of them stand without a rest, and no deeper than needed by any. */
  private double depthCm() {
    double most = needs(Needs::depth).mapToDouble(Needs.Depth::bareMaxCm).min().orElse(0);
    double least = needs(Needs::depth).mapToDouble(Needs.Depth::minCm).max().orElse(0);
    return Math.max(least, Math.min(most, 45));
  }

  private Lid lid() {
    boolean humid = needs(Needs::humidity).anyMatch(h -> h.percent().min() >= 70);
    boolean uv = needs(Needs::uv).findAny().isPresent();
    return humid && !uv ? Lid.GLASS : Lid.MESH;
  }

  private List<Equipment> equipment() {
    List<Equipment> list = new ArrayList<>();
    needs(Needs::basking)
        .findFirst()
        .ifPresent(
            b -> list.add(new Equipment.BaskingLamp(75, OptionalDouble.of(b.spotC().middle()))));
    if (needs(Needs::uv).findAny().isPresent()) {
      list.add(new Equipment.UvbLamp(Optional.of(date), OptionalDouble.of(22)));
    }
    return list;
  }

  private Furnishings furnishings() {
    int hides =
        (int)
            Math.ceil(
                residents.stream()
                    .mapToDouble(r -> r.stage().needs().shelter().hidesPerAnimal() * r.count())
                    .sum());
    Furnishings f = hides > 0 ? Furnishings.NONE.with(new Hides(hides, 0)) : Furnishings.NONE;
    boolean crabs = residents.stream().anyMatch(r -> r.sheet().group() == AnimalGroup.CRAB);
    List<Dish> dishes = new ArrayList<>();
    double submerged = needs(Needs::depth).mapToDouble(Needs.Depth::minCm).max().orElse(0);
    double least = Math.max(SHALLOWEST_CM, dishesOnly() ? submerged : 0);
    needs(Needs::pools)
        .forEach(
            p -> {
              if (p.fresh()) {
                dishes.add(new Dish(Math.max(least, p.depthCm()), 0, true));
              }
              if (p.salt()) {
                dishes.add(new Dish(Math.max(least, p.depthCm()), 33, true));
              }
            });
    int shells =
        residents.stream()
            .mapToInt(r -> r.stage().needs().shelter().spareShells() * r.count())
            .sum();
    return (crabs ? f.withFurtherWaysOut(1) : f)
        .with(dishes.toArray(Dish[]::new))
        .withSpareShells(shells);
  }
}

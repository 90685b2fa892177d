package app.islet.core.animal;

import app.islet.core.care.Needs;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import java.util.stream.DoubleStream;

/**
 * The room that all animals of an enclosure need together: the first of those that need most, and
 * what each further animal adds to it; common practice, no source.
 */
public record SpaceNeeds(List<Cohort> cohorts) {
  public SpaceNeeds {
    cohorts = List.copyOf(cohorts);
  }

  /** Floor for all of them, cm². */
  public double floorCm2() {
    double further = sum(c -> c.count() * space(c).furtherFloorCm2());
    return cohorts.stream()
        .mapToDouble(c -> further + space(c).floorCm2() - first(c) * space(c).furtherFloorCm2())
        .max()
        .orElse(0);
  }

  /** The least of it they must have, cm². */
  public double leastFloorCm2() {
    return space(mostFloor()).leastShare() * floorCm2();
  }

  /** The least water they must have, L; nothing where no sheet states any. */
  public OptionalDouble leastWaterL() {
    OptionalDouble all = waterL();
    return all.isPresent()
        ? OptionalDouble.of(space(mostWater()).leastShare() * all.getAsDouble())
        : all;
  }

  /** Water for all of them, L; nothing where no sheet states any. */
  public OptionalDouble waterL() {
    if (cohorts.stream().noneMatch(c -> statesWater(space(c)))) {
      return OptionalDouble.empty();
    }
    double further = sum(c -> c.count() * furtherWaterL(space(c)));
    DoubleStream fixed =
        cohorts.stream()
            .filter(c -> space(c).waterL().isPresent())
            .mapToDouble(
                c ->
                    further + space(c).waterL().getAsDouble() - first(c) * furtherWaterL(space(c)));
    return OptionalDouble.of(Math.max(fixed.max().orElse(0), sum(SpaceNeeds::waterBySizeL)));
  }

  /** The cohort that needs most of the floor by itself. */
  public Cohort mostFloor() {
    return most(c -> space(c).floorCm2For(c.count()));
  }

  /** The cohort that needs most of the water by itself. */
  public Cohort mostWater() {
    return most(c -> space(c).waterLFor(c.count(), c.all().bodyCm()).orElse(0));
  }

  private Cohort most(ToDoubleFunction<Cohort> need) {
    Cohort most = cohorts.get(0);
    for (Cohort c : cohorts) {
      most = need.applyAsDouble(c) > need.applyAsDouble(most) ? c : most;
    }
    return most;
  }

  private double sum(ToDoubleFunction<Cohort> each) {
    return cohorts.stream().mapToDouble(each).sum();
  }

  private static Needs.Space space(Cohort c) {
    return c.stage().needs().space();
  }

  /** How many of them the first floor and water are for. */
  private static int first(Cohort c) {
    return Math.min(c.count(), space(c).animals());
  }

  private static boolean statesWater(Needs.Space space) {
    return space.waterL().isPresent() || space.waterLPerCm().isPresent();
  }

  private static double furtherWaterL(Needs.Space space) {
    return space.furtherWaterL().orElse(space.waterL().orElse(0));
  }

  private static double waterBySizeL(Cohort c) {
    double perCm = space(c).waterLPerCm().orElse(0);
    return c.members().stream().mapToDouble(r -> perCm * r.bodyCm() * r.count()).sum();
  }
}

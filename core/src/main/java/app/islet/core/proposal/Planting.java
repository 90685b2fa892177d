package app.islet.core.proposal;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.care.Plant;
import app.islet.core.climate.Climate;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.geometry.Geometry;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/** A few plants that last with those who live there: of little light, and of its temperature. */
final class Planting {
  private static final int MAX_IN_WATER = 2;
  private static final int MAX_ON_LAND = 2;

  /** Eggs and larvae in flat tubs are emptied daily; nothing roots there. */
  private static final double MIN_DEPTH_CM = 8;

  private final Course course;

  Planting(Course course) {
    this.course = course;
  }

  Enclosure with(Enclosure e) {
    List<Plant> plants = new ArrayList<>();
    if (grow() && e.water().depthCm() >= MIN_DEPTH_CM) {
      inWater(e).limit(MAX_IN_WATER).forEach(plants::add);
    }
    if (e.land().isPresent() || e.water().depthCm() == 0 && e.ground().depthCm() > 0) {
      onLand(e).limit(MAX_ON_LAND).forEach(plants::add);
    }
    return e.with(e.furnishings().with(plants.toArray(Plant[]::new)));
  }

  /** Whether plants in the water are left alone, as far as the school says. */
  private boolean grow() {
    return course.needs(Needs::planting).allMatch(p -> p == Needs.Planting.GROW);
  }

  private Stream<Plant> inWater(Enclosure e) {
    Climate climate = Climate.of(e, Geometry.of(e), course.now());
    OptionalDouble target =
        climate.water().stream().mapToDouble(Climate.WaterClimate::targetC).findFirst();
    boolean salt = e.water().salinityPpt() > 0;
    return Plant.all().stream()
        .filter(p -> p.habit() != Plant.Habit.LAND && p.habit() != Plant.Habit.EMERGENT)
        .filter(p -> p.light() == Plant.Light.LOW && p.salt() == salt)
        .filter(this::isHarmless)
        .filter(p -> target.isEmpty() || p.waterC().contains(target.getAsDouble()));
  }

  private Stream<Plant> onLand(Enclosure e) {
    boolean humid = course.needs(Needs::humidity).anyMatch(h -> h.percent().min() >= 60);
    boolean salt = e.water().salinityPpt() > 0;
    return Plant.all().stream()
        .filter(p -> p.habit() == Plant.Habit.LAND && p.light() == Plant.Light.LOW)
        .filter(p -> humid && !salt && isHarmless(p))
        .filter(
            p ->
                p.waterC().min() <= e.site().coldestC() && p.waterC().max() >= e.site().warmestC());
  }

  private boolean isHarmless(Plant plant) {
    return course.now().stream()
        .map(Resident::sheet)
        .noneMatch(sheet -> plant.harms().contains(sheet.group()));
  }
}

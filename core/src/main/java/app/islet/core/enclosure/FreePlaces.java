package app.islet.core.enclosure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Free places on a floor: what is set down keeps off what is there. */
public final class FreePlaces {
  private static final double STEP_CM = 1;

  /** A floor is searched in no more steps than that along a side. */
  private static final double MAX_STEPS = 80;

  private static final double APART_CM = 1;

  /** A rectangle in plan, cm from the left end and from the back. */
  public record Box(double x, double y, double length, double width) {
    boolean clearOf(Box other) {
      return x >= other.x + other.length + APART_CM
          || other.x >= x + length + APART_CM
          || y >= other.y + other.width + APART_CM
          || other.y >= y + width + APART_CM;
    }
  }

  private final List<Box> taken = new ArrayList<>();

  /**
   * What a part must keep off: things of its own layer (on the ground, on the water, over the rim)
   * and whatever stands as high as it does.
   */
  static FreePlaces around(Enclosure e, Furnishing part) {
    FreePlaces free = new FreePlaces();
    e.furnishings().parts().stream()
        .filter(other -> sameLayer(other, part) || meet(e, other, part))
        .forEach(p -> free.take(new Box(p.leftCm(), p.backCm(), p.spanX(), p.spanY())));
    return free;
  }

  private static boolean sameLayer(Furnishing one, Furnishing other) {
    return !one.kind().isDevice()
        && !other.kind().isDevice()
        && one.kind().floats() == other.kind().floats();
  }

  private static boolean meet(Enclosure e, Furnishing one, Furnishing other) {
    double line = e.waterLineCm();
    double lift = one.kind().floats() ? line : 0;
    double otherLift = other.kind().floats() ? line : 0;
    return one.bottomCm() + lift < other.topCm() + otherLift
        && other.bottomCm() + otherLift < one.topCm() + lift;
  }

  public void take(Box box) {
    taken.add(box);
  }

  /**
   * Where a thing of that size fits within the zone, nearest to the point that is so far along it
   * and across it.
   *
   * @param along and {@code across} 0 to 1 of the zone
   */
  public Optional<Box> free(Box zone, double length, double width, double along, double across) {
    double roomX = zone.length() - length;
    double roomY = zone.width() - width;
    if (roomX < 0 || roomY < 0) {
      return Optional.empty();
    }
    double wantedX = zone.x() + along * roomX;
    double wantedY = zone.y() + across * roomY;
    List<Box> places = new ArrayList<>();
    for (double x = 0; x <= roomX; x += step(roomX)) {
      for (double y = 0; y <= roomY; y += step(roomY)) {
        Box place = new Box(zone.x() + x, zone.y() + y, length, width);
        if (taken.stream().allMatch(place::clearOf)) {
          places.add(place);
        }
      }
    }
    return places.stream()
        .min(
            Comparator.comparingDouble(
                place -> Math.hypot(place.x() - wantedX, place.y() - wantedY)));
  }

  private static double step(double roomCm) {
    return Math.max(STEP_CM, roomCm / MAX_STEPS);
  }
}

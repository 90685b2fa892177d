package app.islet.core.water;

import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Enclosure;
import java.util.List;

/** A planted pond under the sky: where it is large for its animals, it keeps itself. */
public final class PlantedPond {
  /** Water for each turtle; common practice, no source. */
  private static final double TURTLE_L = 500;

  /** Water for each newt, frog or crab; common practice, no source. */
  private static final double SMALL_L = 50;

  private PlantedPond() {}

  public static boolean is(Enclosure e) {
    return e.site().outdoors() && !e.furnishings().plants().isEmpty();
  }

  /** Water in which plants and soil deal with what so many animals leave, L. */
  public static double lightL(List<Resident> residents) {
    return residents.stream()
        .mapToDouble(
            r ->
                r.count()
                    * switch (r.sheet().group()) {
                      case TURTLE -> TURTLE_L;
                      case SALAMANDER, FROG, CRAB -> SMALL_L;
                    })
        .sum();
  }

  static boolean keepsItself(Enclosure e, List<Resident> residents, double waterL) {
    return is(e) && waterL >= lightL(residents);
  }
}

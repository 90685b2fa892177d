package app.islet.core.water;

import app.islet.core.animal.Resident;
import java.util.List;

/** Ammonia that what lives here makes of its planned food. */
public final class NitrogenLoad {
  private NitrogenLoad() {}

  /** Nitrogen of total ammonia on an average day, g; estimate, half to twice. */
  public static double gPerDay(List<Resident> residents) {
    return residents.stream().mapToDouble(NitrogenLoad::gPerDay).sum();
  }

  private static double gPerDay(Resident r) {
    double shared = portionOfATurn(r);
    return r.foods().stream()
        .mapToDouble(
            food ->
                Ammonia.tanG(
                    food.gramsFor(r.bodyG()).orElse(0)
                        * r.count()
                        * food.turn().timesADay()
                        * (food.turn().often().isPresent() ? shared : 1),
                    food.proteinPercent()))
        .sum();
  }

  /** Foods that take turns share the portion of a day on which two of them fall. */
  private static double portionOfATurn(Resident r) {
    double turns =
        r.foods().stream()
            .filter(food -> food.turn().often().isPresent())
            .mapToDouble(food -> food.turn().timesADay())
            .sum();
    return turns > 1 ? 1 / turns : 1;
  }
}

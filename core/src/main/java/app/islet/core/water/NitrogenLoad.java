package app.islet.core.water;

import app.islet.core.animal.Resident;
import app.islet.core.care.Recurrence;
import java.util.List;

/** Ammonia that what lives here makes of its planned food. */
public final class NitrogenLoad {
  private NitrogenLoad() {}

  /** Nitrogen of total ammonia on an average day, g; estimate, half to twice. */
  public static double gPerDay(List<Resident> residents) {
    return residents.stream().mapToDouble(NitrogenLoad::gPerDay).sum();
  }

  private static double gPerDay(Resident r) {
    return r.foods().stream()
        .mapToDouble(
            food ->
                Ammonia.tanG(
                    food.gramsFor(r.bodyG()).orElse(0) * r.count() * timesADay(food.recurrence()),
                    food.proteinPercent()))
        .sum();
  }

  private static double timesADay(Recurrence recurrence) {
    return recurrence.weekdays().isEmpty()
        ? (double) recurrence.perDay() / recurrence.everyDays()
        : recurrence.weekdays().size() * recurrence.perDay() / 7.0;
  }
}

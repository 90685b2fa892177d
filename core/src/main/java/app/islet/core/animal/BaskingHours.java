package app.islet.core.animal;

import app.islet.core.care.Needs;
import java.util.List;

/** How long a basking lamp is lit on a day, for timetable, power bill and every other answer. */
public final class BaskingHours {
  private BaskingHours() {}

  /**
   * @param dayHours length of the enclosure's light day, h
   * @return as long as those who bask here want it, within the light day; all of it where nobody
   *     says
   */
  public static double of(List<Resident> residents, double dayHours) {
    double wanted =
        residents.stream()
            .flatMap(r -> r.stage().needs().basking().stream())
            .mapToDouble(Needs.Basking::hoursPerDay)
            .max()
            .orElse(dayHours);
    return Math.min(dayHours, wanted);
  }
}

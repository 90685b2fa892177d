package app.islet.core.situation;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.climate.Pond;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.water.Parameter;
import app.islet.core.water.WaterRecord;
import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Who rests on a day: whoever a keeper laid down, and under the sky whoever is colder than it
 * digests at. There the season follows the water and the air, not the calendar.
 */
public final class ColdRest {
  /** What was measured longer before says nothing of today's water. */
  private static final int MEASURED_DAYS = 7;

  private ColdRest() {}

  static List<Resident> on(
      Enclosure e, WaterRecord record, List<Resident> residents, LocalDate day) {
    return residents.stream().map(r -> on(e, record, r, day)).toList();
  }

  /** The same animals, at rest where the cold makes them. */
  public static Resident on(Enclosure e, WaterRecord record, Resident r, LocalDate day) {
    return r.on(day, isCold(e, record, r, day));
  }

  private static boolean isCold(Enclosure e, WaterRecord record, Resident r, LocalDate day) {
    if (!e.site().outdoors()) {
      return false;
    }
    Needs awake = r.awakeStage().needs();
    return awake
        .water()
        .map(need -> waterC(e, record, day) < need.toleratedC().min())
        .or(() -> awake.air().map(need -> Pond.airC(e.site(), day) < need.toleratedC().min()))
        .orElse(false);
  }

  private static double waterC(Enclosure e, WaterRecord record, LocalDate day) {
    OptionalDouble measured = record.newest(Parameter.TEMPERATURE, day, MEASURED_DAYS);
    return measured.orElseGet(() -> new Pond(e.site(), e.water().depthCm()).onC(day));
  }
}

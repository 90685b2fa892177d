package app.islet.core.light;

import app.islet.core.quantity.Check;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import org.shredzone.commons.suncalc.SunPosition;

/**
 * From sunrise to sunset of the day around local noon, at sea level: the upper limb on the horizon
 * with the usual refraction, the sun's middle at -50'.
 *
 * @param rise where the sun rises before that noon; the start of the day where it never sets
 * @param hours 24 where it does not set, 0 where it does not rise
 */
public record DayLength(Instant rise, double hours) {
  /** 34' of refraction and 16' of the sun's half diameter. */
  private static final double HORIZON_DEG = -50 / 60.0;

  private static final long SECONDS = 1000;
  private static final Duration HALF_DAY = Duration.ofHours(12);

  /**
   * @param latitude -90 to 90°, north positive
   * @param longitude -180 to 180°, east positive
   */
  public static DayLength on(LocalDate date, double latitude, double longitude) {
    Check.inRange("latitude", latitude, -90, 90);
    Check.inRange("longitude", longitude, -180, 180);
    Sky sky = new Sky(latitude, longitude);
    Instant mean =
        date.atTime(LocalTime.NOON)
            .toInstant(ZoneOffset.UTC)
            .minusSeconds(Math.round(longitude * 240));
    Instant noon = sky.highest(mean);
    if (sky.altitude(noon) < HORIZON_DEG) {
      return new DayLength(noon, 0);
    }
    Instant before = noon.minus(HALF_DAY);
    Instant after = noon.plus(HALF_DAY);
    boolean rises = sky.altitude(before) < HORIZON_DEG;
    boolean sets = sky.altitude(after) < HORIZON_DEG;
    if (!rises && !sets) {
      return new DayLength(before, 24);
    }
    Instant rise = rises ? sky.crossing(before, noon) : before;
    Instant set = sets ? sky.crossing(noon, after) : after;
    return new DayLength(rise, Duration.between(rise, set).toMillis() / 3_600_000.0);
  }

  /** The sun over one place. */
  private record Sky(double latitude, double longitude) {
    double altitude(Instant time) {
      // utc() first: after on() it would shift the instant by the machine's zone.
      return SunPosition.compute()
          .utc()
          .on(time)
          .at(latitude, longitude)
          .execute()
          .getTrueAltitude();
    }

    /** When it stands highest, within half an hour of mean noon, by ternary search. */
    Instant highest(Instant mean) {
      Instant from = mean.minusSeconds(1800);
      Instant to = mean.plusSeconds(1800);
      while (Duration.between(from, to).toMillis() > SECONDS) {
        long third = Duration.between(from, to).toMillis() / 3;
        if (altitude(from.plusMillis(third)) < altitude(to.minusMillis(third))) {
          from = from.plusMillis(third);
        } else {
          to = to.minusMillis(third);
        }
      }
      return from;
    }

    /** When it passes the horizon between two times that lie on either side, by bisection. */
    Instant crossing(Instant from, Instant to) {
      boolean up = altitude(from) >= HORIZON_DEG;
      Instant low = from;
      Instant high = to;
      while (Duration.between(low, high).toMillis() > SECONDS / 4) {
        Instant middle = low.plusMillis(Duration.between(low, high).toMillis() / 2);
        if (altitude(middle) >= HORIZON_DEG == up) {
          low = middle;
        } else {
          high = middle;
        }
      }
      return low;
    }
  }
}

package app.islet.core.light;

import java.time.Instant;

/**
 * The real moon as seen from the middle of the earth.
 *
 * <p>Positions by the largest terms of the series in Meeus, Astronomical Algorithms, chapters 25
 * (sun) and 47 (moon), the phase by chapter 48; typed from memory and checked against the book's
 * examples. Within 0.02° of longitude and 0.0005 of the lit share from 1900 to 2100. Universal time
 * is taken for dynamical time, a minute apart.
 *
 * @param illuminated share of its disc that is lit, 0 to 1
 * @param waxing whether the elongation runs from 0 to 180°
 */
public record Moon(double illuminated, boolean waxing) {
  private static final double J2000_MS = 946_728_000_000.0;
  private static final double CENTURY_MS = 36_525 * 86_400_000.0;
  private static final double AU_KM = 149_597_870.7;

  /** Multiples of D, M, M' and F; then longitude in 1e-6° (sine), distance in m (cosine). */
  private static final double[][] LONGITUDE = {
    {0, 0, 1, 0, 6288774, -20905355},
    {2, 0, -1, 0, 1274027, -3699111},
    {2, 0, 0, 0, 658314, -2955968},
    {0, 0, 2, 0, 213618, -569925},
    {0, 1, 0, 0, -185116, 48888},
    {0, 0, 0, 2, -114332, -3149},
    {2, 0, -2, 0, 58793, 246158},
    {2, -1, -1, 0, 57066, -152138},
    {2, 0, 1, 0, 53322, -170733},
    {2, -1, 0, 0, 45758, -204586},
    {0, 1, -1, 0, -40923, -129620},
    {1, 0, 0, 0, -34720, 108743},
    {0, 1, 1, 0, -30383, 104755},
    {2, 0, 0, -2, 15327, 10321},
    {0, 0, 1, 2, -12528, 0},
    {0, 0, 1, -2, 10980, 79661},
    {4, 0, -1, 0, 10675, -34782},
    {0, 0, 3, 0, 10034, -23210},
    {4, 0, -2, 0, 8548, -21636},
    {2, 1, -1, 0, -7888, 24208},
    {2, 1, 0, 0, -6766, 30824},
    {1, 0, -1, 0, -5163, -8379},
    {1, 1, 0, 0, 4987, -16675},
    {2, -1, 1, 0, 4036, -12831}
  };

  /** Multiples of D, M, M' and F; then latitude in 1e-6° (sine). */
  private static final double[][] LATITUDE = {
    {0, 0, 0, 1, 5128122},
    {0, 0, 1, 1, 280602},
    {0, 0, 1, -1, 277693},
    {2, 0, 0, -1, 173237},
    {2, 0, -1, 1, 55413},
    {2, 0, -1, -1, 46271},
    {2, 0, 0, 1, 32573},
    {0, 0, 2, 1, 17198},
    {2, 0, 1, -1, 9266},
    {0, 0, 2, -1, 8822}
  };

  /**
   * Where it stands, in the ecliptic of the day.
   *
   * @param longitudeDeg and {@code latitudeDeg}: geocentric
   */
  record Position(double longitudeDeg, double latitudeDeg, double distanceKm) {
    static Position at(double t) {
      double d = 297.8501921 + 445267.1114034 * t - 0.0018819 * t * t;
      double m = sunAnomalyDeg(t);
      double mm = 134.9633964 + 477198.8675055 * t + 0.0087414 * t * t;
      double f = 93.2720950 + 483202.0175233 * t - 0.0036539 * t * t;
      double mean = 218.3164477 + 481267.88123421 * t - 0.0015786 * t * t;
      // Terms with the sun's anomaly shrink with the eccentricity of the earth's orbit.
      double e = 1 - 0.002516 * t - 0.0000074 * t * t;
      double longitude = 3958 * sin(119.75 + 131.849 * t) + 1962 * sin(mean - f);
      double distance = 385_000_560;
      for (double[] term : LONGITUDE) {
        double angle = term[0] * d + term[1] * m + term[2] * mm + term[3] * f;
        double weight = term[1] == 0 ? 1 : e;
        longitude += weight * term[4] * sin(angle);
        distance += weight * term[5] * cos(angle);
      }
      double latitude = -2235 * sin(mean);
      for (double[] term : LATITUDE) {
        double angle = term[0] * d + term[1] * m + term[2] * mm + term[3] * f;
        latitude += (term[1] == 0 ? 1 : e) * term[4] * sin(angle);
      }
      double turned = (mean + longitude / 1e6) % 360;
      return new Position(turned < 0 ? turned + 360 : turned, latitude / 1e6, distance / 1e3);
    }
  }

  public static Moon at(Instant time) {
    double t = (time.toEpochMilli() - J2000_MS) / CENTURY_MS;
    Position moon = Position.at(t);
    double m = sunAnomalyDeg(t);
    double centre =
        (1.914602 - 0.004817 * t) * sin(m)
            + (0.019993 - 0.000101 * t) * sin(2 * m)
            + 0.000289 * sin(3 * m);
    double sunDeg = 280.46646 + 36000.76983 * t + centre;
    double eccentricity = 0.016708634 - 0.000042037 * t;
    double sunKm =
        AU_KM
            * 1.000001018
            * (1 - eccentricity * eccentricity)
            / (1 + eccentricity * cos(m + centre));
    double apart = moon.longitudeDeg - sunDeg;
    double elongation = Math.acos(cos(moon.latitudeDeg) * cos(apart));
    double phase =
        Math.atan2(sunKm * Math.sin(elongation), moon.distanceKm - sunKm * Math.cos(elongation));
    return new Moon((1 + Math.cos(phase)) / 2, sin(apart) > 0);
  }

  private static double sunAnomalyDeg(double t) {
    return 357.5291092 + 35999.0502909 * t - 0.0001536 * t * t;
  }

  private static double sin(double degrees) {
    return Math.sin(Math.toRadians(degrees));
  }

  private static double cos(double degrees) {
    return Math.cos(Math.toRadians(degrees));
  }
}

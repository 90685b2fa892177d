package app.islet.core.light;

import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.geometry.BaskingPlace;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;

/**
 * The UV index over an enclosure: every lamp, its distance, angle, age and what it shines through,
 * added up.
 *
 * <p>A lamp's strength is what a meter read, else what its maker states, else that of its kind.
 * Mesh takes a third, glass and plastic nearly all ({@code Lid}). It fades to 70 % in a year of
 * use, from memory; a reading is taken as it is. Water takes about half of the UVB in the first
 * half metre where it is clear, from memory. What stands or floats between a lamp and a place
 * shades it: of a tube its two ends and its middle are looked for.
 */
public final class UvField {
  /** Where a lamp's strength is stated. */
  private static final double STATED_CM = 30;

  private static final double LEFT_AFTER_A_YEAR = 0.7;
  private static final double DAYS_A_YEAR = 365.25;
  private static final double HALF_DEPTH_CM = 50;
  private static final double USUAL_DISTANCE_CM = 30;

  /** A lamp nearer than this is on the animal. */
  private static final double NEAREST_CM = 2;

  /** Steps along the way from a lamp to a place at which something may stand in between. */
  private static final int STEPS = 24;

  private final List<Hung> lamps;
  private final List<Furnishing> opaque;
  private final double lineCm;

  /** A lamp in its place: its middle, its height over the floor, and which way it lies. */
  private record Hung(
      UvSource source,
      UvSource.Reading reading,
      double passes,
      double xCm,
      double yCm,
      double heightCm,
      double turnDeg) {
    double uvi(double x, double y, double z) {
      double below = heightCm - z;
      if (below <= 0) {
        return 0;
      }
      double cos = Math.cos(Math.toRadians(turnDeg));
      double sin = Math.sin(Math.toRadians(turnDeg));
      double along = (x - xCm) * cos + (y - yCm) * sin;
      double across = (y - yCm) * cos - (x - xCm) * sin;
      return passes * source.uvi(reading, Math.max(NEAREST_CM, below), along, across);
    }
  }

  private UvField(List<Hung> lamps, List<Furnishing> opaque, double lineCm) {
    this.lamps = List.copyOf(lamps);
    this.opaque = List.copyOf(opaque);
    this.lineCm = lineCm;
  }

  /**
   * @param placeCm height over the floor of the back the lamps are meant for, for those that are
   *     not drawn
   */
  public static UvField of(Enclosure e, LocalDate date, double placeX, double placeCm) {
    List<Furnishing> drawn =
        e.furnishings().parts().stream().filter(p -> p.kind() == FurnishingKind.UVB_LAMP).toList();
    List<Equipment.UvbLamp> lamps = e.all(Equipment.UvbLamp.class).toList();
    List<Hung> hung = new ArrayList<>();
    for (int n = 0; n < Math.max(drawn.size(), lamps.size()); n++) {
      if (lamps.isEmpty()) {
        break;
      }
      Equipment.UvbLamp lamp = lamps.get(Math.min(n, lamps.size() - 1));
      hung.add(
          n < drawn.size()
              ? drawn(e, lamp, drawn.get(n), date)
              : placed(e, lamp, date, placeX, placeCm));
    }
    return new UvField(
        hung, e.furnishings().parts().stream().filter(UvField::isOpaque).toList(), e.waterLineCm());
  }

  private static Hung drawn(Enclosure e, Equipment.UvbLamp lamp, Furnishing part, LocalDate date) {
    double lampCm = lamp.shape().lampCm() == 0 ? 0 : Math.max(part.lengthCm(), part.widthCm());
    double turn = part.turnDeg() + (part.widthCm() > part.lengthCm() ? 90 : 0);
    return hung(e, lamp, date, lampCm, part.midX(), part.midY(), part.bottomCm(), turn);
  }

  /** A lamp of which only its distance is said hangs over the middle of the place. */
  private static Hung placed(
      Enclosure e, Equipment.UvbLamp lamp, LocalDate date, double placeX, double placeCm) {
    double height = placeCm + lamp.distanceCm().orElse(USUAL_DISTANCE_CM);
    double lampCm = Math.min(lamp.shape().lampCm(), e.vessel().lengthCm());
    double x = Math.max(lampCm / 2, Math.min(e.vessel().lengthCm() - lampCm / 2, placeX));
    return hung(e, lamp, date, lampCm, x, e.vessel().widthCm() / 2, height, 0);
  }

  private static Hung hung(
      Enclosure e,
      Equipment.UvbLamp lamp,
      LocalDate date,
      double lampCm,
      double x,
      double y,
      double height,
      double turn) {
    UvSource source = new UvSource(lampCm);
    if (lamp.readUvi().isPresent() && lamp.distanceCm().isPresent()) {
      // A reading under the lid has the lid in it, and the lamp's age.
      UvSource.Reading read =
          new UvSource.Reading(lamp.readUvi().getAsDouble(), lamp.distanceCm().getAsDouble());
      return new Hung(source, read, 1, x, y, height, turn);
    }
    double stated = lamp.uviAt30Cm().orElse(lamp.shape().uviAt30Cm());
    boolean overTheTop = height >= e.vessel().heightCm();
    double passes = (overTheTop ? e.over(lamp).uv() : 1) * left(lamp, date);
    return new Hung(source, new UvSource.Reading(stated, STATED_CM), passes, x, y, height, turn);
  }

  /** Share of its strength a lamp of that age still has. */
  static double left(Equipment.UvbLamp lamp, LocalDate date) {
    double days =
        lamp.fittedOn().map(day -> Math.max(0, ChronoUnit.DAYS.between(day, date))).orElse(0L);
    return Math.pow(LEFT_AFTER_A_YEAR, days / DAYS_A_YEAR);
  }

  /**
   * UV index under one lamp hung straight over a place, as its reading and its age have it.
   *
   * @param belowCm from the lamp down to the animal's back
   */
  static double strength(
      Enclosure e, Equipment.UvbLamp lamp, LocalDate date, BaskingPlace place, double belowCm) {
    Hung hung = placed(e, lamp, date, place.xCm(), place.heightCm());
    return hung.passes * hung.source.uvi(hung.reading, belowCm, 0, 0);
  }

  public boolean isLit() {
    return !lamps.isEmpty();
  }

  /** UV index at a place, cm from the left, from the back and over the floor. */
  public double uvi(double xCm, double yCm, double zCm) {
    double sum = 0;
    for (Hung lamp : lamps) {
      double bare = lamp.uvi(xCm, yCm, zCm);
      sum += bare == 0 ? 0 : bare * seen(lamp, xCm, yCm, zCm);
    }
    double under = Math.max(0, lineCm - zCm);
    return under == 0 ? sum : sum * Math.pow(0.5, under / HALF_DEPTH_CM);
  }

  private static boolean isOpaque(Furnishing part) {
    return switch (part.kind().form()) {
      case BLOCK, HOLLOW, PLANK, BANK, FLOAT -> true;
      default -> false;
    };
  }

  /** Share of a lamp that is seen from a place: all, two thirds, a third, or none of it. */
  private double seen(Hung lamp, double x, double y, double z) {
    if (opaque.stream().allMatch(part -> topOf(part) <= z)) {
      return 1;
    }
    double half = lamp.source.lampCm() / 2;
    if (half == 0) {
      return isFree(lamp.xCm, lamp.yCm, lamp.heightCm, x, y, z) ? 1 : 0;
    }
    double cos = Math.cos(Math.toRadians(lamp.turnDeg));
    double sin = Math.sin(Math.toRadians(lamp.turnDeg));
    int seen = 0;
    for (int end = -1; end <= 1; end++) {
      double fromX = lamp.xCm + end * half * cos;
      double fromY = lamp.yCm + end * half * sin;
      seen += isFree(fromX, fromY, lamp.heightCm, x, y, z) ? 1 : 0;
    }
    return seen / 3.0;
  }

  private double topOf(Furnishing part) {
    return part.kind().floats() ? lineCm + part.topCm() - part.bottomCm() : part.topCm();
  }

  private boolean isFree(double fromX, double fromY, double fromZ, double x, double y, double z) {
    for (Furnishing part : opaque) {
      // What lies under the place, or right under it, shades nothing.
      if (topOf(part) <= z + 1e-9) {
        continue;
      }
      for (int step = 1; step < STEPS; step++) {
        double share = (double) step / STEPS;
        double atZ = z + (fromZ - z) * share;
        double atX = x + (fromX - x) * share;
        double atY = y + (fromY - y) * share;
        double bottom = part.kind().floats() ? lineCm : part.bottomCm();
        if (atZ > bottom && part.covers(atX, atY) && atZ < part.topAt(atX, atY, lineCm)) {
          return false;
        }
      }
    }
    return true;
  }
}

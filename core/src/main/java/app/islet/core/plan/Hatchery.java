package app.islet.core.plan;

import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.Range;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;

/**
 * Brine shrimp hatched for the day they are fed. Hours, yield and salt are common practice, no
 * source; the yield of a gram differs from tin to tin.
 *
 * @param nauplii wanted on that day
 */
public record Hatchery(LocalDate day, double nauplii) {
  /** At 25 to 28 °C, with light and strong air. */
  public static final Range HOURS = new Range(24, 36);

  /** Larvae feed on the first or second day after hatching, once the yolk is gone. */
  public static final Range FIRST_FOOD_DAYS = new Range(1, 2);

  private static final double NAUPLII_PER_G = 200_000;

  /** Not all hatch, and not all are caught. */
  private static final double SPARE = 1.5;

  /** The least that can be measured: a pinch between two fingers. */
  private static final double PINCH_G = 0.1;

  private static final double SALT_G_PER_L = 25;
  private static final double BOTTLE_L = 0.5;
  private static final double MAX_G_PER_BOTTLE = 1;
  private static final LocalTime FEEDING = LocalTime.of(8, 0);

  /** The drop that clings to a catch which is poured instead of sieved, L. */
  private static final double POURED_L = 0.02;

  /** The first for larvae that hatch on a day: it is fed a day later, when they begin to eat. */
  public static Hatchery first(LocalDate hatches, double nauplii) {
    return new Hatchery(hatches.plusDays((long) FIRST_FOOD_DAYS.min()), nauplii);
  }

  /** Not before this, or they have eaten their yolk by the time they are fed. */
  public LocalDateTime startAfter() {
    return day.atTime(FEEDING).minusHours((long) HOURS.max());
  }

  /** Not after this, or they are not hatched. */
  public LocalDateTime startBefore() {
    return day.atTime(FEEDING).minusHours((long) HOURS.min());
  }

  public double cystsG() {
    return Math.max(PINCH_G, Math.ceil(nauplii * SPARE / NAUPLII_PER_G / PINCH_G) * PINCH_G);
  }

  public int bottles() {
    return (int) Math.ceil(cystsG() / MAX_G_PER_BOTTLE);
  }

  /** What goes into the bottles. */
  public Phrase recipe() {
    return Phrase.of(
        "{} of eggs in {} of water with {} of salt",
        Quantity.grams(cystsG()),
        Quantity.litres(bottles() * BOTTLE_L),
        Quantity.grams(bottles() * BOTTLE_L * SALT_G_PER_L));
  }

  /**
   * Salt that gathers in a tub where the catch is poured in with its water, g/kg.
   *
   * @param waterL of the tub
   * @param meals between two full changes of it
   */
  public static double carriedPpt(double waterL, double meals) {
    return meals * POURED_L * SALT_G_PER_L / waterL;
  }
}

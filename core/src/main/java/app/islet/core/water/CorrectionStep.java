package app.islet.core.water;

import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What is done today of a correction, by today's reading: no reading, no dose.
 *
 * @param what to do
 * @param how, and when to stop
 */
public record CorrectionStep(Kind kind, Phrase what, Phrase how) {
  /** What kind of day it is. */
  public enum Kind {
    /** Nobody measured today. */
    MEASURE,
    /** A dose, or a change. */
    STEP,
    /** The reading is not where it should be: no dose today. */
    DISAGREES,
    /** It is there. */
    THERE
  }

  /** So much more than a step is too fast. */
  private static final double TOO_FAST = 1.5;

  /** Under this share of a step it has not followed. */
  private static final double HARDLY = 0.25;

  /** A change by which the pH is led, as a share of the tank: small, then measured. */
  private static final double SMALL_CHANGE = 0.1;

  /** More than half at once is not changed. */
  private static final double MAX_CHANGE = 0.5;

  public static CorrectionStep of(Correction c, WaterState water, LocalDate today) {
    List<WaterTest> readings =
        water.record().tests().stream()
            .filter(t -> t.value(c.parameter()).isPresent())
            .filter(t -> !t.day().isBefore(c.begunOn()) && !t.day().isAfter(today))
            .toList();
    Optional<WaterTest> now = last(readings, today);
    if (now.isEmpty()) {
      return new CorrectionStep(
          Kind.MEASURE,
          Phrase.of("Measure the {} first", c.parameter().inSentence()),
          Phrase.of("No step without a reading of today; log it on the Water page."));
    }
    double value = value(now.get(), c);
    if (Math.abs(value - c.to()) <= c.parameter().kitError() / 2 || beyond(c, value)) {
      return new CorrectionStep(
          Kind.THERE,
          Phrase.of("{}: it is there", quantity(c, value)),
          Phrase.of("Measure once more in a few days; then end the correction."));
    }
    return disagrees(c, readings, now.get()).orElseGet(() -> step(c, water, value));
  }

  private static Optional<WaterTest> last(List<WaterTest> readings, LocalDate day) {
    return readings.stream().filter(t -> t.day().equals(day)).reduce((a, b) -> b);
  }

  private static double value(WaterTest test, Correction c) {
    return test.value(c.parameter()).orElseThrow();
  }

  private static boolean beyond(Correction c, double value) {
    return c.direction() * (value - c.to()) > 0;
  }

  private static Quantity quantity(Correction c, double value) {
    return new Quantity(c.parameter().dimension(), value);
  }

  /** Against the reading before: it ran ahead, turned round, or did not follow at all. */
  private static Optional<CorrectionStep> disagrees(
      Correction c, List<WaterTest> readings, WaterTest now) {
    Optional<WaterTest> before =
        readings.stream().filter(t -> t.day().isBefore(now.day())).reduce((a, b) -> b);
    if (before.isEmpty()) {
      return Optional.empty();
    }
    double moved = c.direction() * (value(now, c) - value(before.get(), c));
    long days = ChronoUnit.DAYS.between(before.get().day(), now.day());
    double kit = c.parameter().kitError();
    String since = days == 1 ? "yesterday" : "the last reading";
    if (moved > TOO_FAST * c.mostADay() * days + kit / 2) {
      return Optional.of(
          not(
              "It moved by {} since " + since + ", more than {} a day",
              c,
              moved,
              "No step today: measure again tomorrow. Watch the animals."));
    }
    if (moved < -kit) {
      return Optional.of(
          not(
              "It moved back by {} since " + since,
              c,
              -moved,
              "No step today: look for the cause, as crushed shell, wood, a change with other water, or the kit."));
    }
    boolean twice = readings.size() > 2;
    if (twice && moved < HARDLY * Math.min(c.mostADay(), c.mostADay() * days)) {
      return Optional.of(
          not(
              "It hardly moved since " + since + " ({})",
              c,
              moved,
              "No larger step. Try the kit on water of known value; a high KH holds the pH where it is."));
    }
    return Optional.empty();
  }

  private static CorrectionStep not(String what, Correction c, double moved, String how) {
    Quantity by = difference(c, Math.abs(moved));
    return new CorrectionStep(
        Kind.DISAGREES,
        what.indexOf("{}") == what.lastIndexOf("{}")
            ? Phrase.of(what, by)
            : Phrase.of(what, by, difference(c, c.mostADay())),
        Phrase.of(how));
  }

  private static Quantity difference(Correction c, double by) {
    return c.parameter() == Parameter.TEMPERATURE ? Quantity.kelvin(by) : quantity(c, by);
  }

  private static CorrectionStep step(Correction c, WaterState water, double now) {
    double left = Math.abs(c.to() - now);
    double aim = now + c.direction() * Math.min(c.mostADay(), left);
    Phrase stop =
        Phrase.of(
            "From {} to {} today. Stop where it reads {}; measure again tomorrow before the next step.",
            quantity(c, now),
            quantity(c, aim),
            quantity(c, aim));
    return new CorrectionStep(Kind.STEP, dose(c, water, now, aim), stop);
  }

  private static Phrase dose(Correction c, WaterState water, double now, double aim) {
    double litres = Math.max(0.1, water.geometry().waterL());
    return switch (c.parameter()) {
      case SALINITY -> salt(litres, now, aim, water.tempC());
      case TEMPERATURE -> Phrase.of("Set the thermostat to {}", quantity(c, aim));
      case HARDNESS -> mixed(c, litres, now, aim, water.enclosure().water().source().hardnessDh());
      case CARBONATE ->
          mixed(c, litres, now, aim, water.enclosure().water().source().carbonateDh());
      case PH ->
          Phrase.of(
              "Change {} for {} water, an hour later measure",
              Quantity.litres(SMALL_CHANGE * litres),
              c.direction() > 0 ? "harder" : "softer");
      case AMMONIA, NITRITE, NITRATE -> throw new IllegalStateException();
    };
  }

  private static Phrase salt(double litres, double now, double aim, double tempC) {
    return aim > now
        ? Phrase.of(
            "{} of marine salt, dissolved in a bucket of the tank's water",
            Quantity.grams(SaltMix.saltG(litres, now, aim, tempC)))
        : Phrase.of("{} out, fresh water in", Quantity.litres(litres * (1 - aim / now)));
  }

  /** By the water at hand, where its value is known and lies on the far side. */
  private static Phrase mixed(
      Correction c, double litres, double now, double aim, OptionalDouble source) {
    if (source.isEmpty()) {
      return Phrase.of(
          "Test the {} of the water you change with first", c.parameter().inSentence());
    }
    double share = (aim - now) / (source.getAsDouble() - now);
    if (!(share > 0 && share <= MAX_CHANGE)) {
      return Phrase.of(
          "Your water has {}: with it this step cannot be made; use {} water",
          quantity(c, source.getAsDouble()),
          c.direction() > 0 ? "harder" : "softer, as RO or rain");
    }
    return Phrase.of(
        "Change {} for water of {}",
        Quantity.litres(share * litres),
        quantity(c, source.getAsDouble()));
  }
}

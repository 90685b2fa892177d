package app.islet.core.climate;

import app.islet.core.animal.Resident;
import app.islet.core.care.AnimalGroup;
import app.islet.core.care.Needs;
import app.islet.core.care.Stage;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.Range;
import app.islet.core.quantity.Steps;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * An animal led from one temperature to another in steps of a day.
 *
 * @param why what it is led for
 * @param most largest step a day, K
 */
public record Acclimation(
    Resident resident, Phrase why, double fromC, double toC, double most, Steps steps) {
  /** What an animal of skin and gills stands in a day, K; common practice, no source. */
  public static final double SENSITIVE_K_A_DAY = 1;

  /** What a turtle stands in a day, K; common practice, no source. */
  public static final double HARDY_K_A_DAY = 2;

  /** Weaning a whole stage goes over weeks, K a day; common practice, no source. */
  public static final double WEANING_K_A_DAY = 0.25;

  private static final double NEAR_K = 0.25;

  /**
   * Those who stand in other water than they should, and those whose next stage wants it cooler or
   * warmer.
   *
   * @param waterC as it is now
   */
  public static List<Acclimation> of(List<Resident> residents, double waterC) {
    List<Acclimation> all = new ArrayList<>();
    for (Resident r : residents) {
      ideal(r.stage())
          .ifPresent(
              ideal -> {
                aim(waterC, ideal).ifPresent(aim -> all.add(arriving(r, waterC, aim)));
                next(r, ideal).ifPresent(all::add);
              });
    }
    return all;
  }

  /** What an animal of the group stands in a day, wherever it is led to another temperature, K. */
  public static double mostKADay(AnimalGroup group) {
    return switch (group) {
      case TURTLE -> HARDY_K_A_DAY;
      case FROG, SALAMANDER, CRAB -> SENSITIVE_K_A_DAY;
    };
  }

  private static Acclimation arriving(Resident r, double waterC, double aimC) {
    double most = mostKADay(r.sheet().group());
    return new Acclimation(
        r,
        Phrase.of("{}: from the water as it is into their range", r.words()),
        waterC,
        aimC,
        most,
        Steps.between(waterC, aimC, most));
  }

  /** To the middle of what the next stage wants, where this one's middle is outside of it. */
  private static Optional<Acclimation> next(Resident r, Range now) {
    return r.sheet()
        .next(r.stage())
        .flatMap(
            stage ->
                ideal(stage)
                    .filter(then -> aim(now.middle(), then).isPresent())
                    .map(then -> weaning(r, stage, now.middle(), then.middle())));
  }

  private static Acclimation weaning(Resident r, Stage stage, double fromC, double toC) {
    return new Acclimation(
        r,
        Phrase.of("{}: weaned for the stage {}", r.words(), stage.name().toLowerCase(Locale.ROOT)),
        fromC,
        toC,
        WEANING_K_A_DAY,
        Steps.between(fromC, toC, WEANING_K_A_DAY));
  }

  private static Optional<Range> ideal(Stage stage) {
    return stage.needs().water().map(Needs.Temperature::idealC);
  }

  /** The near end of a range, where it is not there already. */
  private static Optional<Double> aim(double fromC, Range to) {
    if (fromC > to.max() + NEAR_K) {
      return Optional.of(to.max());
    }
    return fromC < to.min() - NEAR_K ? Optional.of(to.min()) : Optional.empty();
  }

  /** As in {@code 6 days, 1 K cooler each}. */
  public Phrase words() {
    return Phrase.of(
        steps.perDay() < 0
            ? "from {} to {}: {}, {} cooler each"
            : "from {} to {}: {}, {} warmer each",
        Quantity.celsius(fromC),
        Quantity.celsius(toC),
        Quantity.days(steps.days()),
        Quantity.kelvin(Math.abs(steps.perDay())));
  }
}

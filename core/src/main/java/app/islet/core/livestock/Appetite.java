package app.islet.core.livestock;

import app.islet.core.animal.Resident;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Stage;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Food that was refused: whether so many days without are normal for its kind and stage. Common
 * practice, no source; a vet decides where it is not.
 *
 * @param refusals in a row, since it ate last
 * @param days without food, as far as anybody noted
 * @param normalDays so many are nothing to worry about
 * @param changes whether it is in a change of form or about to moult, when it eats nothing
 */
public record Appetite(int refusals, long days, int normalDays, boolean changes) {
  /** So far back is looked. */
  private static final int DAYS = 90;

  private static final double GROWN = 0.7;

  /** What to make of it. */
  public enum Verdict {
    /** Once: offer it again on the next feeding day. */
    ONCE,
    /** Twice and more: offer something else. */
    OFFER_ANOTHER,
    /** Longer than is normal: test the water, measure the temperature, weigh; then the vet. */
    TOO_LONG
  }

  /** Nothing where it has eaten since it refused, or never did. */
  public static Optional<Appetite> of(Resident r, List<LifeEvent> events, LocalDate today) {
    List<LifeEvent> meals =
        events.stream()
            .filter(e -> e.kind() == LifeEvent.Kind.FED || e.kind() == LifeEvent.Kind.REFUSED)
            .filter(e -> !e.day().isAfter(today) && e.day().isAfter(today.minusDays(DAYS)))
            .sorted(Comparator.comparing(LifeEvent::day))
            .toList();
    int refused = 0;
    LocalDate since = today;
    for (int i = meals.size() - 1; i >= 0 && meals.get(i).kind() == LifeEvent.Kind.REFUSED; i--) {
      refused++;
      since = meals.get(i).day();
    }
    if (refused == 0) {
      return Optional.empty();
    }
    return Optional.of(
        new Appetite(refused, ChronoUnit.DAYS.between(since, today), normalDays(r), changes(r)));
  }

  public Verdict verdict() {
    if (days > normalDays) {
      return Verdict.TOO_LONG;
    }
    return refusals > 1 ? Verdict.OFFER_ANOTHER : Verdict.ONCE;
  }

  private static boolean changes(Resident r) {
    return r.stage().endsInChange();
  }

  private static int normalDays(Resident r) {
    return normalDays(r.sheet(), r.stage(), r.bodyCm());
  }

  /** Days without food that are nothing to worry about. */
  public static int normalDays(CareSheet sheet, Stage stage, double bodyCm) {
    if (stage.endsInChange()) {
      return 3;
    }
    boolean grown = bodyCm >= GROWN * sheet.body().adultLengthCm();
    return switch (sheet.group()) {
      case TURTLE -> grown ? 14 : 3;
      case SALAMANDER -> grown ? 10 : 2;
      case FROG -> grown ? 7 : 2;
      // Before and after a moult.
      case CRAB -> grown ? 21 : 7;
    };
  }
}

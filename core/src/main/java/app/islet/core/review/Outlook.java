package app.islet.core.review;

import app.islet.core.animal.Resident;
import app.islet.core.care.School;
import app.islet.core.situation.HusbandryState;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The review asked again in the months to come, with the residents grown as expected: what fails
 * first, and when.
 *
 * <p>Growth is an average; an animal may be half as fast or twice. A measurement moves the whole
 * outlook.
 *
 * @param events the first month in which each thing is to be watched, is wrong and is a danger,
 *     soonest first
 */
public record Outlook(List<Event> events) {
  private static final double DAYS_PER_MONTH = 30.44;

  /** Asked month by month so far, and each quarter after it. */
  private static final int MONTHLY = 24;

  private static final int MAX_MONTHS = 120;
  private static final int MAX_RESIDENTS = 40;

  /** So near to its adult length an animal counts as grown. */
  private static final double GROWN = 0.95;

  /** The rules of floor, height and litres: what they find is called outgrown. */
  static final Set<String> ROOM = Set.of("floor-too-small", "too-little-water", "too-low-to-climb");

  /** The rule that says today what is outgrown later. */
  private static final String FORETELLING = "soon-outgrown";

  /**
   * @param month months from now, from 1
   * @param finding what the review says then
   */
  public record Event(int month, LocalDate day, Finding finding) {}

  public Outlook {
    events = List.copyOf(events);
  }

  /**
   * Asks for the next {@code months}, each of the first two years and each quarter after; what
   * already fails today is not an event.
   */
  public static Outlook of(HusbandryState now, int months) {
    if (!canTell(now)) {
      return new Outlook(List.of());
    }
    Map<String, Severity> worst = new HashMap<>();
    worsening(now).forEach(finding -> isWorse(worst, finding));
    List<Event> events = new ArrayList<>();
    for (int month = 1; month <= months; month += month < MONTHLY ? 1 : 3) {
      HusbandryState then = now.after(days(month));
      for (Finding finding : worsening(then)) {
        if (isWorse(worst, finding)) {
          events.add(new Event(month, then.date(), finding));
        }
      }
    }
    return new Outlook(events);
  }

  /** What of a situation is worse than a note and can come with time. */
  private static List<Finding> worsening(HusbandryState situation) {
    return Review.judged(situation)
        .filter(f -> f.severity() != Severity.NOTE)
        .filter(Outlook::comesWithGrowth)
        .toList();
  }

  /** A tube ages too, but is replaced on the rounds; and what foretells is not what happens. */
  private static boolean comesWithGrowth(Finding f) {
    return f.step() != Step.LIGHT && !f.rule().equals(FORETELLING);
  }

  private static boolean isWorse(Map<String, Severity> worst, Finding finding) {
    // Whoever grows into it first says it for all of its kind.
    String what = finding.rule() + "/" + finding.school().map(School::name).orElse("");
    Severity before = worst.get(what);
    boolean worse = before == null || finding.severity().compareTo(before) < 0;
    if (worse) {
      worst.put(what, finding.severity());
    }
    return worse;
  }

  /**
   * Whether an outlook is worked out: of very many entries it would take minutes, and animals of
   * one kind and size can be entered as a group.
   */
  public static boolean canTell(HusbandryState now) {
    return now.residents().size() <= MAX_RESIDENTS;
  }

  /** Months until the last of the residents is grown, at least 6 and at most 120. */
  public static int monthsToAdult(HusbandryState now) {
    return monthsToAdult(now.residents());
  }

  /** The same of animals that have no enclosure yet. */
  public static int monthsToAdult(List<Resident> residents) {
    int months = 6;
    while (months < MAX_MONTHS && !allGrown(residents, months)) {
      months += 6;
    }
    return months;
  }

  private static boolean allGrown(List<Resident> residents, int months) {
    int days = days(months);
    return residents.stream()
        .allMatch(r -> r.after(days).bodyCm() >= GROWN * r.sheet().body().adultLengthCm());
  }

  /** Days of so many months of average length. */
  public static int days(int months) {
    return (int) Math.round(months * DAYS_PER_MONTH);
  }

  /**
   * What of a situation is Danger, Wrong or too little room: what a design must be free of. No
   * light, for a tube is replaced on the rounds.
   */
  public static List<Finding> failing(HusbandryState situation) {
    return Review.judged(situation)
        .filter(Outlook::isFailing)
        .filter(f -> f.step() != Step.LIGHT)
        .toList();
  }

  /** Too little room is told from the first day it is short, as the review tells it. */
  private static boolean isFailing(Finding f) {
    return f.severity() == Severity.DANGER
        || f.severity() == Severity.WRONG
        || f.severity() == Severity.WATCH && ROOM.contains(f.rule());
  }
}

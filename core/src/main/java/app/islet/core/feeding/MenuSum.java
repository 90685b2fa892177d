package app.islet.core.feeding;

import app.islet.core.care.Often;
import app.islet.core.text.English;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * What a menu adds up to in an average week.
 *
 * @param servings turns of all foods together
 * @param feedingDays days on which anything is fed
 * @param leastServings what all ranges ask for at least
 * @param room turns there are room for
 * @param conflicts ranges that cannot hold, whatever the order of the days
 */
public record MenuSum(
    double servings,
    double feedingDays,
    double leastServings,
    double room,
    List<Rotation.Conflict> conflicts) {
  private static final int WEEK = 7;
  private static final double HAIR = 1e-9;
  private static final double MIDDLE = 0.5;

  public MenuSum {
    conflicts = List.copyOf(conflicts);
  }

  public static MenuSum of(Menu menu) {
    double least = menu.turns().stream().mapToDouble(l -> l.often().leastADay()).sum();
    double share = menu.days().share();
    double room = share * menu.mostADay();
    double at = share(menu);
    double servings = menu.turns().stream().mapToDouble(l -> rate(l.often(), at)).sum();
    return new MenuSum(
        WEEK * servings, WEEK * share, WEEK * least, WEEK * room, conflicts(menu, least, room));
  }

  private static List<Rotation.Conflict> conflicts(Menu menu, double least, double room) {
    List<Rotation.Conflict> all = new ArrayList<>();
    for (Menu.Line line : menu.turns()) {
      int fed = fewestFeedingDays(menu.days(), line.often().leastDays());
      if (fed < line.often().least()) {
        all.add(
            new Rotation.Conflict(
                line.food(),
                "%s %s asks for %d in %s; only %d of them are feeding days."
                    .formatted(
                        line.food(),
                        line.often().words(),
                        line.often().least(),
                        English.count(line.often().leastDays(), "day"),
                        fed)));
      }
    }
    if (all.isEmpty() && least > room + HAIR) {
      all.add(
          new Rotation.Conflict(
              "",
              "All ranges together ask for %s servings a week at least; %s feeding days of at most %s hold %s."
                  .formatted(
                      number(WEEK * least),
                      number(WEEK * menu.days().share()),
                      English.count(menu.mostADay(), "food"),
                      number(WEEK * room))));
    }
    return all;
  }

  /** In any so many days in a row. */
  static int fewestFeedingDays(FeedingDays days, int inARow) {
    int period = WEEK * days.everyDays();
    int fewest = inARow;
    for (int start = 0; start < period; start++) {
      int fed = 0;
      for (int n = 0; n < inARow; n++) {
        LocalDate day = days.from().plusDays(start + n);
        fed += days.has(day) ? 1 : 0;
      }
      fewest = Math.min(fewest, fed);
    }
    return fewest;
  }

  /** Days a week on which two or more foods share the portion, on average. */
  public double sharedDays() {
    return Math.max(0, servings - feedingDays);
  }

  /** Feeding days a week that no food falls on. */
  public double emptyDays() {
    return Math.max(0, feedingDays - servings);
  }

  /**
   * As in {@code 8¼ servings a week on 7 feeding days of one portion each: on 1¼ of them two foods
   * share}.
   */
  public String words() {
    String sum =
        "%s servings a week on %s feeding days of one portion each"
            .formatted(number(servings), number(feedingDays));
    if (sharedDays() > HAIR) {
      return sum + ": on %s of them foods share it.".formatted(number(sharedDays()));
    }
    return emptyDays() > HAIR
        ? sum + ": on %s of them nothing is given.".formatted(number(emptyDays()))
        : sum + ".";
  }

  /** In quarters, as a keeper says them. */
  static String number(double value) {
    long quarters = Math.round(value * 4);
    long whole = quarters / 4;
    String part =
        switch ((int) (quarters % 4)) {
          case 1 -> "¼";
          case 2 -> "½";
          case 3 -> "¾";
          default -> "";
        };
    return whole == 0 && !part.isEmpty() ? part : String.format(Locale.ROOT, "%d%s", whole, part);
  }

  /**
   * The share of its range, 0 for the least and 1 for the most, at which each food is given: the
   * middle, or less where the days have no room for that.
   */
  static double share(Menu menu) {
    double least = menu.turns().stream().mapToDouble(l -> l.often().leastADay()).sum();
    double most = menu.turns().stream().mapToDouble(l -> l.often().mostADay()).sum();
    double wanted = menu.days().share();
    return most - least < HAIR
        ? 0
        : Math.max(0, Math.min(MIDDLE, (wanted - least) / (most - least)));
  }

  /** How often a food is given on an average day, inside its range. */
  static double rate(Often often, double share) {
    return often.leastADay() + share * (often.mostADay() - often.leastADay());
  }
}

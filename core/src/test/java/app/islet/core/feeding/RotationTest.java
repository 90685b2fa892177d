package app.islet.core.feeding;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.care.Often;
import app.islet.core.care.Role;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

class RotationTest {
  private static final LocalDate MONDAY = LocalDate.of(2027, 3, 1);
  private static final int TWELVE_WEEKS = 84;

  private static Menu.Line line(String food, Role role, String often) {
    return new Menu.Line(food, role, Often.of(often).orElseThrow());
  }

  /** As a keeper of a grown turtle has it. */
  static Menu turtle(FeedingDays days) {
    return new Menu(
        List.of(
            line("Pellets", Role.STAPLE, "3-4 a week"),
            line("Greens", Role.GREENS, "2-3 a week"),
            line("Earthworm", Role.LIVE, "every 1-2 weeks"),
            line("Shrimp", Role.TREAT, "monthly"),
            line("Cuttlebone", Role.ALWAYS, "daily")),
        days,
        Menu.USUAL_MOST_A_DAY);
  }

  private static List<Rotation.Day> twelveWeeks(Menu menu) {
    return Rotation.of(menu, MONDAY).days(MONDAY, TWELVE_WEEKS, List.of());
  }

  /** Every window of days in a row, by plain counting. */
  static void assertHolds(Menu menu, List<Rotation.Day> days, int from) {
    for (Menu.Line line : menu.turns()) {
      Often often = line.often();
      boolean[] given = new boolean[days.size()];
      for (int n = 0; n < given.length; n++) {
        given[n] = days.get(n).foods().contains(line.food());
      }
      for (int start = from; start + often.leastDays() <= given.length; start++) {
        assertThat(count(given, start, often.leastDays()))
            .as("%s in %d days from day %d of %s", line, often.leastDays(), start, menu)
            .isGreaterThanOrEqualTo(often.least());
      }
      for (int start = from; start + often.mostDays() <= given.length; start++) {
        assertThat(count(given, start, often.mostDays()))
            .as("%s in %d days from day %d of %s", line, often.mostDays(), start, menu)
            .isLessThanOrEqualTo(often.most());
      }
    }
    for (Rotation.Day day : days) {
      assertThat(day.foods().size()).isLessThanOrEqualTo(menu.mostADay());
      assertThat(menu.days().has(day.day()) || day.foods().isEmpty()).isTrue();
    }
  }

  private static int count(boolean[] given, int start, int length) {
    int sum = 0;
    for (int n = start; n < start + length; n++) {
      sum += given[n] ? 1 : 0;
    }
    return sum;
  }

  @Test
  void every_range_of_a_menu_holds_and_what_lies_there_takes_no_turn() {
    Menu menu = turtle(FeedingDays.DAILY);
    List<Rotation.Day> days = twelveWeeks(menu);
    assertThat(Rotation.of(menu, MONDAY).holds()).isTrue();
    assertHolds(menu, days, 0);
    assertThat(days).noneMatch(d -> d.foods().contains("Cuttlebone"));
  }

  @Test
  void fasting_days_are_kept() {
    Menu menu = turtle(new FeedingDays(1, MONDAY, Set.of(DayOfWeek.WEDNESDAY, DayOfWeek.SUNDAY)));
    assertThat(Rotation.of(menu, MONDAY).holds()).isTrue();
    assertHolds(menu, twelveWeeks(menu), 0);
  }

  @Test
  void foods_of_one_day_share_its_portion() {
    Rotation.Day day = new Rotation.Day(MONDAY, List.of("Pellets", "Greens"));
    assertThat(day.share()).isEqualTo(0.5);
    assertThat(new Rotation.Day(MONDAY, List.of()).share()).isZero();
  }

  /** Worked example: 3 + 2 + 2 + 1 servings a week and one a month are 8¼ on 7 days. */
  @Test
  void the_sum_is_said_as_a_keeper_says_it() {
    Menu menu =
        new Menu(
            List.of(
                line("Pellets", Role.STAPLE, "3 a week"),
                line("Second pellets", Role.SECOND, "2 a week"),
                line("Greens", Role.GREENS, "2 a week"),
                line("Worm", Role.LIVE, "weekly"),
                line("Shrimp", Role.TREAT, "every 28-31 days")),
            FeedingDays.DAILY,
            2);
    assertThat(MenuSum.of(menu).words())
        .isEqualTo(
            "8¼ servings a week on 7 feeding days of one portion each: on 1¼ of them foods share it.");
    assertThat(Rotation.of(menu, MONDAY).holds()).isTrue();
    assertHolds(menu, twelveWeeks(menu), 0);
  }

  @Test
  void what_cannot_hold_is_refused_with_the_sum() {
    Menu menu =
        new Menu(
            List.of(
                line("A", Role.STAPLE, "daily"),
                line("B", Role.GREENS, "daily"),
                line("C", Role.LIVE, "2 a week")),
            FeedingDays.DAILY,
            2);
    Rotation rotation = Rotation.of(menu, MONDAY);
    assertThat(rotation.holds()).isFalse();
    assertThat(rotation.days(MONDAY, 7, List.of())).isEmpty();
    assertThat(rotation.broken())
        .singleElement()
        .extracting(Rotation.Conflict::why)
        .isEqualTo(
            "All ranges together ask for 16 servings a week at least; 7 feeding days of at most 2 foods hold 14.");
  }

  @Test
  void a_range_that_fasting_breaks_is_named() {
    Menu menu =
        new Menu(
            List.of(line("Pellets", Role.STAPLE, "daily")),
            new FeedingDays(1, MONDAY, Set.of(DayOfWeek.SUNDAY)),
            2);
    assertThat(Rotation.of(menu, MONDAY).broken())
        .singleElement()
        .extracting(Rotation.Conflict::why)
        .isEqualTo("Pellets daily asks for 1 in 1 day; only 0 of them are feeding days.");
  }

  @Test
  void it_is_the_same_whenever_it_is_asked_and_goes_on_from_what_was_given() {
    Menu menu = turtle(FeedingDays.DAILY);
    List<Rotation.Day> all = twelveWeeks(menu);
    assertThat(twelveWeeks(menu)).isEqualTo(all);
    List<Given> given = new ArrayList<>();
    for (Rotation.Day day : all.subList(0, 42)) {
      day.foods().forEach(food -> given.add(new Given(food, day.day())));
    }
    List<Rotation.Day> later = Rotation.of(menu, MONDAY).days(MONDAY.plusDays(42), 42, given);
    assertThat(later).isEqualTo(all.subList(42, TWELVE_WEEKS));
  }

  /** Of six weeks after it, few days may differ. */
  @Test
  void one_meal_more_or_less_moves_little() {
    Menu menu = turtle(FeedingDays.DAILY);
    List<Rotation.Day> all = twelveWeeks(menu);
    for (int changed = 14; changed < 35; changed++) {
      for (boolean extra : new boolean[] {false, true}) {
        List<Given> given = new ArrayList<>();
        for (Rotation.Day day : all.subList(0, changed + 1)) {
          boolean skipped = !extra && day.day().equals(MONDAY.plusDays(changed));
          if (!skipped) {
            day.foods().forEach(food -> given.add(new Given(food, day.day())));
          }
        }
        if (extra) {
          given.add(new Given("Greens", MONDAY.plusDays(changed)));
        }
        List<Rotation.Day> later =
            Rotation.of(menu, MONDAY).days(MONDAY.plusDays(changed + 1), 42, given);
        long moved = 0;
        for (int n = 0; n < later.size(); n++) {
          moved += later.get(n).equals(all.get(changed + 1 + n)) ? 0 : 1;
        }
        assertThat(moved).as("day %d, %s", changed, extra ? "extra" : "skipped").isLessThan(9);
      }
    }
  }

  private static Menu random(Random random) {
    String[] often = {
      "daily",
      "5-6 a week",
      "3-4 a week",
      "2-3 a week",
      "2 a week",
      "1-2 a week",
      "weekly",
      "every 2-3 days",
      "every 1-2 weeks",
      "monthly",
      "every 1-2 months",
      "every 3-4 weeks"
    };
    int foods = 1 + random.nextInt(6);
    List<Menu.Line> lines = new ArrayList<>();
    for (int n = 0; n < foods; n++) {
      Role role = n == 0 ? Role.STAPLE : Role.values()[1 + random.nextInt(5)];
      lines.add(line("Food " + n, role, often[random.nextInt(often.length)]));
    }
    Set<DayOfWeek> fasting = new HashSet<>();
    for (int n = random.nextInt(3); n > 0; n--) {
      fasting.add(DayOfWeek.of(1 + random.nextInt(7)));
    }
    return new Menu(lines, new FeedingDays(1, MONDAY, fasting), 2 + random.nextInt(2));
  }

  @Test
  void menus_hold_or_are_refused_with_a_reason() {
    holdOrSayWhy(300);
  }

  @Test
  @Tag("long")
  void five_thousand_menus_hold_or_are_refused_with_a_reason() {
    holdOrSayWhy(5000);
  }

  private static void holdOrSayWhy(int menus) {
    Random random = new Random(18);
    int held = 0;
    while (held < menus) {
      Menu menu = random(random);
      Rotation rotation = Rotation.of(menu, MONDAY);
      if (rotation.holds()) {
        held++;
        assertHolds(menu, rotation.days(MONDAY, TWELVE_WEEKS, List.of()), 0);
      } else {
        assertThat(rotation.broken()).isNotEmpty().allMatch(c -> !c.why().isBlank());
      }
    }
  }

  /** Of short ranges only, so that every order there is can be tried. */
  private static Menu small(Random random) {
    String[] often = {
      "daily", "2-3 a week", "2 a week", "every 2-3 days", "every 2 days", "weekly"
    };
    List<Menu.Line> lines = new ArrayList<>();
    for (int n = 0; n < 2 + random.nextInt(2); n++) {
      lines.add(line("Food " + n, Role.STAPLE, often[random.nextInt(often.length)]));
    }
    Set<DayOfWeek> fasting = new HashSet<>();
    for (int n = random.nextInt(3); n > 0; n--) {
      fasting.add(DayOfWeek.of(1 + random.nextInt(7)));
    }
    return new Menu(lines, new FeedingDays(1, MONDAY, fasting), 1 + random.nextInt(2));
  }

  @Test
  void where_no_order_was_found_there_is_none() {
    noneMissed(25);
  }

  @Test
  @Tag("long")
  void where_no_order_of_many_menus_was_found_there_is_none() {
    noneMissed(400);
  }

  private static void noneMissed(int menus) {
    Random random = new Random(7);
    int none = 0;
    int some = 0;
    for (int n = 0; n < menus; n++) {
      Menu menu = small(random);
      boolean found =
          new Course(menu, MONDAY, AllOrders.DAYS, List.of(), Beats.of(menu)).search().isPresent();
      assertThat(found).as(menu.toString()).isEqualTo(AllOrders.any(menu, MONDAY));
      none += found ? 0 : 1;
      some += found ? 1 : 0;
    }
    assertThat(none).isGreaterThan(menus / 10);
    assertThat(some).isGreaterThan(menus / 4);
  }

  @Test
  void after_a_fortnight_without_records_all_is_made_up_without_more_than_a_portion_a_day() {
    Menu menu = turtle(FeedingDays.DAILY);
    Rotation rotation = Rotation.of(menu, MONDAY);
    List<Given> given =
        List.of(
            new Given("Pellets", MONDAY.minusDays(15)), new Given("Greens", MONDAY.minusDays(16)));
    List<Rotation.Day> days = rotation.days(MONDAY, 42, given);
    assertThat(days.subList(0, 2)).allMatch(d -> d.foods().size() <= 2);
    assertThat(days.get(0).foods()).isNotEmpty();
    assertHolds(menu, days, 14);
  }
}

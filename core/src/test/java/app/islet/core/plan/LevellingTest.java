package app.islet.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.plan.Levelling.Fit;
import app.islet.core.plan.Levelling.Job;
import app.islet.core.plan.Levelling.Placed;
import app.islet.core.plan.Levelling.Spread;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class LevellingTest {
  private static final LocalDate DAY = LocalDate.of(2026, 3, 2);

  private static Job weekly(String id, double minutes, int dueIn) {
    return new Job(id, minutes, DAY.plusDays(dueIn), 7, 3, "");
  }

  @Test
  void four_changes_due_on_one_day_spread_over_four() {
    List<Job> jobs =
        List.of(weekly("a", 20, 0), weekly("b", 20, 0), weekly("c", 20, 0), weekly("d", 20, 0));
    assertThat(Levelling.asDue(DAY, 7, jobs, Map.of()).most()).isEqualTo(80);
    Spread spread = Levelling.spread(DAY, 7, jobs, Map.of(), Set.of());
    assertThat(spread.most()).isEqualTo(20);
    assertThat(spread.placed())
        .extracting(Placed::day)
        .containsExactly(DAY, DAY.plusDays(1), DAY.plusDays(2), DAY.plusDays(3));
  }

  @Test
  void a_full_day_gets_no_more() {
    Spread spread =
        Levelling.spread(
            DAY,
            4,
            List.of(weekly("a", 20, 0)),
            Map.of(DAY, 40.0, DAY.plusDays(1), 35.0),
            Set.of());
    assertThat(spread.next()).containsEntry("a", DAY.plusDays(2));
    assertThat(spread.most()).isEqualTo(40);
  }

  @Test
  void what_falls_into_a_holiday_is_done_before_it_and_what_reaches_beyond_it_after() {
    Set<LocalDate> away = new HashSet<>(DAY.plusDays(3).datesUntil(DAY.plusDays(8)).toList());
    Spread spread =
        Levelling.spread(
            DAY, 14, List.of(weekly("inside", 20, 4), weekly("beyond", 20, 6)), Map.of(), away);
    Placed inside = first(spread, "inside");
    assertThat(inside.day()).isEqualTo(DAY.plusDays(2));
    assertThat(inside.fit()).isEqualTo(Fit.EARLY);
    Placed beyond = first(spread, "beyond");
    assertThat(beyond.day()).isBetween(DAY.plusDays(8), DAY.plusDays(9));
    assertThat(beyond.fit()).isEqualTo(Fit.IN_TIME);
    assertThat(spread.placed()).noneMatch(p -> away.contains(p.day()));
  }

  @Test
  void nothing_before_leaves_it_late_and_says_so() {
    Set<LocalDate> away = new HashSet<>(DAY.datesUntil(DAY.plusDays(8)).toList());
    Placed late =
        first(Levelling.spread(DAY, 14, List.of(weekly("a", 20, 1)), Map.of(), away), "a");
    assertThat(late.day()).isEqualTo(DAY.plusDays(8));
    assertThat(late.fit()).isEqualTo(Fit.LATE);
  }

  @Test
  void a_large_change_and_care_of_the_filter_are_never_on_one_day() {
    Job change = new Job("change", 30, DAY, 28, 12, "tank");
    Job filter = new Job("filter", 10, DAY, 28, 12, "tank");
    Spread spread = Levelling.spread(DAY, 14, List.of(change, filter), Map.of(), Set.of());
    assertThat(spread.next().get("change")).isNotEqualTo(spread.next().get("filter"));
  }

  private static Placed first(Spread spread, String id) {
    return spread.placed().stream().filter(p -> p.job().id().equals(id)).findFirst().orElseThrow();
  }

  /** Every job once, inside its window: all ways to place them tried. */
  private static double least(List<Job> jobs, int days) {
    return least(jobs, 0, new double[days]);
  }

  private static double least(List<Job> jobs, int at, double[] load) {
    if (at == jobs.size()) {
      double most = 0;
      for (double minutes : load) {
        most = Math.max(most, minutes);
      }
      return most;
    }
    Job job = jobs.get(at);
    int due = (int) (job.due().toEpochDay() - DAY.toEpochDay());
    double best = Double.MAX_VALUE;
    for (int day = due; day <= due + job.graceDays(); day++) {
      load[day] += job.minutes();
      best = Math.min(best, least(jobs, at + 1, load));
      load[day] -= job.minutes();
    }
    return best;
  }

  @Test
  void against_every_way_to_place_small_cases_it_is_at_most_a_job_from_the_best() {
    Random random = new Random(7);
    int best = 0;
    for (int n = 0; n < 200; n++) {
      List<Job> jobs = new ArrayList<>();
      int count = 2 + random.nextInt(5);
      double biggest = 0;
      for (int i = 0; i < count; i++) {
        double minutes = 5 + random.nextInt(30);
        biggest = Math.max(biggest, minutes);
        jobs.add(new Job("j" + i, minutes, DAY.plusDays(random.nextInt(6)), 99, 3, ""));
      }
      double least = least(jobs, 10);
      double found = Levelling.spread(DAY, 10, jobs, Map.of(), Set.of()).most();
      assertThat(found).isBetween(least, least + biggest);
      best += found <= least + 1e-9 ? 1 : 0;
    }
    assertThat(best).as("as good as the best").isGreaterThan(150);
  }

  @Test
  void windows_hold_minutes_add_up_and_it_comes_out_the_same_twice() {
    Random random = new Random(8);
    for (int n = 0; n < 60; n++) {
      List<Job> jobs = new ArrayList<>();
      for (int i = 0; i < 30; i++) {
        int every = 3 + random.nextInt(28);
        jobs.add(
            new Job(
                "j" + i,
                5 + random.nextInt(40),
                DAY.plusDays(random.nextInt(20)),
                every,
                every * 3 / 7,
                ""));
      }
      Set<LocalDate> off = new HashSet<>();
      LocalDate away = DAY.plusDays(5 + random.nextInt(10));
      away.datesUntil(away.plusDays(random.nextInt(8))).forEach(off::add);
      Map<LocalDate, Double> base = new HashMap<>();
      DAY.datesUntil(DAY.plusDays(28))
          .forEach(day -> base.put(day, 10.0 + day.getDayOfMonth() % 5));
      Spread spread = Levelling.spread(DAY, 28, jobs, base, off);
      assertThat(spread).isEqualTo(Levelling.spread(DAY, 28, jobs, base, off));
      assertThat(spread.placed()).noneMatch(p -> off.contains(p.day()));
      double placed = spread.placed().stream().mapToDouble(p -> p.job().minutes()).sum();
      double fixed = base.values().stream().mapToDouble(m -> m).sum();
      assertThat(spread.minutes().values().stream().mapToDouble(m -> m).sum())
          .isCloseTo(placed + fixed, within(1e-6));
      assertThat(spread.placed().stream().filter(p -> p.fit() != Fit.IN_TIME))
          .allMatch(p -> !off.isEmpty());
    }
  }
}

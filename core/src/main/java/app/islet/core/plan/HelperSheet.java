package app.islet.core.plan;

import app.islet.core.animal.HealthNote;
import app.islet.core.animal.Resident;
import app.islet.core.quantity.Phrase;
import app.islet.core.situation.HusbandryState;
import app.islet.core.text.English;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * One enclosure for somebody who knows nothing of it: what to do on which day, what looks wrong,
 * and what never to do.
 *
 * @param daily done on every day
 * @param days what else is done, day by day; only those that have something
 * @param marks what is as it should be: the level, the temperatures, who rests
 * @param never what must not be done or fed
 */
public record HelperSheet(
    List<Work> daily, List<Day> days, List<Phrase> marks, WarningSigns signs, List<String> never) {
  /** What a helper is asked to do; the rest can wait for the keeper. */
  private static final Set<TaskKind> FOR_HELPERS =
      EnumSet.of(
          TaskKind.HOLD,
          TaskKind.TREAT,
          TaskKind.FEED,
          TaskKind.SUPPLEMENT,
          TaskKind.SPOT_CLEAN,
          TaskKind.MIST,
          TaskKind.REFILL,
          TaskKind.MIX,
          TaskKind.TEST,
          TaskKind.CORRECT,
          TaskKind.WATER_CHANGE);

  /**
   * One thing to do, and exactly how much.
   *
   * @param times how often on a day
   */
  public record Work(String key, Phrase title, Phrase amount, Phrase how, int times) {
    static Work of(DueTask due) {
      return new Work(
          due.task().key(),
          due.task().title(),
          due.amount(),
          due.task().how(),
          due.task().recurrence().perDay());
    }
  }

  /** What is done on one day. */
  public record Day(LocalDate day, List<Work> work) {
    public Day {
      work = List.copyOf(work);
    }
  }

  public HelperSheet {
    daily = List.copyOf(daily);
    days = List.copyOf(days);
    marks = List.copyOf(marks);
    never = List.copyOf(never);
  }

  /**
   * @param first of the days
   * @param lists what is due on each day, the first day's first; at least one
   */
  public static HelperSheet of(HusbandryState s, LocalDate first, List<List<DueTask>> lists) {
    List<Day> all = new ArrayList<>();
    for (int i = 0; i < lists.size(); i++) {
      List<Work> work =
          lists.get(i).stream()
              .filter(
                  due ->
                      FOR_HELPERS.contains(due.task().kind())
                          || due.task().key().startsWith(HealthNote.MISSING)
                          || due.task().isOfHealth())
              .filter(due -> due.slot() == 1)
              .map(Work::of)
              .toList();
      all.add(new Day(first.plusDays(i), work));
    }
    Set<Work> daily = new LinkedHashSet<>(all.get(0).work());
    all.forEach(day -> daily.retainAll(day.work()));
    List<Day> days =
        all.stream()
            .map(day -> new Day(day.day(), without(day.work(), daily)))
            .filter(day -> !day.work().isEmpty())
            .toList();
    return new HelperSheet(
        List.copyOf(daily),
        days,
        HelperMarks.of(s),
        WarningSigns.of(s.residents().stream().map(r -> r.sheet().group()).toList()),
        never(s.residents()));
  }

  private static List<Work> without(List<Work> work, Set<Work> daily) {
    return work.stream().filter(w -> !daily.contains(w)).toList();
  }

  private static List<String> never(List<Resident> residents) {
    Map<List<String>, List<String>> namesByFoods =
        residents.stream()
            .filter(r -> !r.stage().neverFoods().isEmpty())
            .collect(
                Collectors.groupingBy(
                    r -> r.stage().neverFoods(),
                    LinkedHashMap::new,
                    Collectors.mapping(Resident::name, Collectors.toList())));
    Set<String> all = new LinkedHashSet<>();
    namesByFoods.forEach(
        (foods, names) ->
            all.add("Feed %s: %s.".formatted(English.list(names), English.list(foods))));
    residents.forEach(
        r -> all.add("Handle without need. The care sheet says: " + r.sheet().people().handling()));
    all.add("Pour in water straight from the tap, or use soap, sprays or hand cream near it.");
    return List.copyOf(all);
  }
}

package app.islet.web.page.work.today;

import app.islet.core.plan.Advice;
import app.islet.core.plan.Ahead;
import app.islet.core.review.Finding;
import app.islet.core.review.Severity;
import app.islet.core.text.English;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Units;
import app.islet.web.reading.summary.DayRounds;
import app.islet.web.reading.summary.EnclosureSummary;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Who needs somebody now, what comes next, and who is well.
 *
 * @param minutes left of the rounds, roughly
 * @param next where to go on; null where all is done
 * @param needs one line for each enclosure that needs somebody, the gravest first
 * @param moreNeeds how many further ones
 * @param dangers all there are
 * @param coming the nearest first
 * @param well names of the enclosures that need nothing but their routine
 */
public record Today(
    long all,
    long done,
    long minutes,
    @Nullable EnclosureSummary next,
    List<Need> needs,
    int moreNeeds,
    List<Danger> dangers,
    List<Coming> coming,
    String well) {
  private static final String ROUNDS = "/rounds";
  private static final int MAX_NEEDS = 7;
  private static final int MAX_COMING = 6;
  private static final int MAX_WELL = 8;
  private static final int TO_FIVE_MINUTES = 5;

  /**
   * What an enclosure needs first.
   *
   * @param more how many further causes
   * @param path where it is done: its stop on the rounds, or its review
   */
  public record Need(
      String path, String enclosure, String word, String css, String what, int more) {}

  /**
   * A danger to life.
   *
   * @param cause stays the same while it lasts
   */
  public record Danger(String cause, String enclosure, String what, String path) {}

  /** Something that comes about by itself. */
  public record Coming(long id, String enclosure, String day, String what) {}

  /** One reason to go to an enclosure. */
  private record Cause(Severity severity, String key, String what, String page) {}

  private record Needy(EnclosureSummary enclosure, List<Cause> causes) {
    Need need() {
      Cause first = causes.get(0);
      return new Need(
          path(first),
          enclosure.name(),
          first.severity().word(),
          first.severity().word().toLowerCase(Locale.ROOT),
          first.what(),
          causes.size() - 1);
    }

    private String path(Cause cause) {
      return cause.page().equals(ROUNDS)
          ? "/rounds#e" + enclosure.id()
          : "/enclosures/" + enclosure.id() + cause.page();
    }

    Stream<Danger> dangers() {
      return causes.stream()
          .filter(cause -> cause.severity() == Severity.DANGER)
          .map(
              cause ->
                  new Danger(
                      enclosure.id() + ":" + cause.key(),
                      enclosure.name(),
                      cause.what(),
                      path(cause)));
    }
  }

  public static Today of(List<DayRounds.Stop> stops, LocalDate day, Units u) {
    long all = stops.stream().mapToLong(s -> s.lines().size()).sum();
    long left = stops.stream().mapToLong(DayRounds.Stop::left).sum();
    double minutes = stops.stream().mapToDouble(DayRounds.Stop::minutesLeft).sum();
    List<Needy> needy =
        stops.stream()
            .map(s -> new Needy(s.enclosure(), causes(s, day, u)))
            .filter(n -> !n.causes().isEmpty())
            .sorted(Comparator.comparing(n -> n.causes().get(0).severity()))
            .toList();
    return new Today(
        all,
        all - left,
        Math.round(minutes / TO_FIVE_MINUTES) * TO_FIVE_MINUTES,
        stops.stream()
            .filter(s -> s.left() > 0)
            .map(DayRounds.Stop::enclosure)
            .findFirst()
            .orElse(null),
        needy.stream().limit(MAX_NEEDS).map(Needy::need).toList(),
        Math.max(0, needy.size() - MAX_NEEDS),
        needy.stream().flatMap(Needy::dangers).toList(),
        coming(stops, u),
        well(stops, needy));
  }

  /** What Islet advises today, what is dangerous or wrong, and what is late, the gravest first. */
  private static List<Cause> causes(DayRounds.Stop stop, LocalDate day, Units u) {
    List<Cause> causes = new ArrayList<>();
    stop.enclosure().plan().advice(day).stream()
        .filter(a -> a.urgency() != Advice.Urgency.GROWTH && !isSettled(stop, a))
        .map(a -> new Cause(severity(a), a.task().key(), words(a, u), ROUNDS))
        .forEach(causes::add);
    stop.enclosure().open().stream()
        .filter(f -> f.severity().compareTo(Severity.WRONG) <= 0)
        .map((Finding f) -> new Cause(f.severity(), f.rule(), u.text(f.what()), "/review"))
        .forEach(causes::add);
    stop.lines().stream()
        .filter(l -> !l.due().settled() && l.due().daysLate() > 0)
        .map(l -> new Cause(Severity.WATCH, l.due().task().key(), late(l, u), ROUNDS))
        .forEach(causes::add);
    if (stop.interrupted()) {
      causes.add(
          new Cause(Severity.WATCH, "interrupted", Messages.text("change.interrupted"), "/change"));
    }
    causes.sort(Comparator.comparing(Cause::severity));
    return causes;
  }

  private static boolean isSettled(DayRounds.Stop stop, Advice advice) {
    return stop.lines().stream()
        .anyMatch(l -> l.due().settled() && l.due().task().key().equals(advice.task().key()));
  }

  private static Severity severity(Advice advice) {
    return advice.urgency() == Advice.Urgency.LIFE ? Severity.DANGER : Severity.WATCH;
  }

  private static String words(Advice advice, Units u) {
    return "%s: %s".formatted(u.text(advice.task().title()), u.text(advice.task().amount()));
  }

  private static String late(DayRounds.Line line, Units u) {
    return Messages.text(
        "overview.needs.late",
        u.text(line.due().task().title()),
        English.count(line.due().daysLate(), "day"));
  }

  private static List<Coming> coming(List<DayRounds.Stop> stops, Units u) {
    return stops.stream()
        .map(DayRounds.Stop::enclosure)
        .flatMap(e -> e.plan().ahead().stream().map(a -> new Due(e, a)))
        .sorted(Comparator.comparing(due -> due.ahead().day()))
        .limit(MAX_COMING)
        .map(
            due ->
                new Coming(
                    due.enclosure().id(),
                    due.enclosure().name(),
                    English.shortDay(due.ahead().day()),
                    u.text(due.ahead().what())))
        .toList();
  }

  private record Due(EnclosureSummary enclosure, Ahead ahead) {}

  private static String well(List<DayRounds.Stop> stops, List<Needy> needy) {
    List<String> names =
        stops.stream()
            .map(DayRounds.Stop::enclosure)
            .filter(e -> needy.stream().noneMatch(n -> n.enclosure().id() == e.id()))
            .map(EnclosureSummary::name)
            .toList();
    return names.size() <= MAX_WELL
        ? English.list(names)
        : English.list(
            Stream.concat(
                    names.stream().limit(MAX_WELL),
                    Stream.of(Messages.text("overview.needs.more", names.size() - MAX_WELL)))
                .toList());
  }

  public long percent() {
    return all == 0 ? 0 : Math.round(100.0 * done / all);
  }
}

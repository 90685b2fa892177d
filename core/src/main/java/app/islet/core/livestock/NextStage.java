package app.islet.core.livestock;

import app.islet.core.animal.OwnGrowth;
import app.islet.core.animal.Resident;
import app.islet.core.care.CareSheet;
import app.islet.core.care.LawNote;
import app.islet.core.care.Stage;
import app.islet.core.care.Statement;
import app.islet.core.care.Statements;
import app.islet.core.quantity.DayWindow;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Range;
import app.islet.core.text.English;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;

/**
 * The stage an animal comes into next: when, by what it is told, and what is otherwise then.
 *
 * @param earliest the first day it is expected; empty where nothing tells
 * @param latest the last day; empty where it may never come, or nothing tells
 * @param law what the law says of it then and does not say now
 */
public record NextStage(
    Stage now,
    Stage next,
    Optional<LocalDate> earliest,
    Optional<LocalDate> latest,
    List<Difference> differences,
    List<LawNote> law) {
  private static final double DAYS_A_MONTH = 30.44;

  /** Four of five animals grow at half to twice the speed of their sheet; from memory. */
  private static final double FACTOR = 2;

  /** A change of form comes within this share of its day; from memory. */
  private static final double SPREAD = 0.15;

  private static final int MAX_DAYS = 3650;

  /** A window so short is told in days. */
  private static final int NEAR_DAYS = 45;

  /**
   * What is otherwise in the next stage.
   *
   * @param before empty where nothing is asked now
   * @param after empty where nothing is asked then
   */
  public record Difference(String about, Optional<Phrase> before, Optional<Phrase> after) {}

  public NextStage {
    differences = List.copyOf(differences);
    law = List.copyOf(law);
  }

  /** The days in words, as {@code March to May 2027}; empty where nothing tells. */
  public String when(LocalDate today) {
    if (earliest.isEmpty()) {
      return "";
    }
    String from = isDue(today) ? "any day now" : English.month(earliest.get());
    if (latest.isEmpty()) {
      return "from %s on, or never".formatted(isDue(today) ? "now" : from);
    }
    String to = English.month(latest.get());
    if (isDue(today)) {
      return latest.get().isAfter(today) ? "any day now, by " + to + " at the latest" : from;
    }
    boolean near = latest.get().isBefore(earliest.get().plusDays(NEAR_DAYS));
    if (near) {
      return English.shortDay(earliest.get()) + " to " + English.day(latest.get());
    }
    return from.equals(to) ? "in " + from : from + " to " + to;
  }

  /** Whether it may be in it any day now. */
  public boolean isDue(LocalDate today) {
    return earliest.map(day -> !day.isAfter(today)).orElse(false);
  }

  /**
   * @param own its growth by its own measurements, where there are enough
   * @param tempC of the water its eggs lie in, where somebody measured it
   * @return empty for the last stage, and for a phase that only the keeper ends
   */
  public static Optional<NextStage> of(
      Resident r, LifeDates dates, Optional<OwnGrowth> own, OptionalDouble tempC, LocalDate today) {
    return r.sheet()
        .next(r.stage())
        .map(next -> of(r, next, when(r, next, dates, own, tempC, today)));
  }

  /** The same, expected within other days. */
  public NextStage within(DayWindow window) {
    return new NextStage(
        now, next, Optional.of(window.from()), Optional.of(window.to()), differences, law);
  }

  private record When(Optional<LocalDate> earliest, Optional<LocalDate> latest) {
    static final When UNKNOWN = new When(Optional.empty(), Optional.empty());

    static When between(LocalDate from, LocalDate to) {
      return new When(Optional.of(from), Optional.of(to));
    }
  }

  private static NextStage of(Resident r, Stage next, When when) {
    return new NextStage(
        r.stage(),
        next,
        when.earliest(),
        when.latest(),
        differences(r.stage(), next),
        law(r.sheet(), r.bodyCm(), Math.max(r.bodyCm(), next.fromLengthCm())));
  }

  private static When when(
      Resident r,
      Stage next,
      LifeDates dates,
      Optional<OwnGrowth> own,
      OptionalDouble tempC,
      LocalDate today) {
    Stage now = r.stage();
    if (now.hatch().isPresent()) {
      return dates
          .laidOn()
          .map(laid -> Expected.hatching(now.hatch().get(), laid, tempC).window())
          .map(w -> When.between(w.from(), w.to()))
          .orElse(When.UNKNOWN);
    }
    if (now.endsInChange()) {
      return change(now, next, dates);
    }
    return own.isPresent()
        ? byOwn(own.get(), next.fromLengthCm(), today)
        : bySheet(r, next.fromLengthCm(), today);
  }

  /** A change of form comes at an age, not at a length. */
  private static When change(Stage now, Stage next, LifeDates dates) {
    Optional<Range> age = now.recognised().ageMonths();
    if (age.isEmpty()) {
      return When.UNKNOWN;
    }
    double least = next.recognised().ageMonths().map(Range::min).orElse(age.get().max());
    double most = Math.max(least, age.get().max());
    double first = Math.min(least, age.get().max());
    if (dates.hatchedOn().isPresent()) {
      return aged(dates.hatchedOn().get(), first, most);
    }
    return dates
        .formSince()
        .map(since -> aged(since, first - age.get().min(), most - age.get().min()))
        .orElse(When.UNKNOWN);
  }

  private static When aged(LocalDate since, double leastMonths, double mostMonths) {
    return When.between(
        since.plusDays(Math.round((1 - SPREAD) * leastMonths * DAYS_A_MONTH)),
        since.plusDays(Math.round((1 + SPREAD) * mostMonths * DAYS_A_MONTH)));
  }

  /** Where the upper and the lower edge of its own band come to the length. */
  private static When byOwn(OwnGrowth own, double cm, LocalDate today) {
    return new When(
        firstDay(today, day -> own.band(day).max(), cm),
        firstDay(today, day -> own.band(day).min(), cm));
  }

  private static Optional<LocalDate> firstDay(
      LocalDate today, ToDoubleFunction<LocalDate> length, double cm) {
    for (int days = 0; days <= MAX_DAYS; days += days < 365 ? 1 : 7) {
      LocalDate day = today.plusDays(days);
      if (length.applyAsDouble(day) >= cm) {
        return Optional.of(day);
      }
    }
    return Optional.empty();
  }

  /** By the sheet alone: twice as fast, or half as fast. */
  private static When bySheet(Resident r, double cm, LocalDate today) {
    OptionalDouble days = r.daysUntil(cm);
    if (days.isEmpty() || r.lengthCm().isEmpty()) {
      return When.UNKNOWN;
    }
    return When.between(
        today.plusDays(Math.round(days.getAsDouble() / FACTOR)),
        today.plusDays(Math.round(days.getAsDouble() * FACTOR)));
  }

  private static List<Difference> differences(Stage now, Stage next) {
    Map<String, Phrase> before = said(now);
    Map<String, Phrase> after = said(next);
    Map<String, Phrase> all = new LinkedHashMap<>(before);
    after.forEach(all::putIfAbsent);
    List<Difference> differences = new ArrayList<>();
    for (String about : all.keySet()) {
      Optional<Phrase> was = Optional.ofNullable(before.get(about));
      Optional<Phrase> is = Optional.ofNullable(after.get(about));
      if (!was.equals(is)) {
        differences.add(new Difference(about, was, is));
      }
    }
    return differences;
  }

  private static Map<String, Phrase> said(Stage stage) {
    Map<String, Phrase> said = new LinkedHashMap<>();
    for (Statement statement : Statements.of(stage)) {
      if (!statement.about().equals(Statements.HOW_TO_TELL)) {
        said.merge(statement.about(), statement.text(), (a, b) -> Phrase.of("{} · {}", a, b));
      }
    }
    return said;
  }

  private static List<LawNote> law(CareSheet sheet, double nowCm, double thenCm) {
    return sheet.law().stream()
        .filter(note -> note.holdsFor(thenCm) && !note.holdsFor(nowCm))
        .toList();
  }
}

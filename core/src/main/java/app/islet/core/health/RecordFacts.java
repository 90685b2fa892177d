package app.islet.core.health;

import app.islet.core.animal.Resident;
import app.islet.core.care.Stage;
import app.islet.core.quantity.Phrase;
import app.islet.core.review.Finding;
import app.islet.core.review.Severity;
import app.islet.core.text.English;
import app.islet.core.water.Parameter;
import app.islet.core.water.WaterEvent;
import app.islet.core.water.WaterRecord;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What the keeper's records tell of an animal that looks ill: most sickness is in them. */
public final class RecordFacts {
  /** An older test says nothing of today. */
  private static final int FRESH_DAYS = 14;

  /** When an animal looks ill the water is tested, unless it was today or yesterday. */
  private static final int WELL_DAYS = 1;

  private static final Set<RecordKind> WELL =
      EnumSet.of(RecordKind.AMMONIA_ZERO, RecordKind.TEMP_RIGHT);

  private static final int CAME_DAYS = 30;
  private static final int MOVED_DAYS = 14;
  private static final double GENEROUS = 1.2;
  private static final int REFUSED = 2;

  /**
   * What is in the books.
   *
   * @param moved the day it came to where it is
   * @param companyCame the day another animal came there last
   * @param refusals meals refused in a row
   */
  public record Books(Optional<LocalDate> moved, Optional<LocalDate> companyCame, int refusals) {
    public static final Books NONE = new Books(Optional.empty(), Optional.empty(), 0);
  }

  private RecordFacts() {}

  /**
   * @param findings of the review of its enclosure
   * @param water of the enclosure
   */
  public static List<RecordedFact> of(
      Resident r, Collection<Finding> findings, WaterRecord water, Books books, LocalDate today) {
    List<RecordedFact> facts = new ArrayList<>(water(r.stage(), water, today));
    for (FactRow row : HealthTables.bundled().facts()) {
      findings.stream()
          .filter(f -> row.rules().contains(f.rule()))
          .filter(f -> f.severity() != Severity.NOTE)
          .findFirst()
          .ifPresent(f -> facts.add(new RecordedFact(row.kind(), f.what())));
      event(row, water, today).ifPresent(facts::add);
    }
    books(r, books, today, facts);
    return facts.stream()
        .filter(fact -> facts.stream().noneMatch(other -> isEarlierOfKind(facts, other, fact)))
        .toList();
  }

  /** One fact of a kind is enough: the first. */
  private static boolean isEarlierOfKind(
      List<RecordedFact> facts, RecordedFact other, RecordedFact fact) {
    return other.kind() == fact.kind() && facts.indexOf(other) < facts.indexOf(fact);
  }

  /** What is bad stays so until it is tested anew; that all is well is known for a day. */
  private static List<RecordedFact> water(Stage stage, WaterRecord water, LocalDate today) {
    List<RecordedFact> facts = new ArrayList<>();
    WaterFacts.of(stage, reading(water, today, FRESH_DAYS)).stream()
        .filter(fact -> !WELL.contains(fact.kind()))
        .forEach(facts::add);
    WaterFacts.of(stage, reading(water, today, WELL_DAYS)).stream()
        .filter(fact -> WELL.contains(fact.kind()))
        .forEach(facts::add);
    return facts;
  }

  private static WaterFacts.Reading reading(WaterRecord water, LocalDate today, int days) {
    return new WaterFacts.Reading(
        water.newest(Parameter.AMMONIA, today, days),
        water.newest(Parameter.NITRITE, today, days),
        water.newest(Parameter.TEMPERATURE, today, days),
        water.newest(Parameter.PH, today, days));
  }

  private static Optional<RecordedFact> event(FactRow row, WaterRecord water, LocalDate today) {
    return water.events().stream()
        .filter(e -> row.events().kinds().contains(e.kind()))
        .filter(e -> !e.day().isAfter(today))
        .filter(e -> ChronoUnit.DAYS.between(e.day(), today) <= row.events().days())
        .max(Comparator.comparing(WaterEvent::day))
        .map(
            e ->
                new RecordedFact(
                    row.kind(), Phrase.of(e.kind().words() + " on " + English.shortDay(e.day()))));
  }

  private static void books(Resident r, Books books, LocalDate today, List<RecordedFact> facts) {
    lately(books.companyCame(), CAME_DAYS, today)
        .ifPresent(
            day ->
                facts.add(
                    new RecordedFact(
                        RecordKind.ANIMAL_CAME,
                        Phrase.of("Another animal came on " + English.shortDay(day)))));
    lately(books.moved(), MOVED_DAYS, today)
        .ifPresent(
            day ->
                facts.add(
                    new RecordedFact(
                        RecordKind.MOVED_LATELY,
                        Phrase.of("Here since " + English.shortDay(day)))));
    if (books.refusals() >= REFUSED) {
      facts.add(
          new RecordedFact(
              RecordKind.REFUSES,
              Phrase.of(English.count(books.refusals(), "meal") + " refused in a row")));
    }
    if (r.keeping().ration() >= GENEROUS) {
      facts.add(
          new RecordedFact(
              RecordKind.OVERFED,
              Phrase.of(
                  "It gets %d %% of its sheet's portions"
                      .formatted(Math.round(100 * r.keeping().ration())))));
    }
  }

  private static Optional<LocalDate> lately(Optional<LocalDate> day, int days, LocalDate today) {
    return day.filter(d -> ChronoUnit.DAYS.between(d, today) <= days && !d.isAfter(today));
  }
}

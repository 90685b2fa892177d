package app.islet.core.review.rule;

import app.islet.core.animal.Cohort;
import app.islet.core.animal.Resident;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import app.islet.core.text.English;
import com.google.auto.service.AutoService;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** A newcomer among animals that were there before it. */
@AutoService(Rule.class)
public final class Quarantine implements Rule {
  @Override
  public String id() {
    return "quarantine";
  }

  /** How long a newcomer is kept apart; common practice, no source: 30 to 90 days. */
  private static final int DAYS = 30;

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    return s.cohorts().stream().flatMap(c -> judge(s, c).stream());
  }

  /** The newest of a cohort, if some other animal was there before. */
  private Optional<Finding> judge(HusbandryState s, Cohort c) {
    Optional<LocalDate> arrival =
        c.members().stream()
            .flatMap(r -> r.arrivedOn().stream())
            .filter(day -> !day.isAfter(s.date()))
            .max(Comparator.naturalOrder());
    if (arrival.isEmpty()) {
      return Optional.empty();
    }
    LocalDate arrived = arrival.get();
    long days = ChronoUnit.DAYS.between(arrived, s.date());
    boolean metOthers =
        s.residents().stream()
            .anyMatch(o -> o.arrivedOn().isEmpty() || o.arrivedOn().get().isBefore(arrived));
    if (days >= DAYS || !metOthers) {
      return Optional.empty();
    }
    List<Resident> newest =
        c.members().stream().filter(r -> r.arrivedOn().equals(arrival)).toList();
    return Optional.of(
        finding(Severity.WATCH, Step.RESIDENTS)
            .who(c.all())
            .what(
                "{}: here for {}, and already with others.",
                new Cohort(newest).all().words(),
                Quantity.days(days))
            .why("What it carries shows in weeks; by then all have it.")
            .remedy(
                "A tub of its own until {}: bare, with its own net and bucket, tended last.",
                English.day(arrived.plusDays(DAYS)))
            .build());
  }
}

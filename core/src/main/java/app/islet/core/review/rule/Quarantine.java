package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;

/** A newcomer among animals that were there before it. */
@AutoService(Rule.class)
public final class Quarantine implements ResidentRule {
  @Override
  public String id() {
    return "quarantine";
  }

  /** How long a newcomer is kept apart; common practice, no source: 30 to 90 days. */
  private static final int DAYS = 30;

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    if (r.arrivedOn().isEmpty()) {
      return Optional.empty();
    }
    LocalDate arrived = r.arrivedOn().get();
    long days = ChronoUnit.DAYS.between(arrived, s.date());
    boolean metOthers =
        s.residents().stream()
            .filter(o -> o != r)
            .anyMatch(o -> o.arrivedOn().isEmpty() || o.arrivedOn().get().isBefore(arrived));
    if (days < 0 || days >= DAYS || !metOthers) {
      return Optional.empty();
    }
    return Optional.of(
        finding(Severity.WATCH, Step.RESIDENTS)
            .who(r)
            .what("{}: here for {}, and already with others.", r.words(), Quantity.days(days))
            .why("What it carries shows in weeks; by then all have it.")
            .remedy(
                "A tub of its own until {}: bare, with its own net and bucket, tended last.",
                arrived.plusDays(DAYS))
            .build());
  }
}

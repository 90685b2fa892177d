package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Purpose;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import app.islet.core.text.English;
import com.google.auto.service.AutoService;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;

/** An animal that lives in what is meant to hold it for a time. */
@AutoService(Rule.class)
public final class HeldTooLong implements ResidentRule {
  /** From so many times the usual days on it lives there. */
  private static final int TIMES = 2;

  @Override
  public String id() {
    return "held-too-long";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Purpose purpose = s.enclosure().purpose();
    if (purpose.longestDays().isEmpty() || r.arrivedOn().isEmpty()) {
      return Optional.empty();
    }
    LocalDate arrived = r.arrivedOn().get();
    long days = ChronoUnit.DAYS.between(arrived, s.date());
    int most = purpose.longestDays().getAsInt();
    if (days <= most) {
      return Optional.empty();
    }
    return Optional.of(
        finding(days > TIMES * most ? Severity.WRONG : Severity.WATCH, Step.RESIDENTS)
            .who(r)
            .what(
                "{} {} in it since {}: {}, and such tubs hold an animal for {} at most.",
                r.words(),
                r.count() == 1 ? "is" : "are",
                English.day(arrived),
                Quantity.days(days),
                Quantity.days(most))
            .why("It is made to be cleaned and looked into, not to be lived in.")
            .remedy(
                purpose == Purpose.HOSPITAL
                    ? "Show it to the vet, or let it go home."
                    : "Move it home, or say that this is its home and furnish it.")
            .build());
  }
}

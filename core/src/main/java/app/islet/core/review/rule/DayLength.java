package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.enclosure.Change;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.Range;
import app.islet.core.review.Finding;
import app.islet.core.review.OneCause;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Optional;
import java.util.OptionalDouble;

/** Lights on for too long or too short a day. */
@AutoService(Rule.class)
public final class DayLength implements OneCause {
  @Override
  public String id() {
    return "day-length";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Optional<Needs.Daylight> need = r.stage().needs().daylight();
    OptionalDouble set = s.enclosure().conditions().lightHours();
    if (need.isEmpty() || set.isEmpty() || s.enclosure().site().outdoors()) {
      return Optional.empty();
    }
    Range want = need.get().hours();
    double hours = set.getAsDouble();
    if (want.contains(hours)) {
      return Optional.empty();
    }
    boolean dark = hours < want.min();
    double aim = dark ? want.min() : want.max();
    return Optional.of(
        finding(hours > 18 ? Severity.WRONG : Severity.WATCH, Step.LIGHT)
            .who(r)
            .basis(need.get().basis())
            .what(
                "{} of light a day; {} should have {}.",
                hours(hours),
                r.words(),
                Phrase.range(want, Dimension.HOURS))
            .why(
                dark
                    ? "It basks and feeds by day and has too little of it."
                    : "Without a night it does not rest, and algae take over.")
            .remedy(
                new Change("/conditions/lightHours", aim), "Set the timer to {} a day.", hours(aim))
            .build());
  }

  private static Quantity hours(double h) {
    return new Quantity(Dimension.HOURS, h);
  }
}

package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.Range;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Optional;
import java.util.OptionalDouble;

/** Water too soft or too hard. */
@AutoService(Rule.class)
public final class HardnessOff implements ResidentRule {
  @Override
  public String id() {
    return "hardness-off";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Optional<Range> need = r.stage().needs().chemistry().flatMap(Needs.Chemistry::hardnessDh);
    OptionalDouble measured = s.waterState().hardnessDh();
    if (need.isEmpty() || measured.isEmpty() || !s.geometry().hasWater()) {
      return Optional.empty();
    }
    double dh = measured.getAsDouble();
    if (need.get().contains(dh)) {
      return Optional.empty();
    }
    return Optional.of(
        finding(Severity.WATCH, Step.WATER)
            .who(r)
            .basis(r.stage().needs().chemistry().get().basis())
            .what(
                "A hardness of {}; {} should have {}.",
                new Quantity(Dimension.HARDNESS, dh),
                r.words(),
                Phrase.range(need.get(), Dimension.HARDNESS))
            .why(
                dh < need.get().min()
                    ? "Soft water lacks the calcium shell and bone are made of, and its pH falls without warning."
                    : "Very hard water leaves crusts on glass and skin.")
            .remedy(
                dh < need.get().min()
                    ? "Mix in harder water, or a bag of crushed coral in the filter."
                    : "Mix in rain or reverse-osmosis water, a little at each change.")
            .build());
  }
}

package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** More animals of a kind than keep the peace. */
@AutoService(Rule.class)
public final class GroupTooLarge implements ResidentRule {
  @Override
  public String id() {
    return "group-too-large";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Needs.Group group = r.stage().needs().group();
    int together =
        s.residents().stream()
            .filter(o -> o.sheet().kind().equals(r.sheet().kind()))
            .mapToInt(Resident::count)
            .sum();
    boolean first =
        s.residents().stream()
            .filter(o -> o.sheet().kind().equals(r.sheet().kind()))
            .findFirst()
            .filter(o -> o == r)
            .isPresent();
    if (!first || together <= group.most() && together >= group.least()) {
      return Optional.empty();
    }
    if (together > group.most()) {
      return Optional.of(
          finding(Severity.WRONG, Step.RESIDENTS)
              .who(r)
              .basis(group.basis())
              .what(
                  "{} together; at most {} of {} in one enclosure.",
                  Quantity.count(together),
                  Quantity.count(group.most()),
                  r.words())
              .why("The weakest is bitten, starved or kept from the water.")
              .remedy("House {} elsewhere.", Quantity.count(together - group.most()))
              .build());
    }
    return Optional.of(
        finding(Severity.WATCH, Step.RESIDENTS)
            .who(r)
            .basis(group.basis())
            .what(
                "{} alone; at least {} keep each other at ease.",
                r.words(),
                Quantity.count(group.least()))
            .why("Alone it hides and eats badly.")
            .remedy(
                "Add {} of the same size after quarantine.",
                Quantity.count(group.least() - together))
            .build());
  }
}

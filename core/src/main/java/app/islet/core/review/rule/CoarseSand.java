package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Habitat;
import app.islet.core.care.SubstrateMaterial;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** Sand that is not fine, under an animal that gulps its food from the ground. */
@AutoService(Rule.class)
public final class CoarseSand implements ResidentRule {
  /** What is finer passes through a gut; common practice, no source. */
  private static final double FINE_MM = 1;

  @Override
  public String id() {
    return "coarse-sand";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    double mm = s.enclosure().ground().grainMm().orElse(0);
    boolean gulps = r.sheet().group().isAmphibian();
    boolean sand = s.enclosure().ground().asMet(r.headCm()) == SubstrateMaterial.SAND;
    // That all sand is harmful, by the school that says so, is told by another rule.
    boolean harmful = r.stage().needs().ground().never().contains(SubstrateMaterial.SAND);
    if (!gulps || !sand || harmful || mm <= FINE_MM || r.stage().habitat() == Habitat.LAND) {
      return Optional.empty();
    }
    return Optional.of(
        finding(Severity.WATCH, Step.BUILD)
            .who(r)
            .at("ground")
            .basis(r.stage().needs().ground().basis())
            .what("Sand with grains of {} under {}.", Quantity.mm(mm), r.words())
            .why(
                "It gulps its food with what lies round it; grains over a millimetre may stay in the gut.")
            .remedy("Sand finer than {}, or a bare floor.", Quantity.mm(FINE_MM))
            .build());
  }
}

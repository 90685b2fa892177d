package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Hazard;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import app.islet.core.text.English;
import com.google.auto.service.AutoService;
import java.util.stream.Stream;

/** Animals that carry Salmonella or poison in a household with small children. */
@AutoService(Rule.class)
public final class SmallChildren implements Rule {
  @Override
  public String id() {
    return "small-children";
  }

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    String kinds =
        s.residents().stream()
            .map(Resident::sheet)
            .filter(x -> x.hasHazard(Hazard.SALMONELLA) || x.hasHazard(Hazard.SKIN_TOXIN))
            .map(CareSheet::plural)
            .distinct()
            .collect(English.listing());
    if (kinds.isEmpty() || !s.enclosure().site().smallChildren()) {
      return Stream.empty();
    }
    return Stream.of(
        finding(Severity.WATCH, Step.PEOPLE)
            .what("Small children in a household with: {}.", kinds)
            .why(
                "Salmonella and skin poisons harm children under five most, and they need not touch the animal: a floor it walked on is enough.")
            .remedy(
                "A lid or door they cannot open; no animal outside its box; wash their hands too.")
            .remedy("Ask the paediatrician before you bring one home.")
            .build());
  }
}

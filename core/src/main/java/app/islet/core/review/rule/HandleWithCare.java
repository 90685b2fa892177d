package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Hazard;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.stream.Stream;

/** How an animal that bites, pinches or poisons is touched. */
@AutoService(Rule.class)
public final class HandleWithCare implements Rule {
  @Override
  public String id() {
    return "handle-with-care";
  }

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    return s.residents().stream().map(Resident::sheet).map(this::found).distinct();
  }

  private Finding found(CareSheet sheet) {
    return finding(Severity.NOTE, Step.PEOPLE)
        .basis(sheet.people().basis())
        .what("Handling: {}.", sheet.plural())
        .why(sheet.people().handling())
        .remedy(
            sheet.hasHazard(Hazard.SKIN_TOXIN)
                ? "Its skin is poisonous: gloves without powder, hands away from the eyes, out of reach of children and pets."
                : "Wash hands before and after.")
        .build();
  }
}

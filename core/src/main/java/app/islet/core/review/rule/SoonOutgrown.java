package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.Outlook;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import app.islet.core.text.English;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** Floor or water that fails within the months of growth a school counts in; a year for most. */
@AutoService(Rule.class)
public final class SoonOutgrown implements ResidentRule {
  @Override
  public String id() {
    return "soon-outgrown";
  }

  private static boolean tooSmall(HusbandryState s, Resident r) {
    Needs.Space space = r.stage().needs().space();
    return s.geometry().footprintCm2() < space.floorCm2For(r.count())
        || s.geometry().waterL() < space.waterLFor(r.count(), r.bodyCm()).orElse(0);
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    int days = 0;
    if (tooSmall(s, r)) {
      return Optional.empty();
    }
    for (int month = 1; month <= r.stage().needs().space().ahead().months(); month++) {
      days = Outlook.days(month);
      Resident grown = r.after(days);
      if (tooSmall(s, grown)) {
        return Optional.of(
            finding(Severity.WATCH, Step.BUILD)
                .who(r)
                .basis(r.sheet().growth().basis())
                .what(
                    "Outgrown about {} ({}): {} should then measure {}.",
                    Quantity.months(month),
                    English.month(s.date().plusDays(days)),
                    r.words(),
                    Quantity.cm(grown.bodyCm()))
                .why(
                    "An average of many animals: yours may be half as fast or twice. Measure, and Islet corrects it.")
                .remedy(
                    "Plan a floor of {} by {}.",
                    Quantity.cm2(grown.stage().needs().space().floorCm2For(r.count())),
                    s.date().plusDays(days))
                .build());
      }
    }
    return Optional.empty();
  }
}

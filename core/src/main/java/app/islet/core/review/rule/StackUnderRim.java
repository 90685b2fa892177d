package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Surface;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Lid;
import app.islet.core.enclosure.Stones;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.Margin;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** A stack of stones from which a climber gains the open rim. */
@AutoService(Rule.class)
public final class StackUnderRim implements ResidentRule {
  @Override
  public String id() {
    return "stack-under-rim";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Optional<Stones> stones = s.enclosure().furnishings().stones();
    if (stones.isEmpty() || s.enclosure().lid() != Lid.NONE) {
      return Optional.empty();
    }
    double gains = r.bodyCm() * Math.max(1, r.stage().needs().locomotion().gainShare());
    double rim = s.enclosure().vessel().heightCm();
    double top = stones.get().topCm();
    double most = Math.floor(rim - gains);
    Optional<Severity> grade =
        Margin.below(
            rim - top,
            gains,
            Dimension.LENGTH,
            r.stage().needs().locomotion().basis(),
            Severity.WRONG);
    if (r.stage().needs().locomotion().slopeDegOn(Surface.ROUGH) == 0 || grade.isEmpty()) {
      return Optional.empty();
    }
    Finding.Builder finding =
        finding(grade.get(), Step.BUILD)
            .who(r)
            .basis(r.stage().needs().locomotion().basis())
            .what(
                "The stones end {} below the open rim; a climb of {} for {}.",
                Quantity.cm(rim - top),
                Quantity.cm(gains),
                r.words())
            .why(
                "Everything climbs better than thought; it falls, or dries out behind a cupboard.");
    if (most > 0) {
      finding.remedy(
          new Change("/furnishings/stones/topCm", most),
          "Take the stack down to {}.",
          Quantity.cm(most));
    }
    return Optional.of(finding.remedy("Fit a lid.").build());
  }
}

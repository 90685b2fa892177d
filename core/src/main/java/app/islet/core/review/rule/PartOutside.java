package app.islet.core.review.rule;

import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.enclosure.Vessel;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.stream.Stream;

/** A part that does not fit where it is drawn: figures and judgements leave it out there. */
@AutoService(Rule.class)
public final class PartOutside implements Rule {
  @Override
  public String id() {
    return "part-outside";
  }

  /** Drawn by hand, so not to the hair. */
  private static final double SLACK_CM = 0.5;

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    Vessel vessel = s.enclosure().vessel();
    return s.enclosure().furnishings().parts().stream()
        .filter(part -> !part.kind().isDevice() && part.kind() != FurnishingKind.BASKING_BOX)
        .filter(part -> isOutside(part, vessel))
        .map(
            part ->
                finding(Severity.WATCH, Step.BUILD)
                    .at(part.id())
                    .what(
                        "The {} \"{}\" does not fit into the vessel where it is drawn.",
                        part.kind().words(),
                        part.id())
                    .why("What sticks out is not counted.")
                    .remedy("Move it inside, or make it smaller.")
                    .build());
  }

  private static boolean isOutside(Furnishing part, Vessel vessel) {
    return part.leftCm() < -SLACK_CM
        || part.backCm() < -SLACK_CM
        || part.leftCm() + part.spanX() > vessel.lengthCm() + SLACK_CM
        || part.backCm() + part.spanY() > vessel.widthCm() + SLACK_CM;
  }
}

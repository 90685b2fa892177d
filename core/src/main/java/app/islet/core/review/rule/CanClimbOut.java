package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.AnimalGroup;
import app.islet.core.care.Needs;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Lid;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.OneCause;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** A climber or jumper, and an open top within its reach. */
@AutoService(Rule.class)
public final class CanClimbOut implements OneCause {
  @Override
  public String id() {
    return "can-climb-out";
  }

  /** Nearer than that to what is needed it is a matter of watching. */
  private static final double NEAR = 0.8;

  /**
   * What the rim stands over the highest foothold. A turtle that stands up against a wall reaches
   * about as high as its shell is long: from water no higher than its sheet says, from land all of
   * it; common practice, no source.
   */
  private static double neededCm(Resident r, boolean fromWater) {
    double stated = r.stage().needs().escape().freeboardCm();
    if (r.sheet().group() != AnimalGroup.TURTLE) {
      return stated;
    }
    return fromWater ? Math.min(stated, r.bodyCm()) : r.bodyCm();
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Needs.Escape escape = r.stage().needs().escape();
    if (s.enclosure().lid() != Lid.NONE) {
      return Optional.empty();
    }
    boolean outdoors = s.enclosure().site().outdoors();
    String close =
        outdoors
            ? "A smooth fence round pond and shore with an edge inwards, its foot in the ground; or a net over it all."
            : "Fit a lid without gaps.";
    if (escape.lid()) {
      return Optional.of(
          finding(outdoors ? Severity.WRONG : Severity.DANGER, Step.BUILD)
              .who(r)
              .at("lid")
              .basis(escape.basis())
              .what("Open top over {}.", r.words())
              .why(
                  outdoors
                      ? "It wanders off over land when it leaves the water."
                      : "It climbs glass corners, cables and tubes, and is found dried on the floor.")
              .remedy(close)
              .build());
    }
    double rim = s.rimAboveFootholdCm(r);
    boolean waterDecides = Math.abs(rim - s.geometry().freeboardCm()) < 1e-9;
    double needed = neededCm(r, waterDecides);
    if (rim >= needed) {
      return Optional.empty();
    }
    double depth = s.enclosure().water().depthCm() - (needed - rim);
    Finding.Builder finding =
        finding(rim < NEAR * needed ? Severity.WRONG : Severity.WATCH, Step.BUILD)
            .who(r)
            .at("lid")
            .basis(escape.basis())
            .what(
                "The rim stands {} above the highest foothold of {}; {} needed.",
                Quantity.cm(rim),
                r.words(),
                Quantity.cm(needed))
            .why("It gains the rim and falls, or dries out where nobody looks.");
    if (waterDecides && depth > 0) {
      finding.remedy(
          new Change("/water/depthCm", depth), "Lower the water to {}.", Quantity.cm(depth));
    }
    return Optional.of(finding.remedy(outdoors ? close : "Fit a lid.").build());
  }
}

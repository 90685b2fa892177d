package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Lid;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** A pond or run under the sky that herons, crows, rats and raccoons reach into. */
@AutoService(Rule.class)
public final class OpenToPredators implements ResidentRule {
  /** What is longer no heron swallows and no crow carries off; common practice, no source. */
  private static final double TOO_LARGE_CM = 12;

  @Override
  public String id() {
    return "open-to-predators";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    if (!s.enclosure().site().outdoors() || s.enclosure().lid() != Lid.NONE) {
      return Optional.empty();
    }
    boolean small = r.bodyCm() < TOO_LARGE_CM;
    return Optional.of(
        finding(small ? Severity.WATCH : Severity.NOTE, Step.SITE)
            .who(r)
            .at("lid")
            .what("No net over {}, {} long.", r.words(), Quantity.cm(r.bodyCm()))
            .why(
                small
                    ? "Herons, crows, rats and raccoons take what is so small within days."
                    : "Raccoons, foxes and dogs bite legs off where they get in at night.")
            .remedy(
                "A net with meshes narrower than its head, a hand above the water; shelter at the bank.")
            .build());
  }
}

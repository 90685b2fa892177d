package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.geometry.Reachability;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** Water with a roof so wide that what breathes air finds none in time. */
@AutoService(Rule.class)
public final class UnderRoof implements ResidentRule {
  @Override
  public String id() {
    return "under-roof";
  }

  /** So many body lengths sideways to air are easily swum; common practice, no source. */
  private static final double EASY_LENGTHS = 5;

  private static final double FAR_LENGTHS = 10;

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    double far = s.reach(r).map(Reachability::farthestAirCm).orElse(0.0);
    double lengths = far / r.bodyCm();
    if (r.stage().needs().locomotion().underMinutes() == 0 || lengths <= EASY_LENGTHS) {
      return Optional.empty();
    }
    return Optional.of(
        finding(lengths > FAR_LENGTHS ? Severity.WRONG : Severity.WATCH, Step.BUILD)
            .who(r)
            .what(
                "Under a roof in the water {} is up to {} from air, {} of its lengths.",
                r.words(),
                Quantity.cm(far),
                Quantity.count(Math.round(lengths)))
            .why("A frightened or weak one swims up, not sideways, and drowns under it.")
            .remedy("A smaller float or shelf, or open water on all sides of it.")
            .build());
  }
}

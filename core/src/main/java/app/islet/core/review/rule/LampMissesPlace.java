package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Optional;

/** A basking lamp that shines where nobody lies. */
@AutoService(Rule.class)
public final class LampMissesPlace implements ResidentRule {
  @Override
  public String id() {
    return "lamp-misses-place";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    List<Furnishing> lamps =
        s.enclosure().furnishings().parts().stream()
            .filter(p -> p.kind() == FurnishingKind.BASKING_LAMP)
            .toList();
    boolean basks = r.stage().needs().basking().isPresent();
    if (!basks
        || lamps.isEmpty()
        || s.basking(r).filter(place -> place.bodies() > 0).isEmpty()
        || s.basking(r, lamps).filter(place -> place.bodies() > 0).isPresent()) {
      return Optional.empty();
    }
    return Optional.of(
        finding(Severity.WRONG, Step.LIGHT)
            .who(r)
            .at(lamps.get(0).id())
            .what(
                "The basking lamp shines on no dry place with room for the whole body of {}.",
                r.words())
            .why("It can only warm up on dry land; heat beside the land does not reach it.")
            .remedy("Hang the lamp over the dry place, or higher, where its cone is wider.")
            .build());
  }
}

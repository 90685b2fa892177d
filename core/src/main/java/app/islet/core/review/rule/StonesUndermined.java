package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.AnimalGroup;
import app.islet.core.enclosure.Stones;
import app.islet.core.geometry.StructuralLoad;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Comparator;
import java.util.Optional;

/** Stones on ground that an animal digs away from under them. */
@AutoService(Rule.class)
public final class StonesUndermined implements ResidentRule {
  @Override
  public String id() {
    return "stones-undermined";
  }

  /** Higher than this a falling stone breaks glass or shell; common practice, no source. */
  private static final double HEAVY_CM = 8;

  /** The same of one stone of known mass; common practice, no source. */
  private static final double HEAVY_KG = 1;

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    boolean digs =
        r.sheet().group() == AnimalGroup.TURTLE || r.stage().needs().land().minDepthCm() > 0;
    if (!digs || s.enclosure().ground().depthCm() == 0) {
      return Optional.empty();
    }
    Optional<Stones> stones =
        s.enclosure()
            .furnishings()
            .stones()
            .filter(x -> x.footing() == Stones.Footing.GROUND)
            .filter(x -> x.topCm() >= HEAVY_CM);
    Finding.Builder finding = finding(Severity.WRONG, Step.BUILD).who(r);
    if (stones.isPresent()) {
      finding
          .at("stones")
          .what(
              "Stones up to {} stand on {} that {} can dig away.",
              Quantity.cm(stones.get().topCm()),
              s.enclosure().ground().material().words(),
              r.words());
    } else {
      Optional<StructuralLoad.Standing> heaviest =
          StructuralLoad.standing(s.enclosure()).stream()
              .filter(StructuralLoad.Standing::onGround)
              .max(Comparator.comparingDouble(StructuralLoad.Standing::kg))
              .filter(x -> x.kg() >= HEAVY_KG);
      if (heaviest.isEmpty()) {
        return Optional.empty();
      }
      finding
          .at(heaviest.get().id())
          .what(
              "A {} of about {} stands on {} that {} can dig away.",
              heaviest.get().kind().words(),
              Quantity.kilograms(heaviest.get().kg()),
              s.enclosure().ground().material().words(),
              r.words());
    }
    return Optional.of(
        finding
            .why("Undermined, they slide onto the animal or through the glass.")
            .remedy("Stand them on padding on the vessel's floor first, then fill in the ground.")
            .remedy("Arrange them dry, outside, and glue what is stacked.")
            .build());
  }
}

package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.Range;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** No fresh water to drink, or no salt pool for a crab that needs both. */
@AutoService(Rule.class)
public final class PoolsMissing implements ResidentRule {
  private static final ByGroup FRESH =
      new ByGroup(
          "It must drink fresh water.",
          "It drinks through its skin: it must be able to sit in fresh water.",
          "It must drink fresh water and wet its gills in it.");

  @Override
  public String id() {
    return "pools-missing";
  }

  /** Water below this counts as fresh, above the other as salt, g/kg; common practice. */
  private static final double FRESH_PPT = 1;

  private static final double SALT_PPT = 20;

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Optional<Needs.Pools> need = r.stage().needs().pools();
    if (need.isEmpty()) {
      return Optional.empty();
    }
    Needs.Pools pools = need.get();
    boolean noFresh = pools.fresh() && !found(s, r, pools, 0, FRESH_PPT);
    boolean noSalt = pools.salt() && !found(s, r, pools, SALT_PPT, 45);
    if (!noFresh && !noSalt) {
      return Optional.empty();
    }
    return Optional.of(
        finding(Severity.WRONG, Step.BUILD)
            .who(r)
            .basis(pools.basis())
            .what(
                "No {} pool of {} or deeper for {}.",
                noFresh && noSalt ? "fresh and no salt" : noFresh ? "fresh" : "salt",
                Quantity.cm(pools.depthCm()),
                r.words())
            .why(
                noFresh ? FRESH.of(r) : "It balances the salt in its body and its shell from both.")
            .remedy(
                "A dish {} deep with a rough slope out of it{}.",
                Quantity.cm(pools.depthCm()),
                noSalt ? "; marine salt in dechlorinated water, never table salt" : "")
            .build());
  }

  private static boolean found(
      HusbandryState s, Resident r, Needs.Pools pools, double fromPpt, double toPpt) {
    Range ppt = new Range(fromPpt, toPpt);
    boolean main =
        s.geometry().hasWater()
            && s.enclosure().water().depthCm() >= pools.depthCm()
            && ppt.contains(s.enclosure().water().salinityPpt());
    return main
        || s.enclosure().furnishings().dishes().stream()
            .filter(d -> d.areaCm2().orElse(Double.MAX_VALUE) >= r.bodyCm() * r.widthCm())
            .anyMatch(d -> d.depthCm() >= pools.depthCm() && ppt.contains(d.salinityPpt()));
  }
}

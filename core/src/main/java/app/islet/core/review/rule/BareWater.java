package app.islet.core.review.rule;

import app.islet.core.enclosure.Chemistry;
import app.islet.core.enclosure.WaterSource;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.stream.Stream;

/** Rain or reverse-osmosis water alone: nothing in it holds the pH or feeds shell and bone. */
@AutoService(Rule.class)
public final class BareWater implements Rule {
  @Override
  public String id() {
    return "bare-water";
  }

  /** Below this the water counts as bare, °dH; common practice, no source. */
  private static final double SOFT_DH = 3;

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    Chemistry water = s.enclosure().water().chemistry();
    boolean bare = water.source().filter(WaterSource::isBare).isPresent();
    boolean hardened = water.hardnessDh().orElse(0) >= SOFT_DH;
    boolean salted = s.enclosure().water().salinityPpt() > 1;
    if (!bare || hardened || salted || !s.geometry().hasWater() || s.residents().isEmpty()) {
      return Stream.empty();
    }
    return Stream.of(
        finding(Severity.WATCH, Step.WATER)
            .what("Filled with {} water, no minerals stated.", water.source().get().words())
            .why(
                "Without minerals the pH falls overnight, the filter stops, and shell and bone lack calcium.")
            .remedy(
                "Mix it half and half with dechlorinated tap water, or add minerals, and enter the hardness.")
            .build());
  }
}

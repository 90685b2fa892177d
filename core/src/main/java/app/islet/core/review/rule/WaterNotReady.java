package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.enclosure.WaterSource;
import app.islet.core.review.Finding;
import app.islet.core.review.OneCause;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** Water that comes with chlorine, or from a source the school does not use. */
@AutoService(Rule.class)
public final class WaterNotReady implements OneCause {
  @Override
  public String id() {
    return "water-not-ready";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Optional<WaterSource> source = s.enclosure().water().chemistry().source();
    if (source.isEmpty()) {
      return Optional.empty();
    }
    if (source.get() == WaterSource.TAP) {
      boolean skin = r.sheet().group().isAmphibian();
      return Optional.of(
          finding(skin ? Severity.DANGER : Severity.WRONG, Step.WATER)
              .who(r)
              .what("Tap water that is not dechlorinated for {}.", r.words())
              .why("Chlorine and chloramine burn skin and gills and kill the filter's bacteria.")
              .remedy(
                  "Dechlorinate every drop, conditioner by its label; chloramine does not leave by standing.")
              .build());
    }
    boolean springOnly =
        r.stage().needs().chemistry().filter(Needs.Chemistry::onlySpring).isPresent();
    if (springOnly && source.get() != WaterSource.SPRING) {
      return Optional.of(
          finding(Severity.WATCH, Step.WATER)
              .who(r)
              .basis(r.stage().needs().chemistry().get().basis())
              .what(
                  "Water from the {}; spring water for {} by the school followed.",
                  source.get().words(),
                  r.words())
              .why(
                  "With daily full changes the smallest trace of chlorine or metal adds up in a larva.")
              .remedy("Bottled spring water, still and without salt, at the tub's temperature.")
              .build());
    }
    return Optional.empty();
  }
}

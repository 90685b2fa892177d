package app.islet.core.review.rule;

import app.islet.core.care.SubstrateMaterial;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.stream.Stream;

/** Black sand that nobody held a magnet to. */
@AutoService(Rule.class)
public final class IronInSand implements Rule {
  @Override
  public String id() {
    return "iron-in-sand";
  }

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    if (s.enclosure().ground().material() != SubstrateMaterial.BLACK_SAND
        || s.enclosure().ground().magnetTested()) {
      return Stream.empty();
    }
    return Stream.of(
        finding(Severity.WATCH, Step.BUILD)
            .at("ground")
            .what("Black sand that was not tested with a magnet.")
            .why(
                "Some of it is full of iron or slag: it rusts, colours the water, and its sharp grains cut.")
            .remedy("Draw a magnet through a dry handful; if grains cling to it, take other sand.")
            .build());
  }
}

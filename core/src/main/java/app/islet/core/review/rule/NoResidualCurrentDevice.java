package app.islet.core.review.rule;

import app.islet.core.care.Evidence;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.stream.Stream;

/** Mains at the water on a socket that is known to have no residual-current device. */
@AutoService(Rule.class)
public final class NoResidualCurrentDevice implements Rule {
  @Override
  public String id() {
    return "no-residual-current-device";
  }

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    boolean known = !s.enclosure().site().residualCurrentDevice().orElse(true);
    if (!known || s.enclosure().equipment().isEmpty()) {
      return Stream.empty();
    }
    return Stream.of(
        finding(Severity.WRONG, Step.SITE)
            .basis(
                Evidence.published(
                    "IEC 60364-4-41: additional protection by residual-current devices of 30 mA or less"))
            .what("The socket has no residual-current device.")
            .why("A cracked heater puts the mains on the water and on the hand in it.")
            .remedy(
                "Have an electrician fit one, 30 mA; until then a portable one, and unplug before you reach in.")
            .build());
  }
}

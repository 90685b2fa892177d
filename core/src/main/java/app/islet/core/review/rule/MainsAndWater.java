package app.islet.core.review.rule;

import app.islet.core.care.Evidence;
import app.islet.core.enclosure.Equipment;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.stream.Stream;

/** The usual cautions where mains electricity meets water, or a lamp meets anything. */
@AutoService(Rule.class)
public final class MainsAndWater implements Rule {
  @Override
  public String id() {
    return "mains-and-water";
  }

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    boolean mains = !s.enclosure().equipment().isEmpty();
    boolean lamp = s.enclosure().has(Equipment.BaskingLamp.class);
    Stream.Builder<Finding> found = Stream.builder();
    if (mains) {
      found.add(
          finding(Severity.NOTE, Step.PEOPLE)
              .basis(
                  Evidence.published(
                      "IEC 60364-4-41: additional protection by residual-current devices of 30 mA or less"))
              .what("Mains devices at the water.")
              .why("A cracked heater or a wet plug can kill.")
              .remedy(
                  "Residual-current device, drip loops, and unplug before you reach in. When in doubt ask an electrician; local rules decide.")
              .build());
    }
    if (lamp) {
      found.add(
          finding(Severity.NOTE, Step.PEOPLE)
              .what("A basking lamp.")
              .why("A fallen or too near lamp sets wood and plastic on fire.")
              .remedy(
                  "Hang it by chain, not by its clamp alone, away from wood and plastic; a cage where it could be splashed.")
              .build());
    }
    return found.build();
  }
}

package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.light.Glare;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** A lamp that shines level into the eyes of who basks. */
@AutoService(Rule.class)
public final class LampAtEyeLevel implements ResidentRule {
  @Override
  public String id() {
    return "lamp-at-eye-level";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    if (r.stage().needs().basking().isEmpty()) {
      return Optional.empty();
    }
    return Glare.of(s.enclosure(), s.geometry(), r)
        .filter(Glare::blinds)
        .map(
            glare ->
                finding(Severity.WATCH, Step.LIGHT)
                    .who(r)
                    .what(
                        "The {} stands {} over the eyes of {} where it basks; {} is the least.",
                        glare.lamp().kind().words(),
                        Quantity.degrees(Math.max(0, glare.elevationDeg())),
                        r.words(),
                        Quantity.degrees(Glare.MIN_DEG))
                    .why(
                        "Brow and lid shade an eye from above only: UVB from the side burns it, and it stays away from the light.")
                    .remedy("Hang it over the place, shining straight down, both lamps together.")
                    .at(glare.lamp().id())
                    .build());
  }
}

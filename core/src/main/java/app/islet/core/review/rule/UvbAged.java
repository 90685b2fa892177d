package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.enclosure.Equipment;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.OneCause;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import app.islet.core.text.English;
import com.google.auto.service.AutoService;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;

/** A UVB tube older than its useful life. */
@AutoService(Rule.class)
public final class UvbAged implements OneCause {
  @Override
  public String id() {
    return "uvb-aged";
  }

  /** Past its time by this factor it is not late but useless; common practice, no source. */
  private static final double SPENT = 2;

  private static final int WARN_DAYS = 14;

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    if (r.stage().needs().uv().isEmpty()) {
      return Optional.empty();
    }
    Needs.Tube tube = r.stage().needs().uv().get().tube();
    int serves = tube.days();
    Optional<LocalDate> fitted =
        s.enclosure()
            .all(Equipment.UvbLamp.class)
            .flatMap(lamp -> lamp.fittedOn().stream())
            .min(LocalDate::compareTo);
    if (fitted.isEmpty()) {
      return Optional.empty();
    }
    long days = ChronoUnit.DAYS.between(fitted.get(), s.date());
    if (days < serves - WARN_DAYS) {
      return Optional.empty();
    }
    Severity severity = days >= SPENT * serves ? Severity.WRONG : Severity.WATCH;
    Finding.Builder finding =
        finding(severity, Step.LIGHT)
            .who(r)
            .basis(tube.basis())
            .what(
                "The UVB tube is {} old; it serves {} by the school followed.",
                Quantity.days(days),
                Quantity.months(tube.months()))
            .why("It fades long before it goes dark; the eye cannot see it.");
    return Optional.of(
        severity == Severity.WRONG
            ? finding.remedy("Replace the tube now and note the date.").build()
            : finding
                .remedy(
                    "Replace the tube by {}, or go by a UV meter.",
                    English.day(tube.replacedOn(fitted.get())))
                .build());
  }
}

package app.islet.core.review.rule;

import app.islet.core.animal.Cohort;
import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Range;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Residents whose water temperatures do not meet. */
@AutoService(Rule.class)
public final class NoCommonClimate implements Rule {
  @Override
  public String id() {
    return "no-common-climate";
  }

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    List<Resident> all = s.cohorts().stream().map(Cohort::all).toList();
    return all.stream().flatMap(r -> judge(r, all).stream());
  }

  private Optional<Finding> judge(Resident r, List<Resident> all) {
    Optional<Needs.Temperature> own = r.stage().needs().water();
    return own.flatMap(
        temperature ->
            all.stream()
                .takeWhile(earlier -> earlier != r)
                .filter(earlier -> isApart(earlier, temperature.toleratedC()))
                .findFirst()
                .map(earlier -> found(earlier, r, temperature)));
  }

  private static boolean isApart(Resident other, Range toleratedC) {
    return other
        .stage()
        .needs()
        .water()
        .filter(t -> t.toleratedC().overlap(toleratedC).isEmpty())
        .isPresent();
  }

  private Finding found(Resident earlier, Resident r, Needs.Temperature temperature) {
    Range theirs = earlier.stage().needs().water().orElseThrow().toleratedC();
    return finding(Severity.DANGER, Step.RESIDENTS)
        .who(r)
        .basis(temperature.basis())
        .what(
            "{} tolerate water of {}, {} of {}: no temperature serves both.",
            earlier.words(),
            Phrase.range(theirs, Dimension.TEMPERATURE),
            r.words(),
            Phrase.range(temperature.toleratedC(), Dimension.TEMPERATURE))
        .why("One of them would live in water that harms it.")
        .remedy("Keep them in separate enclosures.")
        .build();
  }
}

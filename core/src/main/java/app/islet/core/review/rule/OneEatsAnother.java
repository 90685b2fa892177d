package app.islet.core.review.rule;

import app.islet.core.animal.Cohort;
import app.islet.core.animal.Resident;
import app.islet.core.animal.TooSmallBeside;
import app.islet.core.care.Evidence;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.Margin;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** An animal that fits another's mouth, or is small enough to be bitten: by the largest of them. */
@AutoService(Rule.class)
public final class OneEatsAnother implements Rule {
  /** How wide a mouth opens is from memory: surely so wide only where it has so much to spare. */
  private static final double UNSURE = 1.05;

  @Override
  public String id() {
    return "one-eats-another";
  }

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    List<Cohort> cohorts = s.cohorts();
    List<Resident> all = cohorts.stream().flatMap(c -> c.sizes().stream()).toList();
    return cohorts.stream().flatMap(c -> judge(c, all).stream());
  }

  /** What threatens the smallest of them that is threatened most. */
  private Optional<Finding> judge(Cohort cohort, List<Resident> all) {
    return cohort.sizes().stream()
        .flatMap(small -> judge(small, all).stream())
        .reduce((a, b) -> b.severity().compareTo(a.severity()) <= 0 ? b : a);
  }

  private Optional<Finding> judge(Resident small, List<Resident> all) {
    Comparator<Resident> bySize = Comparator.comparingDouble(Resident::bodyCm);
    List<Resident> larger = all.stream().filter(big -> small.bodyCm() < big.bodyCm()).toList();
    Optional<Resident> eater = larger.stream().filter(big -> big.swallows(small)).max(bySize);
    if (eater.isPresent()) {
      return eater.map(big -> eaten(small, big));
    }
    return larger.stream()
        .filter(big -> small.bodyCm() / big.bodyCm() < TooSmallBeside.neededRatio(small, big))
        .min(
            Comparator.comparing((Resident big) -> severity(small, big))
                .thenComparing(bySize.reversed()))
        .map(big -> bitten(small, big));
  }

  private static Severity severity(Resident small, Resident big) {
    double needed = TooSmallBeside.neededRatio(small, big);
    return TooSmallBeside.isSameKind(small, big)
        ? Margin.below(
                small.bodyCm() / big.bodyCm(),
                needed,
                Dimension.SHARE,
                big.stage().needs().group().basis(),
                Severity.WRONG)
            .orElse(Severity.WATCH)
        : Severity.WATCH;
  }

  /**
   * How wide a mouth opens is from memory; that nobody keeps one beside another of twice its length
   * is common practice. Where both speak it is a Danger.
   */
  private Finding eaten(Resident small, Resident big) {
    boolean half = TooSmallBeside.underHalf(small.bodyCm(), big.bodyCm());
    boolean surely = big.gapes(UNSURE, small);
    return finding(half && surely ? Severity.DANGER : Severity.WRONG, Step.RESIDENTS)
        .who(small)
        .basis(half ? Evidence.PRACTICE : Evidence.MEMORY)
        .what(
            "{} ({}) can be swallowed by {} ({}).",
            small.words(),
            Quantity.cm(small.bodyCm()),
            big.words(),
            Quantity.cm(big.bodyCm()))
        .why("What fits the mouth is swallowed, kin or not.")
        .remedy("Keep them apart.")
        .build();
  }

  private Finding bitten(Resident small, Resident big) {
    return finding(severity(small, big), Step.RESIDENTS)
        .who(small)
        .basis(big.stage().needs().group().basis())
        .what(
            "{} ({}) is much smaller than {} ({}).",
            small.words(),
            Quantity.cm(small.bodyCm()),
            big.words(),
            Quantity.cm(big.bodyCm()))
        .why("Tails, toes and gills are bitten off at meals; the small one starves.")
        .remedy("Sort by size; feed apart.")
        .build();
  }
}

package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.animal.TooSmallBeside;
import app.islet.core.care.CompanyKind;
import app.islet.core.care.Evidence;
import app.islet.core.care.Habitat;
import app.islet.core.enclosure.Companion;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import app.islet.core.text.English;
import com.google.auto.service.AutoService;
import java.util.Comparator;
import java.util.Optional;

/** Company without a care sheet that nips, rasps, eats or chokes an animal. */
@AutoService(Rule.class)
public final class CompanyHurts implements ResidentRule {
  private static final Evidence CHYTRID =
      Evidence.published("McMahon et al. 2013 (crayfish as carriers of chytrid), as remembered");

  @Override
  public String id() {
    return "company-hurts";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    return s.enclosure().company().stream()
        .filter(c -> c.kind().has(CompanyKind.Trait.LAND) == (r.stage().habitat() == Habitat.LAND))
        .flatMap(c -> judge(c, r).stream())
        .min(Comparator.comparing(Finding::severity));
  }

  private Optional<Finding> judge(Companion c, Resident r) {
    if (c.kind().mouthShare() * c.bodyCm() >= r.widthCm()) {
      boolean half = TooSmallBeside.underHalf(r.bodyCm(), c.bodyCm());
      return Optional.of(
          finding(half ? Severity.DANGER : Severity.WRONG, Step.RESIDENTS)
              .basis(half ? Evidence.PRACTICE : Evidence.MEMORY)
              .who(r)
              .what("{} can be swallowed by {}.", English.capital(r.words()), c.words())
              .why("What fits the mouth is swallowed.")
              .remedy("Keep them apart.")
              .build());
    }
    boolean swallows = r.bodyCm() * r.sheet().body().mouthShare() >= width(c);
    if (c.kind().has(CompanyKind.Trait.SPINES) && swallows) {
      return Optional.of(
          found(
              Severity.DANGER,
              c,
              r,
              "Its spines lodge in the throat that swallows it; most die of it."));
    }
    return amphibian(r) ? onSkin(c, r) : Optional.empty();
  }

  private Optional<Finding> onSkin(Companion c, Resident r) {
    if (c.kind().has(CompanyKind.Trait.NIPS)) {
      return Optional.of(
          found(
              CopperInWater.hasGills(r) ? Severity.WRONG : Severity.WATCH,
              c,
              r,
              "They pick at gills, toes and skin, at night above all."));
    }
    if (c.kind().has(CompanyKind.Trait.RASPS)) {
      return Optional.of(found(Severity.WATCH, c, r, "They rasp the slime off a skin that rests."));
    }
    return Optional.empty();
  }

  private Finding found(Severity severity, Companion c, Resident r, String why) {
    return finding(severity, Step.RESIDENTS)
        .who(r)
        .basis(c.kind().has(CompanyKind.Trait.CHYTRID) ? CHYTRID : c.kind().basis())
        .what("{} with {}.", English.capital(c.words()), r.words())
        .why(
            c.kind().has(CompanyKind.Trait.CHYTRID)
                ? why + " They can carry the chytrid fungus too."
                : why)
        .remedy("Keep them apart.")
        .build();
  }

  private static boolean amphibian(Resident r) {
    return r.sheet().group().isAmphibian();
  }

  private static double width(Companion c) {
    return c.bodyCm() * c.kind().widthShare();
  }
}

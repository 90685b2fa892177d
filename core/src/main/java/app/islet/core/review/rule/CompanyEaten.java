package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.CompanyKind;
import app.islet.core.care.Habitat;
import app.islet.core.care.Temperament;
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

/** Company without a care sheet that will be eaten, or did not breed yet. */
@AutoService(Rule.class)
public final class CompanyEaten implements ResidentRule {
  @Override
  public String id() {
    return "company-eaten";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    return s.enclosure().company().stream()
        .filter(c -> c.kind().has(CompanyKind.Trait.LAND) == (r.stage().habitat() == Habitat.LAND))
        .flatMap(c -> told(c, r).stream())
        .min(Comparator.comparing(Finding::severity));
  }

  private Optional<Finding> told(Companion c, Resident r) {
    boolean fits = r.bodyCm() * r.sheet().body().mouthShare() >= c.bodyCm() * c.kind().widthShare();
    if (!fits) {
      return bitten(c, r);
    }
    // What its spines do is told by another rule; what breeds there lasts.
    boolean lasts = c.kind().has(CompanyKind.Trait.CLEANS) && c.established();
    return c.kind().has(CompanyKind.Trait.SPINES) || lasts
        ? Optional.empty()
        : Optional.of(judge(c, r));
  }

  /** Long fins beside one that bites. */
  private Optional<Finding> bitten(Companion c, Resident r) {
    Temperament temper = r.stage().needs().group().temperament();
    boolean bites = temper == Temperament.BITES || temper == Temperament.KILLS;
    return bites && c.kind().has(CompanyKind.Trait.FINS)
        ? Optional.of(
            finding(Severity.NOTE, Step.RESIDENTS)
                .who(r)
                .basis(c.kind().basis())
                .what("{} beside {}.", English.capital(c.words()), r.words())
                .why("Long fins are bitten off; the slow ones are eaten piece by piece.")
                .remedy("Fast fish with short fins, and expect losses.")
                .build())
        : Optional.empty();
  }

  private Finding judge(Companion c, Resident r) {
    boolean cleans = c.kind().has(CompanyKind.Trait.CLEANS);
    boolean thiaminase = c.kind().has(CompanyKind.Trait.THIAMINASE);
    return finding(thiaminase ? Severity.WATCH : Severity.NOTE, Step.RESIDENTS)
        .who(r)
        .basis(c.kind().basis())
        .what("{} fit the mouth of {}.", English.capital(c.kind().plural()), r.words())
        .why(
            thiaminase
                ? "Eaten often, they destroy a vitamin (B1) in it: cramps and death after months."
                : cleans
                    ? "Eaten before they breed, they are gone in a week and clean nothing."
                    : "They will be eaten one by one; expect losses.")
        .remedy(
            cleans
                ? "Let them breed for some weeks first, with leaves to hide in."
                : "Keep them apart, or count them as food.")
        .build();
  }
}

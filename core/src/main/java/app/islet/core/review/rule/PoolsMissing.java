package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Evidence;
import app.islet.core.care.Needs;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.Margin;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import app.islet.core.water.OneWater;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** No fresh water to drink, or no salt pool for a crab that needs both. */
@AutoService(Rule.class)
public final class PoolsMissing implements ResidentRule {
  private static final ByGroup FRESH =
      new ByGroup(
          "It must drink fresh water.",
          "It drinks through its skin: it must be able to sit in fresh water.",
          "It must drink fresh water and wet its gills in it.");

  @Override
  public String id() {
    return "pools-missing";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Optional<Needs.Pools> need = r.stage().needs().pools();
    if (need.isEmpty()) {
      return Optional.empty();
    }
    Needs.Pools pools = need.get();
    Optional<Severity> fresh = pools.fresh() ? missing(s, r, pools, false) : Optional.empty();
    Optional<Severity> salt = pools.salt() ? missing(s, r, pools, true) : Optional.empty();
    return Stream.of(fresh, salt)
        .flatMap(Optional::stream)
        .reduce(Margin::graver)
        .map(grade -> found(r, pools, grade, fresh.isPresent(), salt.isPresent()));
  }

  private Finding found(
      Resident r, Needs.Pools pools, Severity grade, boolean noFresh, boolean noSalt) {
    return finding(grade, Step.BUILD)
        .who(r)
        .basis(pools.basis())
        .what(
            grade == Severity.WATCH
                ? "The {} pool is just short of what it should be for {}: {} deep, as wide as the body."
                : "No {} pool for {}, {} or deeper and as wide as the body.",
            noFresh && noSalt
                ? grade == Severity.WATCH ? "fresh and the salt" : "fresh and no salt"
                : noFresh ? "fresh" : "salt",
            r.words(),
            Quantity.cm(pools.depthCm()))
        .why(noFresh ? FRESH.of(r) : "It balances the salt in its body and its shell from both.")
        .remedy(
            "A dish {} deep with a rough slope out of it{}.",
            Quantity.cm(pools.depthCm()),
            noSalt ? "; marine salt in dechlorinated water, never table salt" : "")
        .build();
  }

  /** By the best of the main water and the dishes; nothing where one of them will do. */
  private static Optional<Severity> missing(
      HusbandryState s, Resident r, Needs.Pools pools, boolean salt) {
    List<Optional<Severity>> grades =
        s.waters().all().stream().map(water -> grade(water, r, pools, salt)).toList();
    return grades.stream().anyMatch(Optional::isEmpty)
        ? Optional.empty()
        : Optional.of(
            grades.stream()
                .flatMap(Optional::stream)
                .reduce(Margin::milder)
                .orElse(Severity.WRONG));
  }

  /** How far one water is from what it should be, in what it is farthest off. */
  private static Optional<Severity> grade(
      OneWater water, Resident r, Needs.Pools pools, boolean salt) {
    double body = r.bodyCm() * r.widthCm();
    double ppt = water.salinityPpt();
    return Stream.of(
            Margin.below(
                water.depthCm(), pools.depthCm(), Dimension.LENGTH, pools.basis(), Severity.WRONG),
            Margin.below(
                water.areaCm2().orElse(body),
                body,
                Dimension.AREA,
                r.sheet().body().basis(),
                Severity.WRONG),
            salt
                ? Margin.below(
                    ppt, OneWater.SALT_PPT, Dimension.SALINITY, Evidence.PRACTICE, Severity.WRONG)
                : Margin.above(
                    ppt, OneWater.FRESH_PPT, Dimension.SALINITY, Evidence.PRACTICE, Severity.WRONG))
        .flatMap(Optional::stream)
        .reduce(Margin::graver);
  }
}

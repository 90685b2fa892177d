package app.islet.core.review.rule;

import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import app.islet.core.water.ChangePlan;
import app.islet.core.water.NitrateTrend;
import app.islet.core.water.Parameter;
import app.islet.core.water.WaterState;
import com.google.auto.service.AutoService;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/** Nitrate above what is aimed at, or on its way there in spite of the changes. */
@AutoService(Rule.class)
public final class NitrateHigh implements Rule {
  @Override
  public String id() {
    return "nitrate-high";
  }

  /** A test older than this says nothing about today. */
  private static final int FRESH_DAYS = 60;

  /** A colour card is off by a fifth. */
  private static final double CARD = 1.2;

  private static final double FAR_TOO_HIGH = 2;

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    if (s.waterRecord().lastTested().isEmpty() || !s.geometry().hasWater()) {
      return Stream.empty();
    }
    WaterState waterState = s.waterState();
    Optional<NitrateTrend> trend = waterState.nitrate(s.date());
    Optional<ChangePlan> plan = waterState.changes(s.date());
    OptionalDouble newest = s.waterRecord().newest(Parameter.NITRATE, s.date(), FRESH_DAYS);
    if (plan.isEmpty() || newest.isEmpty()) {
      return Stream.empty();
    }
    double now = newest.getAsDouble();
    double target = plan.get().targetMgPerL();
    boolean creeps = trend.filter(NitrateTrend::creeps).isPresent();
    if (now <= CARD * target && !creeps) {
      return Stream.empty();
    }
    Finding.Builder found =
        finding(now > FAR_TOO_HIGH * target ? Severity.WRONG : Severity.WATCH, Step.WATER)
            .why(
                "It tells of all that piles up between changes. What is the target is common practice, no source.");
    if (creeps) {
      found.what(
          "Nitrate creeps up: {} now as the ion, {} more each month; {} is the target.",
          ion(now),
          ion(trend.get().creepPerMonth()),
          ion(target));
    } else {
      found.what("{} of nitrate as the ion; {} is the target.", ion(now), ion(target));
    }
    plan.get()
        .wantedPercent()
        .ifPresent(
            percent ->
                found.remedy(
                    "{} each time instead of {}, at the same days.",
                    Quantity.percent(percent),
                    Quantity.percent(plan.get().percent())));
    plan.get()
        .wantedDays()
        .ifPresent(
            days ->
                found.remedy(
                    "Or the same share every {}.", Quantity.days(Math.max(1, Math.floor(days)))));
    return Stream.of(
        found
            .remedy("Less food, leftovers out at once, more plants.")
            .remedy("Test the new water too: it may bring nitrate with it.")
            .build());
  }

  private static Quantity ion(double asNitrogen) {
    return new Quantity(Dimension.CONCENTRATION, asNitrogen * Parameter.NITRATE.ionFactor());
  }
}

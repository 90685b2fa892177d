package app.islet.core.review.rule;

import app.islet.core.care.Evidence;
import app.islet.core.enclosure.Additives;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.Margin;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import app.islet.core.text.English;
import com.google.auto.service.AutoService;
import java.util.Optional;
import java.util.stream.Stream;

/** Salt from the kitchen, or plain salt where the sea is meant. */
@AutoService(Rule.class)
public final class WrongKindOfSalt implements Rule {
  /** Below this nobody salted it on purpose, g/kg. */
  private static final double SALTED_PPT = 0.5;

  /** From here on it is a water of the shore, which is more than sodium chloride, g/kg. */
  private static final double BRACKISH_PPT = 3;

  @Override
  public String id() {
    return "wrong-kind-of-salt";
  }

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    Optional<Additives.Salt> salt = s.enclosure().water().additives().salt();
    double ppt = s.waterState().salinityPpt();
    if (salt.isEmpty() || ppt < SALTED_PPT || !s.geometry().hasWater()) {
      return Stream.empty();
    }
    return switch (salt.get()) {
      case MARINE -> Stream.empty();
      case TABLE ->
          Stream.of(
              found(
                  Margin.above(
                          ppt, SALTED_PPT, Dimension.SALINITY, Evidence.PRACTICE, Severity.WRONG)
                      .orElse(Severity.WATCH),
                  salt.get(),
                  ppt,
                  "It is mixed with iodine and what keeps it from caking, and has nothing of calcium and magnesium."));
      case AQUARIUM ->
          ppt < BRACKISH_PPT
              ? Stream.empty()
              : Stream.of(
                  found(
                      Severity.WATCH,
                      salt.get(),
                      ppt,
                      "It is sodium chloride alone; what lives at the shore needs calcium and magnesium too."));
    };
  }

  private Finding found(Severity severity, Additives.Salt salt, double ppt, String why) {
    return finding(severity, Step.WATER)
        .at("water")
        .what(
            "{} in the water, {}.",
            English.capital(salt.words()),
            new Quantity(Dimension.SALINITY, ppt))
        .why(why)
        .remedy("Change part of the water each day for water with marine salt, or for fresh.")
        .build();
  }
}

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
import app.islet.core.water.OneWater;
import com.google.auto.service.AutoService;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;

/** Salt from the kitchen, or plain salt where the sea is meant. */
@AutoService(Rule.class)
public final class WrongKindOfSalt implements Rule {
  /** From here on it is a water of the shore, which is more than sodium chloride, g/kg. */
  private static final double BRACKISH_PPT = 3;

  @Override
  public String id() {
    return "wrong-kind-of-salt";
  }

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    Optional<Additives.Salt> salt = s.enclosure().water().additives().salt();
    return salt.isEmpty()
        ? Stream.empty()
        : s.waters().all().stream()
            .filter(OneWater::isSalted)
            .max(Comparator.comparingDouble(OneWater::salinityPpt))
            .stream()
            .flatMap(water -> judge(salt.get(), water));
  }

  private Stream<Finding> judge(Additives.Salt salt, OneWater water) {
    double ppt = water.salinityPpt();
    return switch (salt) {
      case MARINE -> Stream.empty();
      case TABLE ->
          Stream.of(
              found(
                  Margin.above(
                          ppt,
                          OneWater.SALTED_PPT,
                          Dimension.SALINITY,
                          Evidence.PRACTICE,
                          Severity.WRONG)
                      .orElse(Severity.WATCH),
                  salt,
                  water,
                  "It is mixed with iodine and what keeps it from caking, and has nothing of calcium and magnesium."));
      case AQUARIUM ->
          ppt < BRACKISH_PPT
              ? Stream.empty()
              : Stream.of(
                  found(
                      Severity.WATCH,
                      salt,
                      water,
                      "It is sodium chloride alone; what lives at the shore needs calcium and magnesium too."));
    };
  }

  private Finding found(Severity severity, Additives.Salt salt, OneWater water, String why) {
    return finding(severity, Step.WATER)
        .at("water")
        .what(
            "{} in {}, {}.",
            English.capital(salt.words()),
            water.name(),
            new Quantity(Dimension.SALINITY, water.salinityPpt()))
        .why(why)
        .remedy(
            water.isDish()
                ? "Rinse it out and fill it anew, with marine salt."
                : "Change part of the water each day for water with marine salt, or for fresh.")
        .build();
  }
}

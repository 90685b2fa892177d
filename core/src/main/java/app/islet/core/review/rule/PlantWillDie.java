package app.islet.core.review.rule;

import app.islet.core.care.Plant;
import app.islet.core.climate.Climate;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import app.islet.core.water.SaltCompany;
import com.google.auto.service.AutoService;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** A plant in water too warm, too cold or too salty for it. */
@AutoService(Rule.class)
public final class PlantWillDie implements Rule {
  @Override
  public String id() {
    return "plant-will-die";
  }

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    Optional<Double> target = s.climate().water().map(Climate.WaterClimate::targetC);
    return s.enclosure().furnishings().plants().stream()
        .filter(plant -> plant.habit() != Plant.Habit.LAND)
        .flatMap(
            plant -> {
              boolean salty =
                  s.enclosure().water().salinityPpt() > SaltCompany.FRESH_PPT && !plant.salt();
              boolean off = target.isPresent() && !plant.waterC().contains(target.get());
              return salty || off ? Stream.of(found(s, plant, salty)) : Stream.empty();
            });
  }

  private Finding found(HusbandryState s, Plant plant, boolean salty) {
    Finding.Builder finding = finding(Severity.NOTE, Step.BUILD).basis(plant.basis());
    if (salty) {
      finding.what("{} does not tolerate the salt.", plant.name());
    } else {
      finding.what(
          "{} grows at {}, and the water will not be so.",
          plant.name(),
          Phrase.range(plant.waterC(), Dimension.TEMPERATURE));
    }
    return finding
        .why("A plant that rots fouls the water it should clean.")
        .remedy("Choose among: {}.", fitting(s, salty))
        .build();
  }

  private static String fitting(HusbandryState s, boolean salty) {
    Optional<Double> target = s.climate().water().map(Climate.WaterClimate::targetC);
    String names =
        Plant.all().stream()
            .filter(p -> p.habit() != Plant.Habit.LAND && p.harms().isEmpty())
            .filter(p -> !salty || p.salt())
            .filter(p -> target.isEmpty() || p.waterC().contains(target.get()))
            .map(Plant::name)
            .collect(Collectors.joining(", "));
    return names.isEmpty() ? "plastic ones" : names + ", or plastic ones";
  }
}

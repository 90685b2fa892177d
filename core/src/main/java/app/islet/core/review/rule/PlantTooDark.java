package app.islet.core.review.rule;

import app.islet.core.care.Plant;
import app.islet.core.light.PlantLight;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import app.islet.core.text.English;
import com.google.auto.service.AutoService;
import java.util.stream.Stream;

/**
 * Plants that want more light than the lamps give, where an animal that flees light has the say.
 */
@AutoService(Rule.class)
public final class PlantTooDark implements Rule {
  @Override
  public String id() {
    return "plant-too-dark";
  }

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    PlantLight light = PlantLight.of(s.enclosure(), s.residents());
    // Only what the estimate's own range does not excuse.
    String dark =
        light.plants().stream()
            .map(PlantLight.Fed::plant)
            .filter(plant -> plant.habit() != Plant.Habit.LAND)
            .filter(
                plant ->
                    light.getsMicromol() * PlantLight.UNCERTAIN < plant.light().leastMicromol())
            .map(Plant::name)
            .collect(English.listing());
    if (dark.isEmpty()) {
      return Stream.empty();
    }
    Finding.Builder found =
        finding(Severity.NOTE, Step.LIGHT)
            .what("Too little light for {}, as drawn.", dark)
            .why(
                "A plant that dwindles fouls the water it should clean. Rough estimate, a third to three times.");
    String content = light.content().stream().map(Plant::name).collect(English.listing());
    return Stream.of(
        light
            .shyWho()
            .map(
                shy ->
                    found.remedy(
                        "{} flees the light, and that goes first: plants of the shade, as {}.",
                        shy.words(),
                        content))
            .orElseGet(
                () ->
                    found.remedy(
                        "A lamp for plants of about {}, ten hours a day; or {}.",
                        Quantity.watts(light.plantLampW()),
                        content))
            .build());
  }
}

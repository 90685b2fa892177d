package app.islet.core.review;

import app.islet.core.animal.Cohort;
import app.islet.core.animal.SpaceNeeds;
import app.islet.core.care.Needs;
import app.islet.core.care.SubstrateMaterial;
import app.islet.core.climate.Climate;
import app.islet.core.enclosure.Equipment;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.situation.HusbandryState;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What is good about a set-up: what was asked for, looked at and found right. What nobody stated or
 * measured is not praised.
 */
public record Strength(Step step, Phrase what) {
  /** All of them, in working order. */
  public static List<Strength> of(HusbandryState s, Review review) {
    return s.residents().isEmpty() ? List.of() : new Told(s, review).all();
  }

  /** What is told of one situation. */
  private static final class Told {
    private final HusbandryState s;
    private final Set<String> found;
    private final List<Strength> all = new ArrayList<>();

    private Told(HusbandryState s, Review review) {
      this.s = s;
      this.found =
          review.findings().stream()
              .filter(f -> f.severity() != Severity.NOTE)
              .map(Finding::rule)
              .collect(Collectors.toSet());
    }

    private List<Strength> all() {
      space();
      depth();
      water();
      land();
      light();
      return List.copyOf(all);
    }

    private boolean clear(String... rules) {
      return Set.of(rules).stream().noneMatch(found::contains);
    }

    private void tell(Step step, String pattern, Object... parts) {
      all.add(new Strength(step, Phrase.of(pattern, parts)));
    }

    private boolean anyNeeds(Function<Needs, ? extends Optional<?>> which) {
      return s.cohorts().stream().anyMatch(c -> which.apply(c.stage().needs()).isPresent());
    }

    private void space() {
      SpaceNeeds needs = new SpaceNeeds(s.cohorts());
      if (clear("floor-too-small")) {
        tell(
            Step.BUILD,
            "Floor enough: {} for {}, {} recommended.",
            Quantity.cm2(s.geometry().footprintCm2()),
            Cohort.words(s.cohorts()),
            Quantity.cm2(needs.floorCm2()));
      }
      OptionalDouble litres = needs.waterL();
      if (litres.isPresent() && clear("too-little-water")) {
        tell(
            Step.WATER,
            "Water enough: {}; {} recommended.",
            Quantity.litres(s.geometry().waterL()),
            Quantity.litres(litres.getAsDouble()));
      }
      if (s.heads() > 1
          && clear("group-too-large", "one-eats-another", "mixed-kinds", "sex-ratio")) {
        tell(Step.RESIDENTS, "So many can live together.");
      }
    }

    private void depth() {
      boolean swim = s.geometry().hasWater() && anyNeeds(Needs::depth);
      if (swim && clear("water-too-deep", "water-too-shallow")) {
        tell(Step.BUILD, "The water is neither too deep nor too shallow for them.");
      }
      if (s.enclosure().ground().material() != SubstrateMaterial.BARE
          && clear("harmful-ground", "ground-too-shallow")) {
        tell(Step.BUILD, "The substrate suits them.");
      }
    }

    private void water() {
      Optional<Climate.WaterClimate> water = s.climate().water();
      if (water.isPresent()
          && anyNeeds(Needs::water)
          && clear("too-warm-in-summer", "too-cold-in-winter")) {
        tell(
            Step.CLIMATE,
            "Warm and cool enough the year round: about {} to {} in the water.",
            Quantity.celsius(water.get().winterC()),
            Quantity.celsius(water.get().summerC()));
      }
      if (s.enclosure().has(Equipment.Filter.class)
          && anyNeeds(Needs::filtration)
          && clear("filter-too-weak", "filter-too-strong", "intake-unguarded")) {
        tell(Step.WATER, "The filter fits the water and the animals.");
      }
    }

    private void land() {
      boolean land =
          s.cohorts().stream().anyMatch(c -> c.stage().needs().land().necessary())
              && s.geometry().hasWater();
      if (land && clear("no-way-out", "too-few-ways-out", "wrong-habitat")) {
        tell(Step.BUILD, "They get out of the water.");
      }
      boolean hide =
          s.cohorts().stream().anyMatch(c -> c.stage().needs().shelter().hidesPerAnimal() > 0);
      if (hide && clear("too-few-hides")) {
        tell(Step.BUILD, "Hides enough.");
      }
    }

    private void light() {
      if (s.enclosure().has(Equipment.UvbLamp.class)
          && anyNeeds(Needs::uv)
          && clear("uvb-missing", "uvb-distance", "uvb-aged")) {
        tell(Step.LIGHT, "UVB as their zone wants it, as far as known.");
      }
      if (s.enclosure().has(Equipment.BaskingLamp.class)
          && anyNeeds(Needs::basking)
          && clear("no-basking-lamp", "no-basking-place", "basking-spot-estimated")) {
        tell(Step.LIGHT, "A dry place under a lamp.");
      }
    }
  }
}

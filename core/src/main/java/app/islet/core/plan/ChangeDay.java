package app.islet.core.plan;

import app.islet.core.care.Needs;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.Range;
import app.islet.core.situation.HusbandryState;
import app.islet.core.text.English;
import app.islet.core.water.ChangePlan;
import app.islet.core.water.FilterFlow;
import app.islet.core.water.OneWater;
import app.islet.core.water.PumpFlow;
import app.islet.core.water.SaltMix;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A water change of one enclosure as one checklist, in the order in which nothing has to be done
 * twice and nobody runs dry. What is taken out goes back in reverse order.
 */
public record ChangeDay(List<Step> steps) {
  /** An ordinary bucket, L. */
  private static final double BUCKET_L = 10;

  /** So much at once is a large change: animals out, the filter left alone; common practice. */
  private static final double LARGE_PERCENT = 80;

  /** What is caught to measure a flow, L. */
  private static final double JUG_L = 2;

  private static final double USUAL_C = 20;

  /**
   * One thing to do.
   *
   * @param key stays the same while it means the same
   * @param puts back what the step of that key took out; empty where it puts nothing back
   * @param out what is out while it is done and not undone, as in {@code the boxes are in the tote}
   */
  public record Step(
      String key, Phrase what, Phrase how, Optional<String> puts, Optional<String> out) {}

  public ChangeDay {
    steps = List.copyOf(steps);
  }

  /**
   * @param boxes names of boxes that hang or float in it
   * @return nothing where no water is changed here: what the tests ask for, else the routine
   */
  public static Optional<ChangeDay> of(HusbandryState s, List<String> boxes) {
    OptionalDouble urgent =
        s.geometry().hasWater()
            ? s.waterState().urgentChangePercent(s.date())
            : OptionalDouble.empty();
    OptionalDouble percent =
        urgent.isPresent()
            ? urgent
            : ChangePlan.of(
                    s.enclosure(), s.residents(), s.geometry().waterL(), Optional.empty(), 0)
                .map(plan -> OptionalDouble.of(plan.percent()))
                .orElse(OptionalDouble.empty());
    return percent.isPresent()
        ? Optional.of(new ChangeDay(new Maker(s, percent.getAsDouble(), boxes).steps()))
        : Optional.empty();
  }

  /** The first step that is not done; nothing once all are. */
  public Optional<Step> next(Collection<String> done) {
    return steps.stream().filter(step -> !done.contains(step.key())).findFirst();
  }

  /** What still stands outside, in words: taken out and not put back. */
  public List<String> stillOut(Collection<String> done) {
    return steps.stream()
        .filter(step -> step.out().isPresent() && done.contains(step.key()))
        .filter(step -> !isBack(step.key(), done))
        .map(step -> step.out().orElseThrow())
        .toList();
  }

  private boolean isBack(String key, Collection<String> done) {
    return steps.stream()
        .anyMatch(step -> step.puts().filter(key::equals).isPresent() && done.contains(step.key()));
  }

  /** Puts the steps together. */
  private static final class Maker {
    private final HusbandryState s;
    private final double percent;
    private final List<String> boxes;
    private final List<Step> steps = new ArrayList<>();
    private final List<Step> back = new ArrayList<>();

    Maker(HusbandryState s, double percent, List<String> boxes) {
      this.s = s;
      this.percent = percent;
      this.boxes = boxes;
    }

    private double litres() {
      return s.geometry().waterL() * percent / 100;
    }

    private boolean isLarge() {
      return percent >= LARGE_PERCENT;
    }

    List<Step> steps() {
      step("test", Phrase.of("Test the water"), Phrase.of("Before the change, not after."));
      takeOut();
      empty();
      care();
      fill();
      steps.addAll(back);
      step("count", Phrase.of("Count the animals"), Phrase.of("{} should be there.", s.heads()));
      return steps;
    }

    private void step(String key, Phrase what, Phrase how) {
      steps.add(new Step(key, what, how, Optional.empty(), Optional.empty()));
    }

    /** And what goes out last comes back first. */
    private void out(String key, String what, String how, String out, String backWhat) {
      steps.add(new Step(key, Phrase.of(what), Phrase.of(how), Optional.empty(), Optional.of(out)));
      back.add(
          0,
          new Step(
              key + "-back",
              Phrase.of(backWhat),
              Phrase.of(""),
              Optional.of(key),
              Optional.empty()));
    }

    private void takeOut() {
      boolean floating =
          s.enclosure().furnishings().parts().stream()
              .anyMatch(f -> f.kind() == FurnishingKind.FLOATING_PLANTS);
      if (floating) {
        out(
            "plants",
            "Floating plants into a tote of tank water",
            "Roots stay wet.",
            "the floating plants are in the tote",
            "Floating plants back");
      }
      if (!boxes.isEmpty()) {
        out(
            "boxes",
            "Boxes into two fingers of tank water: " + String.join(", ", boxes),
            "In the same tote, out of the sun.",
            "the boxes are in the tote",
            "Boxes back");
      }
      if (isLarge()) {
        out(
            "animals",
            "Animals into a tub of their own water",
            "With a lid; never in the hand for longer than it takes.",
            "the animals are in their tub",
            "Animals back");
      }
      boolean heater = s.enclosure().has(Equipment.Heater.class);
      if (heater || s.enclosure().has(Equipment.Filter.class)) {
        String devices = heater ? "Heater and filter" : "Filter";
        out(
            "power",
            devices + " off at the plug",
            heater
                ? "A heater that falls dry cracks: let it cool before the level sinks."
                : "A pump that runs dry breaks.",
            (heater ? "heater and filter are" : "the filter is") + " off",
            devices + " on again; see that water runs");
      }
    }

    private void empty() {
      double buckets = Math.ceil(2 * litres() / BUCKET_L) / 2;
      step(
          "siphon",
          Phrase.of("Siphon out {}", Quantity.litres(litres())),
          Phrase.of(
              "{} of {}, from the ground, with droppings and leftovers. Down the drain, never into a stream or pond.",
              buckets == 1
                  ? "1 bucket"
                  : Phrase.of("{} buckets", new Quantity(Dimension.RATIO, buckets)),
              Quantity.litres(BUCKET_L)));
      step("scrub", Phrase.of("Wipe the panes"), Phrase.of("No soap, no kitchen sponge."));
    }

    private void care() {
      Optional<Equipment.Filter> filter = s.enclosure().all(Equipment.Filter.class).findFirst();
      if (filter.isEmpty() || isLarge()) {
        return;
      }
      double rated = filter.get().flowLph();
      double seconds = PumpFlow.seconds(JUG_L, FilterFlow.WORTH_RINSING * rated);
      Optional<FilterFlow> flow = FilterFlow.of(s.waterRecord(), rated, s.date());
      if (flow.isPresent()) {
        measured(flow.get());
        return;
      }
      step(
          "filter",
          Phrase.of("Rinse the filter, only if its flow dropped"),
          Phrase.of(
              "When {} take {} s or more; in the water just taken out, never under the tap, one part of several at a time.",
              Quantity.litres(JUG_L),
              Math.round(seconds)));
    }

    /** The flow was measured lately: then it decides. */
    private void measured(FilterFlow flow) {
      Phrase told =
          Phrase.of(
              "Measured on {}: {}, {} of what it is rated for. ",
              English.day(flow.day()),
              Quantity.litresPerHour(flow.litresPerHour()),
              Quantity.percent(100 * flow.share()));
      step(
          "filter",
          Phrase.of(flow.isWorthRinsing() ? "Rinse the filter" : "Leave the filter alone"),
          flow.isWorthRinsing()
              ? Phrase.of(
                  "{}In the water just taken out, never under the tap, one part of several at a time.",
                  told)
              : told);
    }

    private void fill() {
      Optional<Range> ideal =
          s.residents().stream()
              .flatMap(r -> r.stage().needs().water().stream())
              .map(Needs.Temperature::idealC)
              .findFirst();
      double ppt = s.enclosure().water().salinityPpt();
      double litres = litres();
      Phrase conditioner =
          Phrase.of("Conditioner for {}, not for the whole tank", Quantity.litres(litres));
      step(
          "prepare",
          Phrase.of("Make {} of new water", Quantity.litres(litres)),
          Phrase.of(
              "{}{}{}",
              ideal
                  .map(c -> Phrase.of("{}. ", Phrase.range(c, Dimension.TEMPERATURE)))
                  .orElse(Phrase.of("")),
              conditioner,
              ppt >= OneWater.SALTED_PPT
                  ? Phrase.of(
                      "; {} of marine salt, wholly dissolved",
                      Quantity.grams(SaltMix.saltG(litres, 0, ppt, USUAL_C)))
                  : Phrase.of("")));
      step(
          "refill",
          Phrase.of("Fill it in slowly"),
          Phrase.of(
              "Within {} of the tank's; over a hand or a plate, so that the ground stays.",
              new Quantity(
                  Dimension.TEMPERATURE_DIFFERENCE, ChangePlan.mostOffK(s.residents(), percent))));
    }
  }
}

package app.islet.core.plan;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.Range;
import app.islet.core.situation.HusbandryState;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** What a helper can see at a glance to be as it should: the level, the temperatures, the air. */
final class HelperMarks {
  private HelperMarks() {}

  static List<Phrase> of(HusbandryState s) {
    List<Phrase> all = new ArrayList<>();
    if (s.geometry().hasWater()) {
      all.add(level(s.enclosure()));
    }
    band(s, Needs::water).ifPresent(t -> all.add(temperature("Water", t.idealC(), t.toleratedC())));
    band(s, Needs::air).ifPresent(t -> all.add(temperature("Air", t.idealC(), t.toleratedC())));
    s.residents().stream()
        .filter(r -> !r.isResting())
        .flatMap(r -> r.stage().needs().basking().stream())
        .findFirst()
        .ifPresent(
            b ->
                all.add(
                    Phrase.of(
                        "Under the basking lamp {}, {} a day",
                        Phrase.range(b.spotC(), Dimension.TEMPERATURE),
                        Quantity.hours(b.hoursPerDay()))));
    s.residents().stream()
        .flatMap(r -> r.stage().needs().humidity().stream())
        .findFirst()
        .ifPresent(
            h -> all.add(Phrase.of("Humidity {}", Phrase.range(h.percent(), Dimension.PERCENT))));
    s.residents().forEach(r -> unusual(r, all));
    return List.copyOf(all);
  }

  private static Phrase level(Enclosure e) {
    double lineCm = e.ground().depthCm() + e.water().depthCm();
    return Phrase.of(
        "Water {} below the rim, {} deep; put a strip of tape there",
        Quantity.cm(e.vessel().heightCm() - lineCm),
        Quantity.cm(e.water().depthCm()));
  }

  private static Phrase temperature(String of, Range ideal, Range tolerated) {
    return Phrase.of(
        "{} {}; under {} or over {} call",
        of,
        Phrase.range(ideal, Dimension.TEMPERATURE),
        Quantity.celsius(tolerated.min()),
        Quantity.celsius(tolerated.max()));
  }

  /** Where several live together, the narrowest by what they stand; who rests is told apart. */
  private static Optional<Needs.Temperature> band(
      HusbandryState s, Function<Needs, Optional<Needs.Temperature>> need) {
    return s.residents().stream()
        .filter(r -> !r.isResting())
        .flatMap(r -> need.apply(r.stage().needs()).stream())
        .min((one, other) -> Double.compare(span(one.toleratedC()), span(other.toleratedC())));
  }

  private static double span(Range range) {
    return range.max() - range.min();
  }

  /** What a stranger would take for a fault. */
  private static void unusual(Resident r, List<Phrase> all) {
    if (r.isResting()) {
      r.stage()
          .needs()
          .rest()
          .ifPresent(
              rest ->
                  all.add(
                      Phrase.of(
                          "{} rests at {}: it hardly moves and eats nothing",
                          r.name(),
                          Phrase.range(rest.coolC(), Dimension.TEMPERATURE))));
    }
    r.keeping()
        .wellbeing()
        .notes()
        .forEach(note -> all.add(Phrase.of("{}: {}", r.name(), note.words())));
  }
}

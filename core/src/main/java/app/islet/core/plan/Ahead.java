package app.islet.core.plan;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.care.Stage;
import app.islet.core.enclosure.Equipment;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Range;
import app.islet.core.situation.HusbandryState;
import app.islet.core.text.English;
import app.islet.core.water.NitrateTrend;
import app.islet.core.water.Parameter;
import app.islet.core.water.Toxicity;
import app.islet.core.water.WaterState;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;

/** Something that will come about by itself within some days, if nobody does anything. */
public record Ahead(LocalDate day, Phrase what) {
  /** Further off than this nobody plans for; common practice, no source. */
  public static final int DAYS = 14;

  private static final double DAYS_A_WEEK = 7;

  /** The nearest first. */
  static List<Ahead> of(HusbandryState s) {
    List<Ahead> all = new ArrayList<>();
    s.residents().forEach(r -> addStage(r, s.date(), all));
    s.residents().forEach(r -> addWaking(r, s.date(), all));
    if (s.geometry().hasWater() && !s.residents().isEmpty()) {
      addNitrate(s, all);
    }
    addTube(s, all);
    return all.stream()
        .filter(a -> a.day().isAfter(s.date()) && !a.day().isAfter(s.date().plusDays(DAYS)))
        .sorted(Comparator.comparing(Ahead::day))
        .toList();
  }

  private static void addStage(Resident r, LocalDate today, List<Ahead> all) {
    if (r.lengthCm().isEmpty() || r.isResting()) {
      return;
    }
    r.sheet()
        .next(r.stage())
        .filter(next -> next.fromLengthCm() > r.bodyCm())
        .ifPresent(next -> addStage(r, next, today, all));
  }

  private static void addStage(Resident r, Stage next, LocalDate today, List<Ahead> all) {
    OptionalDouble days = r.daysUntil(next.fromLengthCm());
    if (days.isPresent() && days.getAsDouble() <= DAYS) {
      all.add(
          new Ahead(
              today.plusDays((long) Math.ceil(days.getAsDouble())),
              Phrase.of(
                  "{}: {} by growth, other food and room", r.name(), English.lower(next.name()))));
    }
  }

  /** The day that was said, or at the latest when such a rest is over as a rule. */
  private static void addWaking(Resident r, LocalDate today, List<Ahead> all) {
    if (!r.isResting()) {
      return;
    }
    r.keeping()
        .rest()
        .filter(rest -> rest.holdsOn(today))
        .flatMap(
            rest ->
                rest.until()
                    .or(() -> r.stage().needs().rest().map(n -> latest(rest.from(), n.weeks()))))
        .ifPresent(
            day ->
                all.add(
                    new Ahead(day, Phrase.of("{}: the rest is over, warm up slowly", r.name()))));
  }

  static LocalDate latest(LocalDate from, Range weeks) {
    return from.plusDays((long) (weeks.max() * DAYS_A_WEEK));
  }

  private static void addNitrate(HusbandryState s, List<Ahead> all) {
    WaterState water = s.waterState();
    water
        .nitrate(s.date())
        .ifPresent(
            trend ->
                water
                    .changes(s.date())
                    .ifPresent(plan -> addNitrate(s, water, trend, plan.targetMgPerL(), all)));
  }

  private static void addNitrate(
      HusbandryState s, WaterState water, NitrateTrend trend, double target, List<Ahead> all) {
    trend
        .passesOn(s.waterRecord(), water.tapNitrate(), target, s.date())
        .ifPresent(
            day ->
                all.add(
                    new Ahead(
                        day,
                        Phrase.of(
                            "Nitrate reaches {} (as the ion)",
                            Toxicity.ion(Parameter.NITRATE, target)))));
  }

  private static void addTube(HusbandryState s, List<Ahead> all) {
    Planner.shortestTube(s)
        .ifPresent(
            (Needs.Tube tube) ->
                s.enclosure()
                    .all(Equipment.UvbLamp.class)
                    .flatMap(lamp -> lamp.fittedOn().stream())
                    .min(Comparator.naturalOrder())
                    .ifPresent(
                        fitted ->
                            all.add(
                                new Ahead(
                                    tube.replacedOn(fitted),
                                    Phrase.of("The UVB tube is used up")))));
  }
}

package app.islet.core.rearing;

import app.islet.core.care.Evidence;
import app.islet.core.livestock.Survival;
import app.islet.core.quantity.DayWindow;
import app.islet.core.quantity.Range;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What a batch comes to, if it goes on as such batches do. An estimate with its range.
 *
 * @param reach how many of those alive now will stand on their own
 * @param basis of that: the keeper's own batches, or the guide
 * @param end the days within which the last of them gets there
 * @param minutesADay over all its tubs
 * @param litresADay of fresh water
 * @param foodG to have in the house until the end, by food, g
 * @param tooSmall the first stage for which the tubs hold too little water, where there is one
 */
public record Outlook(
    Range reach,
    Evidence basis,
    DayWindow end,
    double minutesADay,
    double litresADay,
    Map<YoungFood.Kind, Double> foodG,
    Optional<Milestone> tooSmall) {
  private static final double SURE_PERCENT = 90;
  private static final double PERCENT = 100;

  /** Fewer young tell nothing of the next ones. */
  private static final int MIN_OWN = 10;

  /**
   * An earlier batch of the keeper, of the same species.
   *
   * @param alive so many were alive at the age this batch has now
   * @param reached so many of these stood on their own
   */
  public record Earlier(int alive, int reached) {}

  /**
   * @param tubs with animals
   * @param minutesATub of this keeper, where it is known
   */
  public static Outlook of(
      RearingGuide guide,
      Housing housing,
      Timeline timeline,
      Collection<Tub> tubs,
      Collection<Earlier> earlier,
      OptionalDouble minutesATub,
      LocalDate today) {
    int alive = tubs.stream().mapToInt(Tub::animals).sum();
    int known = earlier.stream().mapToInt(Earlier::alive).sum();
    int stood = earlier.stream().mapToInt(Earlier::reached).sum();
    boolean own = known >= MIN_OWN;
    Range share = own ? own(known, stood) : usual(guide, timeline, today);
    return new Outlook(
        new Range(Math.floor(alive * share.min()), Math.ceil(alive * share.max())),
        own
            ? Evidence.measured("%d of %d of your earlier ones".formatted(stood, known))
            : guide.outcome().basis(),
        timeline.end(),
        minutesADay(tubs, housing, minutesATub),
        litres(tubs, housing),
        food(guide, timeline, alive, today),
        tooSmall(guide, timeline.now(today).milestone(), tubs, housing));
  }

  private static Range own(int known, int stood) {
    Survival s = Survival.of(known, stood, SURE_PERCENT);
    return new Range(s.lowPercent() / PERCENT, s.highPercent() / PERCENT);
  }

  /**
   * What the guide says of the whole way, for the part of it that is left: the share of each day is
   * the same, so that half the way costs the root of it.
   */
  private static Range usual(RearingGuide guide, Timeline timeline, LocalDate today) {
    Range all = guide.outcome().percent();
    double way = ChronoUnit.DAYS.between(timeline.beganOn(), timeline.end().to());
    double left = Math.max(0, ChronoUnit.DAYS.between(today, timeline.end().to()));
    double part = way > 0 ? Math.min(1, left / way) : 0;
    return new Range(Math.pow(all.min() / PERCENT, part), Math.pow(all.max() / PERCENT, part));
  }

  /**
   * Minutes over all tubs on a usual day.
   *
   * @param minutesATub of this keeper, where it is known
   */
  public static double minutesADay(
      Collection<Tub> tubs, Housing housing, OptionalDouble minutesATub) {
    return minutesATub.isPresent()
        ? minutesATub.getAsDouble() * tubs.stream().filter(tub -> tub.animals() > 0).count()
        : minutes(tubs, housing);
  }

  private static double minutes(Collection<Tub> tubs, Housing housing) {
    return tubs.stream()
        .filter(tub -> tub.animals() > 0)
        .mapToDouble(
            tub ->
                tub.milestone().care().mealsADay() * TubBundle.Kind.FEED.minutes()
                    + housing.flushes() * TubBundle.Kind.FLUSH.minutes()
                    + TubBundle.Kind.CHANGE.minutes() / housing.changeDays())
        .sum();
  }

  private static double litres(Collection<Tub> tubs, Housing housing) {
    return tubs.stream()
        .filter(tub -> tub.animals() > 0 && !tub.milestone().care().onLand())
        .mapToDouble(Tub::litres)
        .map(l -> l * housing.changePercent() / PERCENT / housing.changeDays())
        .sum();
  }

  /** Every stage to come, for the days it is expected to last, for all that are alive now. */
  private static Map<YoungFood.Kind, Double> food(
      RearingGuide guide, Timeline timeline, int alive, LocalDate today) {
    Map<YoungFood.Kind, Double> grams = new EnumMap<>(YoungFood.Kind.class);
    List<Timeline.Step> steps = timeline.steps();
    int now = guide.at(timeline.now(today).milestone().id());
    for (int i = now; i + 1 < steps.size(); i++) {
      LocalDate from = i == now ? today : steps.get(i).expected().middle();
      double days =
          Math.max(0, ChronoUnit.DAYS.between(from, steps.get(i + 1).expected().middle()));
      for (YoungFood food : steps.get(i).milestone().care().foods()) {
        double g = food.gramsADay() * alive * days;
        if (g > 0) {
          grams.merge(food.kind(), g, Double::sum);
        }
      }
    }
    return grams;
  }

  /** A body twice as long wants the water of two, for the litres are said of the first stage. */
  private static Optional<Milestone> tooSmall(
      RearingGuide guide, Milestone now, Collection<Tub> tubs, Housing housing) {
    List<Milestone> toCome = new ArrayList<>();
    guide.milestones().stream()
        .filter(m -> guide.at(m.id()) > guide.at(now.id()))
        .forEach(toCome::add);
    return toCome.stream()
        .filter(m -> !m.care().onLand() && !m.care().gillsGo())
        .filter(
            m ->
                tubs.stream()
                    .anyMatch(
                        tub ->
                            tub.litres() > 0
                                && tub.animals()
                                        * housing.litresEach()
                                        * m.lengthCm()
                                        / now.lengthCm()
                                    > tub.litres() + 1e-9))
        .findFirst();
  }
}

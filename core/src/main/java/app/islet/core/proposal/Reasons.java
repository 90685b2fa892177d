package app.islet.core.proposal;

import app.islet.core.animal.Cohort;
import app.islet.core.animal.Resident;
import app.islet.core.animal.SpaceNeeds;
import app.islet.core.care.Needs;
import app.islet.core.climate.Climate;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Site;
import app.islet.core.enclosure.Vessel;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.situation.HusbandryState;
import app.islet.core.text.English;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Why a design is as it is, and what nobody measured or said. */
final class Reasons {
  /**
   * The last vessel that was too small.
   *
   * @param day after which it fails
   * @param because what fails first in it
   */
  record TooSmall(Vessel vessel, int day, Finding because) {}

  private final Wish wish;
  private final Course course;
  private final HusbandryState state;
  private final Enclosure design;

  Reasons(Wish wish, Course course, Enclosure design) {
    this.wish = wish;
    this.course = course;
    this.design = design;
    this.state = HusbandryState.of(design, course.now(), wish.day());
  }

  List<Phrase> why(Optional<TooSmall> smaller) {
    List<Phrase> why = new ArrayList<>();
    size(why);
    smaller.ifPresent(s -> why.add(tooSmall(s)));
    depth().ifPresent(why::add);
    ground().ifPresent(why::add);
    temperature().ifPresent(why::add);
    lamp().ifPresent(why::add);
    return why;
  }

  /** By the day on which they need most. */
  private void size(List<Phrase> why) {
    Course.Point most =
        course.points().stream()
            .max(Comparator.comparingDouble(p -> needs(p).floorCm2()))
            .orElseThrow();
    String who = Cohort.words(Cohort.of(most.residents()));
    why.add(
        Phrase.of(
            "Floor: {}; for {} {} is recommended, at least {}.",
            Quantity.cm2(design.vessel().footprintCm2()),
            who,
            Quantity.cm2(needs(most).floorCm2()),
            Quantity.cm2(needs(most).leastFloorCm2())));
    SpaceNeeds wettest =
        course.points().stream()
            .map(Reasons::needs)
            .max(Comparator.comparingDouble(n -> n.waterL().orElse(0)))
            .orElseThrow();
    double litres = wettest.waterL().orElse(0);
    if (litres > 0 && state.geometry().hasWater()) {
      why.add(
          Phrase.of(
              "Water: {}; {} is recommended when they need most, at least {}.",
              Quantity.litres(state.geometry().waterL()),
              Quantity.litres(litres),
              Quantity.litres(wettest.leastWaterL().orElse(0))));
    }
  }

  private static SpaceNeeds needs(Course.Point point) {
    return new SpaceNeeds(Cohort.of(point.residents()));
  }

  private Phrase tooSmall(TooSmall s) {
    return Phrase.of(
        "The next smaller, {} by {}, serves only until {}: {}",
        Quantity.cm(s.vessel.lengthCm()),
        Quantity.cm(s.vessel.widthCm()),
        English.month(wish.day().plusDays(s.day)),
        s.because.what());
  }

  private Optional<Phrase> depth() {
    double depth = design.water().depthCm();
    List<Needs.Depth> stated = course.needs(Needs::depth).toList();
    if (depth == 0 || stated.isEmpty()) {
      return Optional.empty();
    }
    double least = stated.stream().mapToDouble(Needs.Depth::minCm).max().orElse(0);
    double bare = stated.stream().mapToDouble(Needs.Depth::bareMaxCm).min().orElse(depth);
    double most = stated.stream().mapToDouble(Needs.Depth::maxCm).min().orElse(depth);
    boolean rest = design.water().restBelowSurfaceCm().isPresent();
    return Optional.of(
        Phrase.of(
            "Depth: {}; at least {}, at most {}{}.",
            Quantity.cm(depth),
            Quantity.cm(Math.min(least, depth)),
            Quantity.cm(Math.max(depth, rest ? most : bare)),
            rest ? " with a rest near the surface" : ""));
  }

  private Optional<Phrase> ground() {
    double dig =
        course.everybody().mapToDouble(r -> r.stage().needs().land().minDepthCm()).max().orElse(0);
    return dig == 0
        ? Optional.empty()
        : Optional.of(
            Phrase.of(
                "Ground: {} to dig in; at least {} needed.",
                Quantity.cm(state.geometry().digDepthCm(design)),
                Quantity.cm(dig)));
  }

  private Optional<Phrase> temperature() {
    Optional<Climate.WaterClimate> water = state.climate().water();
    if (water.isEmpty()) {
      return Optional.empty();
    }
    boolean heated = design.has(Equipment.Heater.class);
    boolean cooled = design.has(Equipment.Chiller.class);
    return Optional.of(
        Phrase.of(
            "Water of about {} in the coldest hour and {} in the warmest{}.",
            Quantity.celsius(water.get().winterC()),
            Quantity.celsius(water.get().summerC()),
            heated && cooled
                ? ", heated and chilled"
                : heated ? ", heated" : cooled ? ", chilled" : ", without a device"));
  }

  private Optional<Phrase> lamp() {
    return state
        .spot()
        .map(
            spot ->
                Phrase.of(
                    "A lamp of {}, {} over the place: about {} there.",
                    Quantity.watts(spot.lamp().powerW()),
                    Quantity.cm(spot.belowCm()),
                    Quantity.celsius(spot.surfaceC())));
  }

  List<Phrase> assumed() {
    List<Phrase> all = new ArrayList<>();
    Site site = wish.site();
    all.add(
        Phrase.of(
            "The room: {} on the warmest day, {} in the coldest night.",
            Quantity.celsius(site.warmestC()),
            Quantity.celsius(site.coldestC())));
    for (Resident r : wish.residents()) {
      if (r.lengthCm().isEmpty() && r.stage().hatch().isEmpty()) {
        all.add(
            Phrase.of(
                "{}: {} long on arrival, as usual for the stage. Measure, and the dates move.",
                r.words(),
                Quantity.cm(r.bodyCm())));
      }
      if (r.stage().needs().land().eggDepthCm() > 0 && r.males() + r.females() < r.count()) {
        all.add(
            Phrase.of(
                "Sex not known. A grown female needs a place to lay: {} of moist sand and soil.",
                Quantity.cm(r.stage().needs().land().eggDepthCm())));
      }
    }
    all.add(Phrase.of("They grow as many of their kind do; yours may be half as fast or twice."));
    devices(all);
    return all;
  }

  private void devices(List<Phrase> all) {
    course.needs(Needs::filtration).mapToDouble(f -> f.filterCycle().days()).max().stream()
        .filter(d -> design.has(Equipment.Filter.class))
        .forEach(
            days ->
                all.add(
                    Phrase.of(
                        "The filter is cycled before they come: seeded with media from a healthy tank, or run for {}. Test until ammonia and nitrite stay at zero.",
                        Quantity.days(days))));
    if (design.water().depthCm() > 0) {
      design
          .water()
          .chemistry()
          .source()
          .ifPresent(s -> all.add(Phrase.of("Water: {}.", s.words())));
    }
    if (design.has(Equipment.BaskingLamp.class)) {
      all.add(
          Phrase.of(
              "The basking spot is an estimate, its rise over the air within a third: a thermometer decides."));
    }
    if (design.has(Equipment.UvbLamp.class)) {
      all.add(Phrase.of("An ordinary UVB tube at the usual distance: a UV meter decides."));
    }
    course
        .needs(Needs::humidity)
        .findFirst()
        .ifPresent(
            h ->
                all.add(
                    Phrase.of(
                        "The humidity is not measured yet; {} wanted.",
                        Phrase.range(h.percent(), Dimension.PERCENT))));
    if (!design.company().isEmpty()) {
      all.add(
          Phrase.of(
              "{} go in {} weeks before, to breed.",
              English.capital(
                  design.company().stream().map(c -> c.kind().plural()).collect(English.listing())),
              Quantity.count(Company.WEEKS)));
    }
  }
}

package app.islet.core.care;

import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.Range;
import app.islet.core.text.English;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** A stage of a care sheet in sentences. */
final class StageStatements {
  private final StatementWriter to = new StatementWriter();

  /** What holds for one stage. */
  static List<Statement> of(Stage stage) {
    StageStatements s = new StageStatements();
    s.addRecognised(stage.recognised());
    s.addClimate(stage.needs());
    s.addWater(stage.needs());
    s.addWaterCare(stage.needs());
    s.addRoom(stage.needs());
    s.addGround(stage.needs());
    s.addLight(stage.needs());
    s.addBody(stage.needs());
    s.addKeeping(stage);
    return s.to.all();
  }

  private void addRecognised(Stage.Recognised r) {
    to.say(
        "How to tell",
        r.basis(),
        "{}{}{}",
        r.signs(),
        r.fromLengthCm() > 0
            ? Phrase.of("; from {}", Quantity.cm(r.fromLengthCm()))
            : Phrase.of(""),
        r.ageMonths().isPresent()
            ? Phrase.of("; usually {} old", Phrase.range(r.ageMonths().get(), Dimension.MONTHS))
            : Phrase.of(""));
  }

  private void addClimate(Needs n) {
    n.water().ifPresent(t -> addTemperature("Water temperature", t));
    n.air().ifPresent(t -> addTemperature("Air and land temperature", t));
    n.humidity()
        .ifPresent(
            h ->
                to.say(
                    "Humidity",
                    h.basis(),
                    "{}; tolerated {}",
                    Phrase.range(h.percent(), Dimension.PERCENT),
                    Phrase.range(h.tolerated(), Dimension.PERCENT)));
  }

  private void addTemperature(String about, Needs.Temperature t) {
    to.say(
        about,
        t.basis(),
        "{}; tolerated {}; harm outside {}",
        StatementWriter.temperature(t.idealC()),
        StatementWriter.temperature(t.toleratedC()),
        StatementWriter.temperature(t.harmC()));
    to.say(
        about.replace(" temperature", "") + ", time outside the range",
        t.stands().basis(),
        "{} between ideal and tolerated, {} where harm begins",
        Quantity.days(t.stands().days()),
        new Quantity(Dimension.HOURS, t.stands().harmHours()));
    t.night()
        .ifPresent(
            night ->
                to.say(
                    about.replace(" temperature", "") + ", at night",
                    night.basis(),
                    "{} cooler",
                    Phrase.range(night.dropK(), Dimension.TEMPERATURE_DIFFERENCE)));
  }

  private void addWater(Needs n) {
    n.depth()
        .ifPresent(
            d ->
                to.say(
                    "Water depth",
                    d.basis(),
                    "{} without a rest near the surface, up to {} with one within {}{}",
                    Phrase.range(new Range(d.minCm(), d.bareMaxCm()), Dimension.LENGTH),
                    Quantity.cm(d.maxCm()),
                    Quantity.cm(d.restWithinCm()),
                    d.drowns() ? "; it drowns where it is deeper" : ""));
    n.salinity()
        .ifPresent(
            x ->
                to.say(
                    "Salt in the water",
                    x.basis(),
                    "{}",
                    Phrase.range(x.ppt(), Dimension.SALINITY)));
    n.chemistry()
        .ifPresent(
            c ->
                to.say(
                    "pH and hardness",
                    c.basis(),
                    "pH {}{}{}",
                    Phrase.range(c.ph(), Dimension.RATIO),
                    c.hardnessDh().isPresent()
                        ? Phrase.of(
                            ", hardness {}", Phrase.range(c.hardnessDh().get(), Dimension.HARDNESS))
                        : Phrase.of(""),
                    c.onlySpring() ? "; spring water only" : ""));
  }

  private void addWaterCare(Needs n) {
    n.oxygen()
        .ifPresent(
            o ->
                to.say(
                    "Oxygen",
                    o.basis(),
                    "at least {}{}",
                    new Quantity(Dimension.CONCENTRATION, o.leastMgPerL()),
                    o.gills() ? "; it lives by gills and skin" : ""));
    n.pools()
        .ifPresent(
            p ->
                to.say(
                    "Pools",
                    p.basis(),
                    "{}, {} deep or deeper",
                    p.fresh() && p.salt()
                        ? "fresh and salt"
                        : p.salt() ? "salt" : "fresh, to drink",
                    Quantity.cm(p.depthCm())));
    n.filtration()
        .ifPresent(
            f ->
                to.say(
                    "Filter",
                    f.basis(),
                    "{} volumes an hour; {} of running before it carries an animal",
                    Phrase.range(f.turnoverPerHour(), Dimension.RATIO),
                    Quantity.days(f.filterCycle().days())));
    n.cooling()
        .ifPresent(
            c ->
                to.say(
                    "Cooling",
                    Evidence.PRACTICE,
                    "{}",
                    c == Needs.Cooling.CHILLER
                        ? "a chiller first"
                        : "an open top and a fan first"));
    n.dock().ifPresent(d -> to.say("Dock", Evidence.PRACTICE, "{}", d.words()));
    n.planting().ifPresent(p -> to.say("Plants", Evidence.PRACTICE, "{}", planting(p)));
  }

  private void addRoom(Needs n) {
    Needs.Space space = n.space();
    to.say(
        "Floor",
        space.basis(),
        "{} for the first, {} for each further",
        Quantity.cm2(space.floorCm2()),
        Quantity.cm2(space.furtherFloorCm2()));
    space
        .waterL()
        .ifPresent(
            l ->
                to.say(
                    "Volume",
                    space.basis(),
                    "{} for the first, {} for each further",
                    Quantity.litres(l),
                    Quantity.litres(space.furtherWaterL().orElse(l))));
    space
        .waterLPerCm()
        .ifPresent(
            l ->
                to.say(
                    "Volume",
                    space.basis(),
                    "{} of its length",
                    new Quantity(Dimension.VOLUME_PER_LENGTH, l)));
    to.say(
        "Room ahead",
        space.ahead().basis(),
        "{}{}",
        space.ahead().months() == 0
            ? "bought for today, a larger one by plan"
            : Phrase.of("for {} of growth", Quantity.months(space.ahead().months())),
        space.heightCounts() ? "; height adds room" : "");
  }

  private void addGround(Needs n) {
    Needs.Land land = n.land();
    to.say(
        "Dry land",
        land.basis(),
        "{} of the floor{}{}{}",
        Phrase.range(land.sharePercent(), Dimension.PERCENT),
        land.necessary() ? ", or it drowns" : "",
        land.minDepthCm() > 0
            ? Phrase.of(", {} deep", Quantity.cm(land.minDepthCm()))
            : Phrase.of(""),
        land.eggDepthCm() > 0
            ? Phrase.of(
                "; {} for the eggs of a female{}",
                Quantity.cm(land.eggDepthCm()),
                land.eggFromCm() > 0
                    ? Phrase.of(" from {} on", Quantity.cm(land.eggFromCm()))
                    : " once she is adult")
            : Phrase.of(""));
    Needs.Shelter shelter = n.shelter();
    to.say(
        "Hides and ways out",
        shelter.basis(),
        "{}{}{}",
        shelter.hidesPerAnimal() == 0
            ? "no hide needed"
            : Phrase.of(
                "{} hides to an animal", new Quantity(Dimension.RATIO, shelter.hidesPerAnimal())),
        shelter.waysOut() == 0
            ? ""
            : shelter.waysOut() == 1
                ? "; a way out of the water"
                : Phrase.of(
                    "; {} separate ways out of the water", Quantity.count(shelter.waysOut())),
        shelter.rests() ? "; rests under the surface" : "");
    if (!n.ground().never().isEmpty()) {
      to.say(
          "Never on",
          n.ground().basis(),
          "{}. {}",
          n.ground().never().stream()
              .map(SubstrateMaterial::words)
              .sorted()
              .collect(English.listing()),
          n.ground().why());
    }
    to.say(
        "Ways out of the box",
        n.escape().basis(),
        "{}",
        n.escape().lid()
            ? "needs a lid without gaps"
            : Phrase.of("{} to the rim where it is open", Quantity.cm(n.escape().freeboardCm())));
  }

  private void addLight(Needs n) {
    n.basking()
        .ifPresent(
            b ->
                to.say(
                    "Basking spot",
                    b.basis(),
                    "{}, {} a day",
                    StatementWriter.temperature(b.spotC()),
                    new Quantity(Dimension.HOURS, b.hoursPerDay())));
    n.uv()
        .ifPresent(
            uv -> {
              to.say(
                  "UVB",
                  uv.basis(),
                  "zone {}: a UV index of {} where it basks (ranges of Baines et al. 2016)",
                  Quantity.count(uv.zone().number()),
                  Phrase.range(uv.uvi(), Dimension.RATIO));
              to.say(
                  "UVB tube", uv.tube().basis(), "serves {}", Quantity.months(uv.tube().months()));
            });
    n.daylight()
        .ifPresent(
            d ->
                to.say(
                    "Day length",
                    d.basis(),
                    "{} of light{}",
                    Phrase.range(d.hours(), Dimension.HOURS),
                    d.dim() ? ", dim" : ""));
    n.rest()
        .ifPresent(
            r ->
                to.say(
                    "Winter rest",
                    r.basis(),
                    "{} to {} weeks at {}, {} of light a day",
                    Quantity.count(r.weeks().min()),
                    Quantity.count(r.weeks().max()),
                    Phrase.range(r.coolC(), Dimension.TEMPERATURE),
                    Quantity.hours(r.hours())));
  }

  private void addBody(Needs n) {
    Locomotion m = n.locomotion();
    to.say(
        "Climbs",
        m.basis(),
        "{}; a step of {} and a jump of {} of its length",
        slopes(m),
        StatementWriter.share(m.stepShare()),
        StatementWriter.share(m.jumpShare()));
    to.say(
        "Swims",
        m.basis(),
        "{}; rests in a current of {}",
        m.underMinutes() == 0
            ? "breathes water"
            : "stays under for " + Math.round(m.underMinutes()) + " minutes",
        new Quantity(Dimension.SPEED, m.currentCmS()));
    Needs.Group g = n.group();
    to.say(
        "Company",
        g.basis(),
        "{} together{}{}{}; {}",
        Phrase.range(new Range(g.least(), g.most()), Dimension.COUNT),
        g.femalesPerMale() > 0
            ? Phrase.of(", {} females to a male", new Quantity(Dimension.RATIO, g.femalesPerMale()))
            : Phrase.of(""),
        g.malesFight() ? ", males fight" : "",
        g.sizeRatio() > 0
            ? Phrase.of(", none shorter than {} of another", StatementWriter.share(g.sizeRatio()))
            : Phrase.of(""),
        g.temperament().words());
    to.say(
        "Heater in the water", Evidence.PRACTICE, "{}", n.heater().name().toLowerCase(Locale.ROOT));
  }

  private static String planting(Needs.Planting planting) {
    return switch (planting) {
      case GROW -> "live ones, densely";
      case EATEN -> "eaten or torn out; only what grows above the water lasts";
      case PLASTIC -> "plastic ones";
    };
  }

  private static String slopes(Locomotion m) {
    String climbs =
        m.slopeDeg().entrySet().stream()
            .sorted(Map.Entry.comparingByKey())
            .filter(e -> e.getValue() > 0)
            .map(e -> "%s %d°".formatted(e.getKey().words(), Math.round(e.getValue())))
            .collect(English.listing());
    return climbs.isEmpty() ? "nothing: it does not leave the water" : climbs;
  }

  private void addKeeping(Stage stage) {
    for (Food food : stage.foods()) {
      to.say(
          "Food",
          food.basis(),
          "{}: {} {}, {}{}",
          food.name(),
          food.pieces().isPresent()
              ? Quantity.count(food.pieces().getAsDouble())
              : Phrase.of(
                  "{} % of its mass",
                  new Quantity(Dimension.RATIO, food.bodyMassPercent().orElseThrow())),
          food.unit(),
          food.recurrence().words(),
          food.note().isEmpty() ? "" : ". " + food.note());
    }
    for (Supplement extra : stage.supplements()) {
      to.say("Supplement", extra.basis(), "{}, {}", extra.name(), extra.recurrence().words());
    }
    MaintenanceSchedule u = stage.maintenance();
    to.say(
        "Cleaning",
        u.basis(),
        "{} of the water {}{}{}{}{}",
        Quantity.percent(u.changePercent()),
        Recurrence.every(u.changeDays()).words(),
        u.largePercent().isPresent()
            ? Phrase.of(
                ", {} {}",
                Quantity.percent(u.largePercent().getAsDouble()),
                Recurrence.every(u.largeDays()).words())
            : Phrase.of(""),
        every(", media rinsed", u.rinseDays()),
        every(", new media", u.newMediaDays()),
        every(", a bath", u.bathDays()));
  }

  private static String every(String what, int days) {
    return days == 0 ? "" : what + " " + Recurrence.every(days).words();
  }
}

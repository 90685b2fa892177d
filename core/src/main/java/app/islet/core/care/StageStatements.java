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
    stage.hatch().ifPresent(s::addHatch);
    new WaterStatements(s.to).add(stage.needs());
    s.addRoom(stage.needs());
    s.addGround(stage.needs());
    s.addLight(stage.needs());
    s.addBody(stage.needs());
    s.addKeeping(stage);
    return s.to.all();
  }

  private void addRecognised(Stage.Recognised r) {
    to.say(
        Statements.HOW_TO_TELL,
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

  private void addHatch(Stage.Hatch h) {
    to.say(
        "Hatching",
        h.basis(),
        "after about {} at {}, {} at {}",
        Quantity.days(h.days().max()),
        Quantity.celsius(h.atC().min()),
        Quantity.days(h.days().min()),
        Quantity.celsius(h.atC().max()));
  }

  private void addRoom(Needs n) {
    Needs.Space space = n.space();
    to.say(
        "Floor",
        space.basis(),
        "{} for {}, {} for each further; at least {} and {}",
        Quantity.cm2(space.floorCm2()),
        first(space),
        Quantity.cm2(space.furtherFloorCm2()),
        Quantity.cm2(space.leastShare() * space.floorCm2()),
        Quantity.cm2(space.leastShare() * space.furtherFloorCm2()));
    space
        .waterL()
        .ifPresent(
            l ->
                to.say(
                    "Volume",
                    space.basis(),
                    "{} for {}, {} for each further; at least {} and {}",
                    Quantity.litres(l),
                    first(space),
                    Quantity.litres(space.furtherWaterL().orElse(l)),
                    Quantity.litres(space.leastShare() * l),
                    Quantity.litres(space.leastShare() * space.furtherWaterL().orElse(l))));
    space
        .waterLPerCm()
        .ifPresent(
            l ->
                to.say(
                    "Volume",
                    space.basis(),
                    "{} of its length",
                    new Quantity(Dimension.VOLUME_PER_LENGTH, l)));
    space
        .airHeightCm()
        .ifPresent(cm -> to.say("Height to climb", space.basis(), "{} of air", Quantity.cm(cm)));
    to.say(
        "Room ahead",
        space.ahead().basis(),
        "{}{}",
        space.ahead().months() == 0
            ? "bought for today, a larger one by plan"
            : Phrase.of("for {} of growth", Quantity.months(space.ahead().months())),
        space.heightCounts() ? "; height adds room" : "");
  }

  private static String first(Needs.Space space) {
    return space.animals() == 1 ? "the first" : "the first " + space.animals();
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
    addShelter(n.shelter());
    n.ground()
        .depthCm()
        .ifPresent(
            cm -> to.say("Ground to dig in", n.ground().basis(), "{} deep", Quantity.cm(cm)));
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

  private void addShelter(Needs.Shelter shelter) {
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
    if (shelter.spareShells() > 0) {
      to.say(
          "Spare shells",
          shelter.basis(),
          "{} for each animal, of openings around its own",
          Quantity.count(shelter.spareShells()));
    }
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
                    r.needed()
                        ? "{} to {} weeks at {}, {} of light a day; looked at every {}"
                        : "may rest, and does under the sky: {} to {} weeks at {}, {} of light a day; looked at every {}",
                    Quantity.count(r.weeks().min()),
                    Quantity.count(r.weeks().max()),
                    Phrase.range(r.coolC(), Dimension.TEMPERATURE),
                    Quantity.hours(r.hours()),
                    Quantity.days(r.checkDays())));
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
        "{} together{}{}{}{}; {}",
        Phrase.range(new Range(g.least(), g.most()), Dimension.COUNT),
        g.femalesPerMale() > 0
            ? Phrase.of(", {} females to a male", new Quantity(Dimension.RATIO, g.femalesPerMale()))
            : Phrase.of(""),
        g.malesFight() ? ", males fight" : "",
        g.pairsApart() ? ", the sexes apart but for breeding" : "",
        g.sizeRatio() > 0
            ? Phrase.of(", none shorter than {} of another", StatementWriter.share(g.sizeRatio()))
            : Phrase.of(""),
        g.temperament().words());
    to.say(
        "Heater in the water", Evidence.PRACTICE, "{}", n.heater().name().toLowerCase(Locale.ROOT));
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

  private static Phrase portion(Food food) {
    if (food.portion().pieces().isEmpty()) {
      return Phrase.of(
          "{} % of its mass",
          new Quantity(Dimension.RATIO, food.portion().bodyMassPercent().orElseThrow()));
    }
    double each = food.portion().pieces().getAsDouble();
    Phrase pieces =
        each < 0.5
            ? Phrase.of("for {} animals one", Quantity.count(Math.round(1 / each)))
            : Phrase.of("{}", Quantity.count(each));
    return food.byLength()
        .map(
            grows ->
                Phrase.of(
                    "{}{}{}",
                    grows.fromCm() > 0
                        ? Phrase.of("from {} on ", Quantity.cm(grows.fromCm()))
                        : Phrase.of(""),
                    pieces,
                    grows.piecesAtEnd().isPresent()
                        ? Phrase.of(
                            ", at the end {}", Quantity.count(grows.piecesAtEnd().getAsDouble()))
                        : Phrase.of("")))
        .orElse(pieces);
  }

  private void addKeeping(Stage stage) {
    for (Food food : stage.foods()) {
      to.say(
          "Food",
          food.basis(),
          "{}: {} {}, {}{}",
          food.name(),
          portion(food),
          food.portion().unit(),
          food.turn().words(),
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

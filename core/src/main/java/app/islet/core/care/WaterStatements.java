package app.islet.core.care;

import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.Range;

/** What a stage needs of climate and water, in sentences. */
final class WaterStatements {
  private final StatementWriter to;

  WaterStatements(StatementWriter to) {
    this.to = to;
  }

  void add(Needs n) {
    addClimate(n);
    addWater(n);
    addWaterCare(n);
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
    if (!t.standsAsUsual()) {
      to.say(
          about.replace(" temperature", "") + ", time outside the range",
          t.stands().basis(),
          "{} between ideal and tolerated, {} where harm begins",
          Quantity.days(t.stands().days()),
          new Quantity(Dimension.HOURS, t.stands().harmHours()));
    }
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
                    "{}{}{}",
                    Phrase.range(new Range(d.minCm(), d.bareMaxCm()), Dimension.LENGTH),
                    d.maxCm() > d.bareMaxCm()
                        ? Phrase.of(
                            " without a rest near the surface, up to {} with one within {}",
                            Quantity.cm(d.maxCm()),
                            Quantity.cm(d.restWithinCm()))
                        : "",
                    d.drowns() ? "; it drowns where it is deeper" : ""));
    n.salinity()
        .ifPresent(
            x ->
                to.say(
                    "Salt in the water",
                    x.basis(),
                    "{}{}",
                    Phrase.range(x.ppt(), Dimension.SALINITY),
                    x.tolerated().equals(x.ppt())
                        ? ""
                        : Phrase.of(
                            "; tolerated {}", Phrase.range(x.tolerated(), Dimension.SALINITY))));
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

  private static String planting(Needs.Planting planting) {
    return switch (planting) {
      case GROW -> "live ones, densely";
      case EATEN -> "eaten or torn out; only what grows above the water lasts";
      case PLASTIC -> "plastic ones";
    };
  }
}

package app.islet.web.page.design.proposal;

import app.islet.core.care.CareSheet;
import app.islet.core.enclosure.Site;
import app.islet.core.proposal.Fit;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.text.English;
import app.islet.web.base.drawing.AnimalPicture;
import app.islet.web.base.support.Units;
import java.util.List;
import java.util.Optional;

/**
 * What a species asks of a keeper and a room, in words.
 *
 * @param obstacle why it does not fit the room; none where it does
 * @param devices it needs there
 * @param space by stage
 * @param law all that must be said
 */
record FitView(
    String id,
    String name,
    String scientificName,
    String picture,
    String size,
    String years,
    String climate,
    String temper,
    Optional<String> obstacle,
    List<String> devices,
    String aMonth,
    String aLife,
    String minutes,
    List<String> space,
    List<String> law,
    List<String> mistakes) {
  static FitView of(Fit fit, Site site, Power power, Units u) {
    CareSheet sheet = fit.sheet();
    return new FitView(
        sheet.id(),
        sheet.name(),
        sheet.scientificName(),
        AnimalPicture.of(sheet),
        "%s %s".formatted(u.cm(sheet.body().adultLengthCm()), sheet.group().measure()),
        u.range(sheet.lifespan().years(), Dimension.RATIO) + " years",
        SpeciesCard.climate(sheet, u),
        SpeciesCard.temper(sheet),
        fit.obstacle().map(f -> u.text(f.what())),
        fit.home().map(home -> devices(home, u)).orElse(List.of()),
        fit.home().map(home -> power.aMonth(home.kwhAMonth())).orElse("not known"),
        fit.kwhALife().stream()
            .filter(kwh -> kwh >= 1)
            .mapToObj(kwh -> "about " + power.said(kwh))
            .findFirst()
            .orElse(fit.home().isPresent() ? "nothing" : "not known"),
        fit.home().map(home -> minutes(home.minutesADay())).orElse("not known"),
        fit.rooms().stream().map(room -> space(room, u)).toList(),
        sheet.law().stream().map(note -> note.kind().word() + ": " + note.text()).toList(),
        sheet.mistakes());
  }

  private static List<String> devices(Fit.Home home, Units u) {
    return home.power().stream()
        .map(line -> "%s, %s".formatted(line.device(), u.text(Quantity.watts(line.watts()))))
        .toList();
  }

  private static String minutes(double minutes) {
    return "about " + English.count(Math.max(1, Math.round(minutes)), "minute") + " a day";
  }

  private static String space(Fit.Room room, Units u) {
    String floor = u.text(Quantity.cm2(room.floorCm2()));
    String water =
        room.waterL().isPresent()
            ? ", " + u.text(Quantity.litres(room.waterL().getAsDouble()))
            : "";
    String who =
        room.count() == 1
            ? room.stage().name()
            : "%s, %d of them".formatted(room.stage().name(), room.count());
    return "%s: %s%s".formatted(who, floor, water);
  }
}

package app.islet.web.page.design.proposal;

import app.islet.core.care.CareSheet;
import app.islet.core.care.LawNote;
import app.islet.core.care.Needs;
import app.islet.core.proposal.Fit;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.text.English;
import app.islet.web.base.drawing.AnimalPicture;
import app.islet.web.base.support.Units;
import java.util.Locale;
import java.util.Optional;

/**
 * A species in a few lines, for who chooses.
 *
 * @param size grown, and for how many years
 * @param climate of water or air
 * @param temper how it lives with others
 * @param cost of the devices it needs in the room, or that it does not fit there
 * @param law what must be minded
 */
record SpeciesCard(
    String id,
    String name,
    String scientificName,
    String picture,
    String size,
    String climate,
    String temper,
    String cost,
    boolean fits,
    String law) {
  static SpeciesCard of(Fit fit, Power power, Units u) {
    CareSheet sheet = fit.sheet();
    return new SpeciesCard(
        sheet.id(),
        sheet.name(),
        sheet.scientificName(),
        AnimalPicture.of(sheet),
        "%s, %s years"
            .formatted(
                u.cm(sheet.body().adultLengthCm()),
                u.range(sheet.lifespan().years(), Dimension.RATIO)),
        climate(sheet, u),
        temper(sheet),
        fit.home().map(home -> power.aMonth(home.kwhAMonth())).orElse("not in this room"),
        fit.home().isPresent(),
        law(sheet));
  }

  static String climate(CareSheet sheet, Units u) {
    Needs needs = sheet.grown().needs();
    Optional<Needs.Temperature> air = needs.air();
    return switch (sheet.grown().habitat()) {
      case LAND ->
          air.map(t -> "Air " + u.range(t.idealC(), Dimension.TEMPERATURE)).orElse("On land");
      default ->
          needs
              .water()
              .map(t -> "Water " + u.range(t.idealC(), Dimension.TEMPERATURE))
              .orElse("In water");
    };
  }

  static String temper(CareSheet sheet) {
    Needs.Group group = sheet.grown().needs().group();
    String many =
        group.most() == 1
            ? "alone"
            : group.least() > 1
                ? "%d or more".formatted(group.least())
                : "alone or up to " + Quantity.count(group.most()).number(UnitSystem.METRIC);
    return English.capital(many) + "; " + group.temperament().words();
  }

  private static String law(CareSheet sheet) {
    return sheet.law().stream()
        .map(LawNote::kind)
        .filter(kind -> kind != LawNote.Kind.RELEASE)
        .map(LawNote.Kind::word)
        .distinct()
        .map(word -> word.toLowerCase(Locale.ROOT))
        .collect(English.listing());
  }
}

package app.islet.web.page.design.proposal;

import app.islet.core.animal.Heads;
import app.islet.core.animal.Resident;
import app.islet.core.animal.Size;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Stage;
import app.islet.core.enclosure.Site;
import app.islet.core.enclosure.StandardVessel;
import app.islet.core.enclosure.Vessel;
import app.islet.core.proposal.Fit;
import app.islet.core.proposal.Wish;
import app.islet.core.quantity.Dimension;
import app.islet.web.base.support.Form;
import app.islet.web.store.enclosure.Room;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What a newcomer asks: who, how many, in which room, and perhaps in which tank.
 *
 * @param room one that is described already
 * @param have the vessel they have
 */
record Asked(
    Resident who,
    Optional<Room> room,
    Site site,
    boolean chiller,
    LocalDate day,
    Optional<Vessel> have) {
  private static final String OWN = "own";

  static final double WARMEST_C = 25;
  private static final double COLDEST_C = 18;

  /** A room nobody described. */
  static final Site USUAL = room(WARMEST_C);

  /** One of which only the warmest day is known. */
  static Site room(double warmestC) {
    return Site.room(warmestC, Math.min(COLDEST_C, warmestC));
  }

  /** Read from a form in which everything may be left out. */
  static Asked read(Form form, CareSheet sheet, List<Room> rooms, LocalDate today) {
    Stage stage = sheet.stage(form.typed("stage")).orElseGet(() -> firstKept(sheet));
    int least = Math.max(1, stage.needs().group().least());
    int count = form.whole("count", 1, 1000, least);
    OptionalDouble length = form.optional("length", Size.LENGTH);
    Resident who = Fit.animals(sheet, stage, count);
    if (length.isPresent()) {
      who =
          Resident.described(
                  sheet,
                  Heads.of(count),
                  Size.of(length, OptionalDouble.empty()),
                  Optional.of(stage.id()))
              .measuredSince();
    }
    LocalDate day = form.date("day").orElse(today);
    Optional<Room> room =
        rooms.stream().filter(r -> String.valueOf(r.id()).equals(form.typed("room"))).findFirst();
    boolean asked = !form.typed("asked").isEmpty();
    if (room.isEmpty() && !asked) {
      room = rooms.stream().findFirst();
    }
    double warmest = form.optional("warmest", Dimension.TEMPERATURE, -10, 45).orElse(WARMEST_C);
    double coldest = form.optional("coldest", Dimension.TEMPERATURE, -10, 45).orElse(COLDEST_C);
    if (coldest > warmest) {
      form.refuse("coldest", "The coldest night cannot be warmer than the warmest day.");
      coldest = warmest;
    }
    Site site = room.map(Room::site).orElse(Site.room(warmest, coldest));
    return new Asked(who, room, site, !asked || form.flag("chiller"), day, vessel(form));
  }

  /** The youngest that is sold: no egg, no larva. */
  private static Stage firstKept(CareSheet sheet) {
    return sheet.row().stream()
        .filter(s -> s.hatch().isEmpty() && !s.endsInChange())
        .findFirst()
        .orElse(sheet.grown());
  }

  private static Optional<Vessel> vessel(Form form) {
    String have = form.typed("have");
    if (have.equals(OWN)) {
      OptionalDouble length = form.optional("ownLength", Dimension.LENGTH, 1, Vessel.MAX_CM);
      OptionalDouble width = form.optional("ownWidth", Dimension.LENGTH, 1, Vessel.MAX_CM);
      OptionalDouble height = form.optional("ownHeight", Dimension.LENGTH, 1, Vessel.MAX_CM);
      return length.isPresent() && width.isPresent() && height.isPresent()
          ? Optional.of(new Vessel(length.getAsDouble(), width.getAsDouble(), height.getAsDouble()))
          : Optional.empty();
    }
    return StandardVessel.all().stream()
        .filter(v -> v.name().equals(have))
        .map(StandardVessel::vessel)
        .findFirst();
  }

  Wish wish(String name) {
    return new Wish(
        name,
        List.of(who.arrived(day)),
        site,
        day,
        new Wish.Limits(Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, chiller));
  }
}

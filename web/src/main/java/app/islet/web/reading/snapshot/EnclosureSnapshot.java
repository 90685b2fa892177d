package app.islet.web.reading.snapshot;

import app.islet.core.Assessment;
import app.islet.core.animal.AnimalToday;
import app.islet.core.animal.Cohort;
import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.review.Acceptance;
import app.islet.core.review.Outlook;
import app.islet.core.situation.HusbandryState;
import app.islet.core.water.WaterRecord;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.Measurement;
import app.islet.web.store.enclosure.Design;
import app.islet.web.store.enclosure.EnclosureRecord;
import app.islet.web.store.enclosure.Room;
import java.time.LocalDate;
import java.util.List;
import java.util.function.Supplier;
import org.springframework.util.function.SingletonSupplier;

/**
 * An enclosure on a day, with everything the core says of it.
 *
 * @param residents who lives here, as old as they are on the day
 * @param acceptances findings the keeper lives with for a while, the newest first
 * @param water what was tested in its water and done to it
 * @param revision number of the design's revision, so that a save can tell whether somebody else
 *     saved in between
 * @param assessing asks the core, once and only where somebody wants to know
 */
public record EnclosureSnapshot(
    EnclosureRecord record,
    Room room,
    Enclosure design,
    int revision,
    List<Occupant> occupants,
    List<Resident> residents,
    List<Acceptance> acceptances,
    WaterRecord water,
    LocalDate day,
    Supplier<Assessment> assessing) {
  /** A resident of the store beside the core's. */
  public record Occupant(Animal record, AnimalToday facts, List<Measurement> measurements) {
    public Resident resident() {
      return facts.resident();
    }
  }

  static EnclosureSnapshot of(
      EnclosureRecord record,
      Room room,
      Design design,
      List<Occupant> occupants,
      List<Acceptance> acceptances,
      WaterRecord water,
      LocalDate day) {
    return of(
        record,
        room,
        design.enclosure(),
        design.revision(),
        occupants,
        occupants.stream().map(Occupant::resident).toList(),
        acceptances,
        water,
        day);
  }

  private static EnclosureSnapshot of(
      EnclosureRecord record,
      Room room,
      Enclosure design,
      int revision,
      List<Occupant> occupants,
      List<Resident> residents,
      List<Acceptance> acceptances,
      WaterRecord water,
      LocalDate day) {
    return new EnclosureSnapshot(
        record,
        room,
        design,
        revision,
        occupants,
        residents,
        acceptances,
        water,
        day,
        SingletonSupplier.of(
            () -> Assessment.of(design, residents, day, water).accepting(acceptances)));
  }

  public long id() {
    return record.id();
  }

  public String name() {
    return record.name();
  }

  public Assessment assessment() {
    return assessing.get();
  }

  /** The same while its design is being drawn: quicker, its remedies not tried. */
  public Assessment sketch() {
    return Assessment.sketch(design, residents, day, water).accepting(acceptances);
  }

  /** The same enclosure on the same day with another design. */
  public EnclosureSnapshot with(Enclosure other) {
    return with(other, 0);
  }

  /** The same with another design, in so many months, its residents grown as expected. */
  public EnclosureSnapshot with(Enclosure other, int monthsAhead) {
    int days = Outlook.days(monthsAhead);
    return of(
        record,
        room,
        other,
        revision,
        occupants,
        days == 0 ? residents : HusbandryState.grown(residents, other.site(), day, days),
        acceptances,
        water,
        day.plusDays(days));
  }

  /** Who lives here in a line, as {@code 2 axolotls (adult)}. */
  public String who() {
    return occupants.isEmpty() ? "nobody yet" : Cohort.words(Cohort.of(residents));
  }
}

package app.islet.web.reading.snapshot;

import app.islet.core.animal.AnimalToday;
import app.islet.core.animal.Resident;
import app.islet.core.livestock.Census;
import app.islet.core.livestock.LifeEvent;
import app.islet.core.situation.ColdRest;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.LifeEntry;
import app.islet.web.store.animal.Measurement;
import app.islet.web.store.rearing.BatchState;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/**
 * An animal of the store, or a group of them, as it is today wherever it is: in an enclosure, a
 * tub, as eggs.
 *
 * @param facts what it is, and by what that is known
 * @param here where it is today, and how many
 * @param homeId number of the enclosure most of them are in; empty as {@code finding} is
 * @param finding the enclosure most of them are in, put together only where somebody asks; empty
 *     where none is left, and for a tub on a shelf
 * @param batch it is raised in, or was
 * @param sizes what was measured of it until today, of all its forms, the oldest first
 * @param entries what happened to it
 */
public record AnimalSnapshot(
    Animal animal,
    AnimalToday facts,
    Census here,
    Optional<Long> homeId,
    Supplier<Optional<EnclosureSnapshot>> finding,
    Optional<BatchState> batch,
    List<Measurement> sizes,
    List<LifeEntry> entries) {
  public Resident resident() {
    return facts.resident();
  }

  public Optional<EnclosureSnapshot> home() {
    return finding.get();
  }

  /**
   * The same where it lives: in cold water under the sky it rests, whether somebody said so or not.
   */
  AnimalSnapshot in(EnclosureSnapshot home) {
    Resident there = ColdRest.on(home.design(), home.water(), resident(), home.day());
    return new AnimalSnapshot(
        animal, facts.as(there), here, homeId, finding, batch, sizes, entries);
  }

  public boolean isHere() {
    return here.heads() > 0;
  }

  public List<LifeEvent> events() {
    return entries.stream().map(LifeEntry::event).toList();
  }

  /** The tubs of its batch that hold it, without those of eggs. */
  public List<BatchState.TubNow> tubs() {
    Set<String> places = here.lines().stream().map(Census.Line::place).collect(Collectors.toSet());
    return batch.stream()
        .flatMap(b -> b.tubs().stream())
        .filter(tub -> !tub.eggs() && places.contains(tub.tub().key()))
        .toList();
  }

  /** The day the last of them came where most are; empty where none is left. */
  public Optional<LocalDate> since() {
    return isHere() ? resident().arrivedOn() : Optional.empty();
  }

  /** Where most of them are. */
  public Optional<Census.Line> most() {
    return most(here);
  }

  static Optional<Census.Line> most(Census here) {
    return here.lines().stream().max(Comparator.comparingInt(Census.Line::count));
  }
}

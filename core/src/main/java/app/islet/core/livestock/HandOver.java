package app.islet.core.livestock;

import app.islet.core.animal.Resident;
import app.islet.core.care.LawNote;
import app.islet.core.quantity.Quantity;
import app.islet.core.water.Parameter;
import app.islet.core.water.WaterRecord;
import app.islet.core.water.WaterTest;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What whoever takes an animal over must know: who it is, what it eats, the water it is used to.
 * What nobody measured or wrote down is left out, not guessed.
 *
 * @param hereSince the day it came where it is
 * @param hatchedOn or born, as far as known
 * @param foods what it is given at its stage
 * @param water what was measured of its water, with the day
 * @param meals the last meals taken or refused, the newest first
 * @param skins when it last shed or moulted, the newest first
 */
public record HandOver(
    Resident resident,
    LocalDate day,
    Optional<LocalDate> hereSince,
    Optional<LocalDate> hatchedOn,
    List<Eats> foods,
    List<Reading> water,
    List<LifeEvent> meals,
    List<LifeEvent> skins) {
  private static final int MEALS = 5;
  private static final int SKINS = 2;
  private static final List<Parameter> USED_TO =
      List.of(
          Parameter.TEMPERATURE,
          Parameter.PH,
          Parameter.HARDNESS,
          Parameter.CARBONATE,
          Parameter.SALINITY);
  private static final Set<LifeEvent.Kind> MEAL =
      EnumSet.of(LifeEvent.Kind.FED, LifeEvent.Kind.REFUSED);
  private static final Set<LifeEvent.Kind> SKIN =
      EnumSet.of(LifeEvent.Kind.SHED, LifeEvent.Kind.MOULTED);

  public HandOver {
    foods = List.copyOf(foods);
    water = List.copyOf(water);
    meals = List.copyOf(meals);
    skins = List.copyOf(skins);
  }

  /** A test of the water it lives in. */
  public record Reading(String what, Quantity value, LocalDate day) {}

  /**
   * A food.
   *
   * @param how it is given; may be empty
   */
  public record Eats(String name, String how) {}

  /**
   * @param events meals and what else happened to it
   */
  public static HandOver of(
      Resident resident,
      LocalDate day,
      Optional<LocalDate> hatchedOn,
      WaterRecord record,
      Collection<LifeEvent> events) {
    return new HandOver(
        resident,
        day,
        resident.arrivedOn(),
        hatchedOn,
        resident.foods().stream().map(food -> new Eats(food.name(), food.note())).toList(),
        USED_TO.stream().flatMap(p -> reading(record, p).stream()).toList(),
        newest(events, MEAL, MEALS),
        newest(events, SKIN, SKINS));
  }

  private static Optional<Reading> reading(WaterRecord record, Parameter parameter) {
    return record.newestTest(parameter).map(test -> reading(test, parameter));
  }

  private static Reading reading(WaterTest test, Parameter parameter) {
    return new Reading(
        parameter.words(),
        new Quantity(parameter.dimension(), test.values().get(parameter)),
        test.day());
  }

  private static List<LifeEvent> newest(
      Collection<LifeEvent> events, Set<LifeEvent.Kind> kinds, int most) {
    return events.stream()
        .filter(e -> kinds.contains(e.kind()))
        .sorted(Comparator.comparing(LifeEvent::day).reversed())
        .limit(most)
        .toList();
  }

  /** The same, of young that are fed by the guide of their batch. */
  public HandOver eating(List<Eats> given) {
    return new HandOver(resident, day, hereSince, hatchedOn, given, water, meals, skins);
  }

  /** What the law may say of it at its size. */
  public List<LawNote> law() {
    return resident.sheet().law().stream()
        .filter(note -> note.holdsFor(resident.bodyCm()))
        .toList();
  }
}

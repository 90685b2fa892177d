package app.islet.web.page.animals;

import app.islet.core.animal.Resident;
import app.islet.core.care.FoodItem;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Form;
import app.islet.web.reading.snapshot.EnclosureSnapshot.Occupant;
import app.islet.web.store.animal.Animal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;

/**
 * One animal or group on the page of its enclosure.
 *
 * @param sizes how it was measured, the newest first
 * @param corrections what can be corrected of it
 * @param clientId for what is sent from it
 */
record ResidentCard(
    Occupant of,
    AnimalNow now,
    List<SizeRow> sizes,
    MeasureForm measure,
    Correction corrections,
    UUID clientId) {
  /**
   * @param foods it may be fed too, ticked where it is
   * @param amiss whether something of it was refused
   */
  record Correction(List<Field> fields, List<Field> foods, boolean amiss) {}

  /** What the names of its fields begin with. */
  static String at(long animal) {
    return animal + "-";
  }

  /** What was typed to correct it, or what is known of it where another form was sent. */
  static Form correcting(Form sent, Occupant o) {
    String at = at(o.record().id());
    return sent.has(at + "count") ? sent : known(o, at, sent);
  }

  private static Form known(Occupant o, String at, Form sent) {
    Animal animal = o.record();
    Resident r = o.resident();
    Map<String, String> typed = new HashMap<>();
    typed.put(at + "name", animal.name());
    typed.put(at + "count", String.valueOf(r.count()));
    typed.put(at + "males", String.valueOf(animal.males()));
    typed.put(at + "females", String.valueOf(animal.females()));
    r.arrivedOn().ifPresent(day -> typed.put(at + "since", day.toString()));
    typed.put(at + "stage", Objects.toString(animal.statedStage(), ""));
    typed.put(at + "school", Objects.toString(animal.school(), ""));
    typed.put(at + "sheet", animal.species());
    animal.alsoFed().forEach(food -> typed.put(at + "food-" + food.id(), "on"));
    return new Form(typed, sent.units());
  }

  static List<Field> foods(Form form, String at) {
    return FoodItem.all().stream()
        .map(f -> Field.of(form, at + "food-" + f.id(), f.name(), "checkbox", "", ""))
        .toList();
  }
}

package app.islet.web.page.animals;

import app.islet.core.livestock.Census;
import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Place;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.animal.Animal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** How many of some animals go where, as it is typed. */
final class MoveForm {
  private static final String PLACE = "place-";
  private static final String WAY = "way-";
  private static final int LONGEST_CAUSE = 60;
  private static final int LONGEST_NOTE = 300;

  private MoveForm() {}

  static List<Field> fields(
      CollectionContext context, Form form, Census here, PlaceNames names, boolean single) {
    Fields fields = Fields.of(form, "move");
    List<Field> all = new ArrayList<>();
    all.add(fields.select("to", targets(here, names)));
    if (!single) {
      all.add(fields.number("moved"));
    }
    if (here.lines().size() > 1) {
      all.add(fields.select("from", sources(here, names)));
    }
    all.add(fields.text("cause"));
    all.add(fields.date("movedOn"));
    all.add(fields.text("note"));
    return all;
  }

  private static List<Field.Option> targets(Census here, PlaceNames names) {
    List<Field.Option> all = new ArrayList<>();
    all.add(new Field.Option("", Messages.text("move.choose")));
    names.all().entrySet().stream()
        .filter(place -> here.lines().size() > 1 || here.at(place.getKey()).heads() == 0)
        .map(Map.Entry::getKey)
        .forEach(key -> all.add(new Field.Option(PLACE + key, names.name(key))));
    Arrays.stream(Place.Kind.values())
        .filter(Place.Kind::isWayOut)
        .forEach(
            way -> all.add(new Field.Option(WAY + way.name(), Messages.text("way." + way.word()))));
    return all;
  }

  private static List<Field.Option> sources(Census here, PlaceNames names) {
    return here.lines().stream()
        .map(
            line ->
                new Field.Option(
                    line.place(), names.name(line.place()) + " (" + line.count() + ")"))
        .toList();
  }

  /** The movement, or empty with what is wrong beside its field. */
  static Optional<Movement> read(
      CollectionContext context, Form form, Animal animal, Census here, PlaceNames names) {
    String from = here.lines().size() == 1 ? here.lines().get(0).place() : form.typed("from");
    int there = here.at(from).heads();
    if (there == 0) {
      form.refuse("from", "Please say where they are taken from.");
    }
    Optional<Place> to = target(form.typed("to"), names);
    if (to.isEmpty()) {
      form.refuse("to", "Please say where they go, or how they left.");
    }
    int count = animal.single() ? 1 : form.whole("moved", 1, Movement.MAX, there);
    if (count > there) {
      form.refuse("moved", "There are %d here; %d cannot go.".formatted(there, count));
    }
    LocalDate day = form.date("movedOn").orElse(context.today());
    if (day.isAfter(context.today())) {
      form.refuse("movedOn", "A day until today, please: what is to come is not on the books.");
    }
    String cause = limited(form, "cause", LONGEST_CAUSE);
    String note = limited(form, "note", LONGEST_NOTE);
    if (to.isPresent() && to.get().equals(Place.kept(from.isEmpty() ? "-" : from))) {
      form.refuse("to", "They are there already.");
    }
    return form.hasErrors()
        ? Optional.empty()
        : Optional.of(
            new Movement(day, animal.key(), count, Place.kept(from), to.get(), cause, note));
  }

  private static String limited(Form form, String id, int most) {
    String text = form.typed(id);
    if (text.length() > most) {
      form.refuse(id, "At most %d characters, please.".formatted(most));
    }
    return text;
  }

  private static Optional<Place> target(String typed, PlaceNames names) {
    if (typed.startsWith(PLACE)) {
      String key = typed.substring(PLACE.length());
      return names.all().containsKey(key) ? Optional.of(Place.kept(key)) : Optional.empty();
    }
    return Arrays.stream(Place.Kind.values())
        .filter(Place.Kind::isWayOut)
        .filter(way -> typed.equals(WAY + way.name()))
        .map(Place::out)
        .findFirst();
  }
}

package app.islet.web.page.animals;

import app.islet.core.animal.Heads;
import app.islet.core.livestock.Origin;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.Background;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Where an animal came from, how old it is and of which sex, as it is typed. */
final class AboutForm {
  private static final int LONGEST = 100;
  private static final int MAX = 1000;

  private AboutForm() {}

  /** As it is known now. */
  static Map<String, String> typed(Animal animal) {
    Background b = animal.background();
    Map<String, String> typed = new LinkedHashMap<>();
    typed.put("sex", animal.males() > 0 ? "MALE" : animal.females() > 0 ? "FEMALE" : "");
    typed.put("males", String.valueOf(animal.males()));
    typed.put("females", String.valueOf(animal.females()));
    typed.put("sexedBy", b.sexedBy());
    typed.put("sexedOn", text(b.sexedOn()));
    typed.put("origin", b.origin() == null ? "" : b.origin().name());
    typed.put("batch", b.originAnimalId() == null ? "" : String.valueOf(b.originAnimalId()));
    typed.put("originNote", b.originNote());
    typed.put("hatchedOn", text(b.hatchedOn()));
    typed.put("hatchedEstimated", b.hatchedEstimated() ? "on" : "");
    return typed;
  }

  private static String text(@Nullable LocalDate day) {
    return day == null ? "" : day.toString();
  }

  static List<Field> fields(Form form, Animal animal, List<Animal> batches) {
    Fields fields = Fields.of(form, "about");
    List<Field> all = new ArrayList<>();
    if (animal.single()) {
      all.add(fields.select("sex", sexes()));
    } else {
      all.add(fields.number("males"));
      all.add(fields.number("females"));
    }
    all.add(fields.text("sexedBy"));
    all.add(fields.date("sexedOn"));
    all.add(fields.select("origin", origins()));
    all.add(fields.select("batch", batches(batches)));
    all.add(fields.text("originNote"));
    all.add(fields.date("hatchedOn"));
    all.add(fields.check("hatchedEstimated"));
    return all;
  }

  private static List<Field.Option> sexes() {
    return List.of(
        new Field.Option("", Messages.text("about.unknown")),
        new Field.Option("MALE", Messages.text("about.male")),
        new Field.Option("FEMALE", Messages.text("about.female")));
  }

  private static List<Field.Option> origins() {
    List<Field.Option> all = new ArrayList<>();
    all.add(new Field.Option("", Messages.text("about.unknown")));
    Arrays.stream(Origin.values())
        .forEach(
            o ->
                all.add(
                    new Field.Option(
                        o.name(),
                        Messages.text("about.origin-" + o.name().toLowerCase(Locale.ROOT)))));
    return all;
  }

  private static List<Field.Option> batches(List<Animal> batches) {
    List<Field.Option> all = new ArrayList<>();
    all.add(new Field.Option("", Messages.text("about.no-batch")));
    batches.forEach(a -> all.add(new Field.Option(String.valueOf(a.id()), a.name())));
    return all;
  }

  /** Reads it whole; what is wrong stands beside its field. */
  static Background read(Form form, List<Animal> batches, LocalDate today) {
    String batch = form.typed("batch");
    Optional<Animal> from =
        batches.stream().filter(a -> String.valueOf(a.id()).equals(batch)).findFirst();
    if (!batch.isEmpty() && from.isEmpty()) {
      form.refuse("batch", Messages.text("about.choose-batch"));
    }
    return new Background(
        form.typed("origin").isEmpty() ? null : form.choice("origin", Origin.class, Origin.GIVEN),
        from.map(Animal::id).orElse(null),
        words(form, "originNote"),
        past(form, "hatchedOn", today),
        form.flag("hatchedEstimated"),
        past(form, "sexedOn", today),
        words(form, "sexedBy"));
  }

  private static String words(Form form, String id) {
    String text = form.typed(id);
    if (text.length() > LONGEST) {
      form.refuse(id, Messages.text("about.too-long", LONGEST));
    }
    return text;
  }

  private static @Nullable LocalDate past(Form form, String id, LocalDate today) {
    Optional<LocalDate> day = form.date(id);
    if (day.isPresent() && day.get().isAfter(today)) {
      form.refuse(id, Messages.text("animals.until-today"));
    }
    return day.orElse(null);
  }

  /** How many are of which sex. */
  static Heads sexes(Form form, Animal animal, int heads) {
    if (animal.single()) {
      String sex = form.typed("sex");
      return new Heads(1, sex.equals("MALE") ? 1 : 0, sex.equals("FEMALE") ? 1 : 0);
    }
    int males = form.whole("males", 0, MAX, 0);
    int females = form.whole("females", 0, MAX, 0);
    if (males + females > heads) {
      form.refuse("males", Messages.text("about.too-many", males + females, heads));
      return Heads.of(heads);
    }
    return new Heads(heads, males, females);
  }
}

package app.islet.web.page.animals;

import app.islet.core.animal.Heads;
import app.islet.core.animal.Resident;
import app.islet.core.animal.Size;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.care.FoodItem;
import app.islet.core.care.Stage;
import app.islet.core.quantity.Dimension;
import app.islet.core.text.English;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.store.animal.Residents.Description;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What is typed of animals in an enclosure: of new ones, or to correct what is known of some.
 *
 * @param at what the names of the fields begin with; empty for new ones
 */
record ResidentForm(Form form, String at, LocalDate today) {
  private static final int MOST = 1000;
  private static final int LONGEST_NAME = 60;

  /** What is asked of all new ones. */
  List<Field> line(CareLibrary library) {
    Fields fields = Fields.of(form, "residents");
    List<Field.Option> species = new ArrayList<>();
    species.add(new Field.Option("", Messages.text("residents.choose")));
    library.all().forEach(s -> species.add(new Field.Option(s.id(), s.name())));
    return List.of(
        fields.select("species", species),
        fields.number("count"),
        fields.length("length"),
        fields.text("name"));
  }

  /** What may be said of them too. */
  List<Field> more(CareLibrary library) {
    Fields fields = Fields.of(form, "residents");
    List<Field.Option> stages = new ArrayList<>();
    stages.add(new Field.Option("", Messages.text("residents.length-or-adult")));
    for (CareSheet sheet : library.all()) {
      for (Stage stage : sheet.stages()) {
        stages.add(
            new Field.Option(
                sheet.id() + "/" + stage.id(),
                sheet.name() + ": " + stage.name().toLowerCase(Locale.ROOT)));
      }
    }
    return List.of(
        fields.select("stage", stages),
        fields.number("males"),
        fields.number("females"),
        fields.number("mass", Dimension.MASS),
        fields.date("since"));
  }

  /**
   * Of those that live there.
   *
   * @param sheets that can hold for them
   * @param usual how the collection keeps their kind
   */
  List<Field> corrections(Resident r, List<CareSheet> sheets, String usual) {
    Fields fields = Fields.of(form, "residents").row(at);
    List<Field> all = new ArrayList<>();
    all.add(fields.text("name"));
    all.add(fields.number("count"));
    all.add(fields.number("males"));
    all.add(fields.number("females"));
    all.add(fields.date("since"));
    List<Field.Option> stages = new ArrayList<>();
    stages.add(new Field.Option("", Messages.text("residents.from-the-length")));
    r.sheet().stages().forEach(s -> stages.add(new Field.Option(s.id(), s.name())));
    all.add(fields.select("stage", stages));
    if (!r.species().otherSchools().isEmpty()) {
      List<Field.Option> schools = new ArrayList<>();
      schools.add(new Field.Option("", Messages.text("residents.as-the-collection", usual)));
      r.species().schoolNames().forEach(s -> schools.add(new Field.Option(s, s)));
      all.add(fields.select("school", schools));
    }
    if (sheets.size() > 1) {
      List<Field.Option> kinds =
          sheets.stream().map(s -> new Field.Option(s.id(), s.name())).toList();
      all.add(fields.select("sheet", kinds));
    }
    return all.stream().map(field -> field.withHint("")).toList();
  }

  /** New ones; empty where something of it was refused. */
  Optional<Resident> added(CareLibrary library) {
    Optional<CareSheet> sheet = library.find(form.typed("species"));
    if (sheet.isEmpty()) {
      form.refuse("species", "Please choose a species.");
    }
    Counts counts = counts();
    OptionalDouble length = form.optional("length", Size.LENGTH);
    OptionalDouble mass = form.optional("mass", Size.MASS);
    since();
    String typed = form.typed("stage");
    Optional<String> stage =
        Optional.of(typed).filter(s -> !s.isEmpty()).map(s -> s.substring(s.indexOf('/') + 1));
    if (sheet.isPresent()
        && stage.isPresent()
        && !(typed.startsWith(sheet.get().id() + "/")
            && sheet.get().stage(stage.get()).isPresent())) {
      form.refuse(
          "stage",
          "That is not a stage of the %s; its stages are: %s."
              .formatted(
                  sheet.get().name(),
                  String.join(", ", sheet.get().stages().stream().map(Stage::name).toList())));
    }
    String name = form.typed("name");
    if (name.length() > LONGEST_NAME) {
      form.refuse("name", "At most %d characters, please.".formatted(LONGEST_NAME));
    }
    if (form.hasErrors()) {
      return Optional.empty();
    }
    Resident described =
        Resident.described(
            sheet.get(),
            new Heads(counts.all(), counts.males(), counts.females()),
            Size.of(length, mass),
            stage);
    return Optional.of(name.isEmpty() ? described : described.named(name));
  }

  /** What is said of some anew; empty where something of it was refused. */
  Optional<Description> corrected(Resident r, String followed, List<CareSheet> sheets) {
    Counts counts = counts();
    String name = form.text(at + "name", LONGEST_NAME, "a name");
    LocalDate since = since();
    String species = form.typed(at + "sheet").isEmpty() ? followed : form.typed(at + "sheet");
    if (sheets.stream().noneMatch(s -> s.id().equals(species))) {
      form.refuse(at + "sheet", "Please choose a care sheet of the same kind.");
    }
    Optional<String> stage = Optional.of(form.typed(at + "stage")).filter(s -> !s.isEmpty());
    if (stage.isPresent() && r.sheet().stage(stage.get()).isEmpty()) {
      form.refuse(at + "stage", "Please choose a life stage of this kind.");
    }
    if (form.hasErrors()) {
      return Optional.empty();
    }
    return Optional.of(
        new Description(
            species,
            name,
            counts.all(),
            counts.males(),
            counts.females(),
            stage,
            Optional.of(form.typed(at + "school")).filter(school -> !school.isEmpty()),
            since,
            FoodItem.all().stream().filter(f -> form.flag(at + "food-" + f.id())).toList()));
  }

  private record Counts(int all, int males, int females) {}

  private Counts counts() {
    int count = form.whole(at + "count", 1, MOST, 1);
    int males = form.whole(at + "males", 0, MOST, 0);
    int females = form.whole(at + "females", 0, MOST, 0);
    if (form.error(at + "count") == null && males + females > count) {
      form.refuse(
          at + "males",
          "%s and %s are more than the %s there are."
              .formatted(
                  English.count(males, "male"),
                  English.count(females, "female"),
                  English.count(count, "animal")));
    }
    return new Counts(count, males, females);
  }

  LocalDate since() {
    LocalDate since = form.date(at + "since").orElse(today);
    if (since.isAfter(today)) {
      form.refuse(at + "since", Messages.text("animals.until-today"));
    }
    return since;
  }
}

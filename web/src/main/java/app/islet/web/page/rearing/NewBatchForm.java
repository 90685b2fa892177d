package app.islet.web.page.rearing;

import app.islet.core.care.CareSheet;
import app.islet.core.livestock.Movement;
import app.islet.core.quantity.Dimension;
import app.islet.core.rearing.Housing;
import app.islet.core.rearing.RearingGuide;
import app.islet.core.text.English;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.enclosure.EnclosureRecord;
import app.islet.web.store.enclosure.Room;
import app.islet.web.store.rearing.NewBatch;
import app.islet.web.store.rearing.TubRecord;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * A batch to be begun, as it is typed.
 *
 * @param sheets of species there is a guide for, as they are kept here
 */
record NewBatchForm(
    CollectionContext context,
    Form form,
    List<CareSheet> sheets,
    List<Animal> animals,
    List<EnclosureRecord> enclosures,
    List<Room> rooms) {
  private static final int LONGEST_NAME = 60;
  private static final int MAX_TUBS = 500;
  private static final String EGGS = "EGGS";
  private static final String YOUNG = "YOUNG";
  private static final String ROOM = "room-";

  /** The group on the books that is to be raised in tubs; empty where they are new. */
  Optional<Animal> group() {
    String typed = form.typed("group");
    return animals.stream().filter(a -> typed.equals(String.valueOf(a.id()))).findFirst();
  }

  /** First what must be said. */
  List<Field> first() {
    Fields f = Fields.of(form, "batch");
    List<Field> all = new ArrayList<>();
    if (group().isEmpty()) {
      all.add(f.select("species", species()));
    }
    all.add(
        f.select(
            "what",
            List.of(
                new Field.Option(YOUNG, Messages.text("rearing.what.young")),
                new Field.Option(EGGS, Messages.text("rearing.what.eggs")))));
    all.add(f.number("count"));
    all.add(f.select("housing", housing()));
    all.add(f.number("tubs"));
    all.add(f.date("day"));
    all.add(f.select("where", where()));
    return all;
  }

  /** Then what may be left out. */
  List<Field> rest() {
    Fields f = Fields.of(form, "batch");
    List<Field> all = new ArrayList<>();
    all.add(f.text("batchName"));
    all.add(f.check("estimated"));
    all.add(f.length("tubLength"));
    all.add(f.length("tubWidth"));
    all.add(f.length("tubWater"));
    all.add(f.number("waterC", Dimension.TEMPERATURE));
    all.add(f.select("mother", parents()));
    all.add(f.select("father", parents()));
    return all;
  }

  private List<Field.Option> species() {
    List<Field.Option> all = new ArrayList<>();
    all.add(new Field.Option("", Messages.text("rearing.choose-species")));
    sheets.forEach(sheet -> all.add(new Field.Option(sheet.id(), sheet.name())));
    return all;
  }

  private static List<Field.Option> housing() {
    List<Field.Option> all = new ArrayList<>();
    all.add(new Field.Option("", Messages.text("rearing.as-the-school")));
    Arrays.stream(Housing.Kind.values())
        .forEach(kind -> all.add(new Field.Option(kind.name(), kind.words())));
    return all;
  }

  private List<Field.Option> where() {
    List<Field.Option> all = new ArrayList<>();
    rooms.forEach(
        room ->
            all.add(
                new Field.Option(ROOM + room.id(), Messages.text("rearing.in-room", room.name()))));
    enclosures.forEach(
        e ->
            all.add(
                new Field.Option(
                    String.valueOf(e.id()), Messages.text("rearing.in-enclosure", e.name()))));
    return all;
  }

  private List<Field.Option> parents() {
    List<Field.Option> all = new ArrayList<>();
    all.add(new Field.Option("", Messages.text("rearing.not-known")));
    animals.forEach(a -> all.add(new Field.Option(String.valueOf(a.id()), a.name())));
    return all;
  }

  /** The batch, or empty with what is wrong beside its field. */
  Optional<NewBatch> read() {
    String species = group().map(Animal::species).orElse(form.typed("species"));
    Optional<CareSheet> sheet = sheets.stream().filter(s -> s.id().equals(species)).findFirst();
    if (sheet.isEmpty()) {
      form.refuse("species", Messages.text("rearing.choose-species"));
    }
    if (form.typed("count").isEmpty()) {
      form.refuse("count", Messages.text("rearing.say-how-many"));
    }
    int count = form.whole("count", 1, Movement.MAX / 10, 1);
    boolean eggs = form.typed("what").equals(EGGS);
    LocalDate day = form.date("day").orElse(context.today());
    if (day.isAfter(context.today())) {
      form.refuse("day", Messages.text("rearing.day-until-today"));
    }
    if (form.typed("batchName").length() > LONGEST_NAME) {
      form.refuse("batchName", "At most %d characters, please.".formatted(LONGEST_NAME));
    }
    int tubs = form.whole("tubs", 1, MAX_TUBS, 0);
    if (form.hasErrors() || sheet.isEmpty()) {
      return Optional.empty();
    }
    RearingGuide guide = RearingGuide.of(sheet.get()).orElseThrow();
    Housing housing =
        guide
            .housing(form.choice("housing", Housing.Kind.class, guide.usual(sheet.get()).kind()))
            .orElse(guide.usual(sheet.get()));
    TubRecord.TubSize size = size(housing, count, eggs);
    int needed = tubs > 0 ? tubs : eggs ? 1 : needed(housing, size, count);
    if (needed > MAX_TUBS) {
      form.refuse("tubs", Messages.text("rearing.too-many-tubs", needed, MAX_TUBS));
    }
    NewBatch batch =
        new NewBatch(
            new NewBatch.Who(
                sheet.get().id(), name(sheet.get(), guide, day), id("mother"), id("father")),
            group().map(Animal::id),
            new NewBatch.Start(day, count, form.flag("estimated")),
            new NewBatch.Where(
                housing.kind(),
                size,
                enclosure(),
                room(),
                form.optional("waterC", Dimension.TEMPERATURE, 0, 40)),
            eggs,
            needed);
    return form.hasErrors() ? Optional.empty() : Optional.of(batch);
  }

  private static int needed(Housing housing, TubRecord.TubSize size, int count) {
    int most = housing.mostIn(size.litres());
    return Math.max(1, (count + most - 1) / most);
  }

  private TubRecord.TubSize size(Housing housing, int count, boolean eggs) {
    TubRecord.TubSize usual = TubSizes.usual(housing, eggs ? count : 1);
    return new TubRecord.TubSize(
        form.optional("tubLength", Dimension.LENGTH, 1, 500).orElse(usual.lengthCm()),
        form.optional("tubWidth", Dimension.LENGTH, 1, 500).orElse(usual.widthCm()),
        form.optional("tubWater", Dimension.LENGTH, 0, 200).orElse(usual.waterCm()));
  }

  private String name(CareSheet sheet, RearingGuide guide, LocalDate day) {
    String typed = form.typed("batchName");
    return typed.isEmpty()
        ? Messages.text(
            "rearing.batch-name", sheet.name(), guide.young().many(), English.shortDay(day))
        : typed;
  }

  private Optional<Long> id(String field) {
    String typed = form.typed(field);
    return animals.stream()
        .map(Animal::id)
        .filter(id -> typed.equals(String.valueOf(id)))
        .findFirst();
  }

  private Optional<Long> enclosure() {
    String typed = form.typed("where");
    return enclosures.stream()
        .map(EnclosureRecord::id)
        .filter(id -> typed.equals(String.valueOf(id)))
        .findFirst();
  }

  private Optional<Long> room() {
    String typed = form.typed("where");
    return rooms.stream().map(Room::id).filter(id -> typed.equals(ROOM + id)).findFirst();
  }
}

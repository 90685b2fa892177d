package app.islet.web.page.health;

import app.islet.core.animal.Resident;
import app.islet.core.care.AnimalGroup;
import app.islet.core.care.CareSheet;
import app.islet.core.health.Arrival;
import app.islet.core.health.Crossing;
import app.islet.core.health.HealthTables;
import app.islet.core.livestock.Origin;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Range;
import app.islet.core.review.Compatibility;
import app.islet.core.text.English;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Units;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.reading.snapshot.Snapshots;
import app.islet.web.store.care.CareSheetStore;
import app.islet.web.store.enclosure.EnclosureRecord;
import app.islet.web.store.enclosure.EnclosureStore;
import app.islet.web.store.enclosure.Rooms;
import app.islet.web.store.health.HealthTableStore;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** A new animal: before it comes, on its day, during quarantine, and when it may meet others. */
@Controller
@RequestMapping("/c/{collection}/health/arrival")
class ArrivalController {
  private static final double COLDEST = -1.8;
  private static final double WARMEST = 40;

  private final CareSheetStore sheets;
  private final EnclosureStore enclosures;
  private final Snapshots snapshots;
  private final Rooms rooms;
  private final HealthTableStore tables;

  ArrivalController(
      CareSheetStore sheets,
      EnclosureStore enclosures,
      Snapshots snapshots,
      Rooms rooms,
      HealthTableStore tables) {
    this.tables = tables;
    this.sheets = sheets;
    this.enclosures = enclosures;
    this.snapshots = snapshots;
    this.rooms = rooms;
  }

  /** Somebody it will meet, and what the review would say of both together. */
  record Meeting(String who, String verdict, List<String> reasons) {}

  @GetMapping
  String ask(CollectionContext context, Form form, Model model) {
    HealthTables known = tables.tables(context);
    List<CareSheet> all =
        sheets.library(context).all().stream()
            .sorted(Comparator.comparing(CareSheet::name))
            .toList();
    Optional<CareSheet> sheet =
        all.stream().filter(s -> s.id().equals(form.typed("species"))).findFirst();
    Optional<Origin> source =
        form.typed("source").isEmpty()
            ? Optional.empty()
            : Optional.of(form.choice("source", Origin.class, Origin.BOUGHT));
    OptionalDouble parcel = form.optional("parcelC", Dimension.TEMPERATURE, COLDEST, WARMEST);
    OptionalDouble tub = form.optional("tubC", Dimension.TEMPERATURE, COLDEST, WARMEST);
    List<EnclosureRecord> places = enclosures.all(context);
    model.addAttribute("fields", fields(form, all, places));
    model.addAttribute("arrival", sheet.map(s -> known.arrival(s)).orElse(null));
    model.addAttribute("sheet", sheet.orElse(null));
    model.addAttribute(
        "weeks", sheet.map(s -> weeks(context, known.arrival(s), source)).orElse(""));
    model.addAttribute(
        "steps",
        sheet
            .filter(s -> parcel.isPresent() && tub.isPresent())
            .map(s -> steps(s, parcel.getAsDouble(), tub.getAsDouble(), context.units()))
            .orElse(List.of()));
    List<Resident> met =
        places.stream()
            .filter(e -> String.valueOf(e.id()).equals(form.typed("meets")))
            .findFirst()
            .map(e -> snapshots.get(context, e.id()).residents())
            .orElse(List.of());
    model.addAttribute(
        "meetings", sheet.map(s -> meetings(s, met, context.units())).orElse(List.of()));
    model.addAttribute("crossings", sheet.map(s -> crossings(known, s, met)).orElse(List.of()));
    model.addAttribute("rooms", rooms.all(context));
    return "health/arrival";
  }

  private static List<Meeting> meetings(CareSheet sheet, List<Resident> met, Units u) {
    Resident one = Resident.one(sheet);
    List<Resident> together = new ArrayList<>(met);
    together.add(one);
    return Compatibility.of(together).pairs().stream()
        .filter(pair -> pair.one() == one || pair.other() == one)
        .map(
            pair ->
                new Meeting(
                    (pair.one() == one ? pair.other() : pair.one()).name(),
                    pair.verdict().word(),
                    pair.reasons().stream().map(u::text).toList()))
        .toList();
  }

  private static List<Crossing> crossings(HealthTables known, CareSheet sheet, List<Resident> met) {
    Set<AnimalGroup> groups = met.stream().map(r -> r.sheet().group()).collect(Collectors.toSet());
    return known.crossings(sheet.group(), groups);
  }

  private static String weeks(CollectionContext context, Arrival arrival, Optional<Origin> source) {
    Range weeks = arrival.weeks(source);
    return Messages.text(
        "health.arrival.weeks",
        (int) weeks.min(),
        (int) weeks.max(),
        English.shortDay(context.today().plusWeeks((long) weeks.min())),
        arrival.basis().words());
  }

  private static List<Field> fields(Form form, List<CareSheet> all, List<EnclosureRecord> places) {
    Fields f = Fields.of(form, "arrival");
    List<Field.Option> species = new ArrayList<>();
    species.add(new Field.Option("", Messages.text("rearing.choose-species")));
    all.forEach(s -> species.add(new Field.Option(s.id(), s.name())));
    List<Field.Option> sources = new ArrayList<>();
    sources.add(new Field.Option("", Messages.text("about.unknown")));
    Arrays.stream(Origin.values()).forEach(o -> sources.add(new Field.Option(o.name(), words(o))));
    List<Field.Option> meets = new ArrayList<>();
    meets.add(new Field.Option("", Messages.text("health.arrival.nobody")));
    places.forEach(e -> meets.add(new Field.Option(String.valueOf(e.id()), e.name())));
    return List.of(
        f.select("species", species),
        f.select("source", sources),
        f.select("meets", meets),
        f.number("parcelC", Dimension.TEMPERATURE),
        f.number("tubC", Dimension.TEMPERATURE));
  }

  private static String words(Origin origin) {
    String key = "about.origin-" + origin.name().toLowerCase(Locale.ROOT);
    return Messages.text(key);
  }

  /** Day by day; and a word where the tub would be outside of what the kind tolerates. */
  private static List<String> steps(CareSheet sheet, double parcelC, double tubC, Units u) {
    List<String> words = new ArrayList<>();
    Arrival.standsC(sheet)
        .filter(range -> !range.contains(tubC))
        .ifPresent(
            range ->
                words.add(
                    Messages.text(
                        "health.arrival.outside",
                        u.celsius(tubC),
                        u.range(range, Dimension.TEMPERATURE))));
    Arrival.steps(sheet, parcelC, tubC)
        .forEach(
            step ->
                words.add(
                    step.day() == 0
                        ? Messages.text("health.arrival.step-today", u.celsius(step.tempC()))
                        : Messages.text(
                            "health.arrival.step", step.day() + 1, u.celsius(step.tempC()))));
    return words;
  }
}

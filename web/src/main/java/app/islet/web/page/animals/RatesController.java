package app.islet.web.page.animals;

import app.islet.core.care.CareSheet;
import app.islet.core.livestock.Census;
import app.islet.core.livestock.Incidents;
import app.islet.core.livestock.Ledger;
import app.islet.core.livestock.LifeEvent;
import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Place;
import app.islet.web.base.figure.RateRow;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.Animals;
import app.islet.web.store.animal.Books;
import app.islet.web.store.animal.LifeEntry;
import app.islet.web.store.animal.LifeLog;
import app.islet.web.store.care.CareSheetStore;
import app.islet.web.store.enclosure.EnclosureStore;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** How often something happens in each place: two tanks or two years beside each other. */
@Controller
@RequestMapping("/c/{collection}/animals/rates")
class RatesController {
  private static final String DEATH = "death:";

  private final Animals animals;
  private final Books books;
  private final LifeLog life;
  private final CareSheetStore sheets;
  private final EnclosureStore enclosures;

  RatesController(
      Animals animals,
      Books books,
      LifeLog life,
      CareSheetStore sheets,
      EnclosureStore enclosures) {
    this.animals = animals;
    this.books = books;
    this.life = life;
    this.sheets = sheets;
    this.enclosures = enclosures;
  }

  @GetMapping
  String show(CollectionContext context, Form form, Model model) {
    List<Animal> all = animals.all(context);
    Ledger ledger = books.ledger(context);
    String species =
        form.typed("species").isEmpty() && !all.isEmpty()
            ? all.get(0).species()
            : form.typed("species");
    List<Animal> some = all.stream().filter(a -> a.species().equals(species)).toList();
    LocalDate from = form.date("ratesFrom").orElse(context.today().minusYears(1));
    LocalDate last = form.date("ratesTo").orElse(context.today());
    if (last.isBefore(from)) {
      form.refuse("ratesTo", Messages.text("animals.rates-order"));
    }
    PlaceNames names = new PlaceNames(books.places(context), enclosures.all(context));
    List<Incidents> found =
        form.hasErrors()
            ? List.of()
            : Incidents.of(
                ledger,
                some.stream().map(Animal::key).toList(),
                cases(ledger, some, form.typed("case")),
                from,
                last);
    model.addAttribute(
        "rows",
        found.stream().map(i -> RateRow.of(names.name(i.place()), i, context.units())).toList());
    model.addAttribute("verdict", verdict(found, names));
    model.addAttribute("fields", fields(context, form, all, ledger, some));
    return "animals/rates";
  }

  private List<Incidents.Case> cases(Ledger ledger, List<Animal> some, String what) {
    if (what.isEmpty() || what.startsWith(DEATH)) {
      String cause = what.isEmpty() ? "" : what.substring(DEATH.length());
      return Incidents.deaths(ledger, some.stream().map(Animal::key).toList(), cause);
    }
    Map<Long, String> keys = new HashMap<>();
    some.forEach(a -> keys.put(a.id(), a.key()));
    List<Incidents.Case> all = new ArrayList<>();
    for (LifeEntry entry : life.of(some)) {
      LifeEvent event = entry.event();
      if (event.kind().name().equals(what)) {
        ledger.census(keys.getOrDefault(entry.animalId(), ""), event.day()).lines().stream()
            .max(Comparator.comparingInt(Census.Line::count))
            .ifPresent(line -> all.add(new Incidents.Case(event.day(), line.place(), 1)));
      }
    }
    return all;
  }

  private static String verdict(List<Incidents> found, PlaceNames names) {
    for (Incidents one : found) {
      for (Incidents other : found) {
        if (one.place().compareTo(other.place()) < 0 && one.differsFrom(other)) {
          return Messages.text(
              "animals.rates-differ", names.name(one.place()), names.name(other.place()));
        }
      }
    }
    return found.size() < 2 ? "" : Messages.text("animals.rates-alike");
  }

  private List<Field> fields(
      CollectionContext context, Form form, List<Animal> all, Ledger ledger, List<Animal> some) {
    Fields fields = Fields.of(form, "rates");
    List<Field.Option> kinds =
        all.stream()
            .map(Animal::species)
            .distinct()
            .map(
                id ->
                    new Field.Option(
                        id, sheets.library(context).find(id).map(CareSheet::name).orElse(id)))
            .toList();
    return List.of(
        fields.select("species", kinds),
        fields.select("case", whats(ledger, some)),
        fields.date("ratesFrom"),
        fields.date("ratesTo"));
  }

  private static List<Field.Option> whats(Ledger ledger, List<Animal> some) {
    List<Field.Option> all = new ArrayList<>();
    all.add(new Field.Option(DEATH, Messages.text("animals.any-death")));
    some.stream()
        .flatMap(a -> ledger.movements(a.key()).stream())
        .filter(m -> m.to().kind() == Place.Kind.DIED && !m.cause().isEmpty())
        .map(Movement::cause)
        .distinct()
        .sorted()
        .forEach(
            cause ->
                all.add(new Field.Option(DEATH + cause, Messages.text("animals.death-of", cause))));
    for (LifeEvent.Kind kind : LifeEvent.Kind.values()) {
      if (kind != LifeEvent.Kind.NOTE) {
        all.add(
            new Field.Option(
                kind.name(), Messages.text("life." + kind.name().toLowerCase(Locale.ROOT))));
      }
    }
    return all;
  }
}

package app.islet.web.health;

import app.islet.core.care.CareSheet;
import app.islet.core.health.Arrival;
import app.islet.core.quantity.Dimension;
import app.islet.core.text.English;
import app.islet.web.care.CareSheetStore;
import app.islet.web.collection.CollectionContext;
import app.islet.web.support.Field;
import app.islet.web.support.Fields;
import app.islet.web.support.Form;
import app.islet.web.support.Messages;
import app.islet.web.support.Units;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
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

  ArrivalController(CareSheetStore sheets) {
    this.sheets = sheets;
  }

  @GetMapping
  String ask(CollectionContext context, Form form, Model model) {
    List<CareSheet> all =
        sheets.library(context).all().stream()
            .sorted(Comparator.comparing(CareSheet::name))
            .toList();
    Optional<CareSheet> sheet =
        all.stream().filter(s -> s.id().equals(form.typed("species"))).findFirst();
    OptionalDouble parcel = form.optional("parcelC", Dimension.TEMPERATURE, COLDEST, WARMEST);
    OptionalDouble tub = form.optional("tubC", Dimension.TEMPERATURE, COLDEST, WARMEST);
    model.addAttribute("fields", fields(form, all));
    model.addAttribute("arrival", sheet.map(s -> Arrival.of(s.group())).orElse(null));
    model.addAttribute("species", sheet.map(CareSheet::name).orElse(""));
    model.addAttribute("weeks", sheet.map(s -> weeks(context, Arrival.of(s.group()))).orElse(""));
    model.addAttribute(
        "steps",
        parcel.isPresent() && tub.isPresent()
            ? steps(Arrival.steps(parcel.getAsDouble(), tub.getAsDouble()), context.units())
            : List.of());
    return "health/arrival";
  }

  private static String weeks(CollectionContext context, Arrival arrival) {
    int least = (int) arrival.weeks().min();
    int most = (int) arrival.weeks().max();
    return Messages.text(
        "health.arrival.weeks",
        least,
        most,
        English.shortDay(context.today().plusWeeks(least)),
        arrival.basis().words());
  }

  private static List<Field> fields(Form form, List<CareSheet> all) {
    Fields f = Fields.of(form, "arrival");
    List<Field.Option> species = new ArrayList<>();
    species.add(new Field.Option("", Messages.text("rearing.choose-species")));
    all.forEach(s -> species.add(new Field.Option(s.id(), s.name())));
    return List.of(
        f.select("species", species),
        f.number("parcelC", Dimension.TEMPERATURE),
        f.number("tubC", Dimension.TEMPERATURE));
  }

  private static List<String> steps(List<Arrival.Step> steps, Units u) {
    return steps.stream()
        .map(s -> Messages.text("health.arrival.step", s.minutes(), u.celsius(s.tempC())))
        .toList();
  }
}

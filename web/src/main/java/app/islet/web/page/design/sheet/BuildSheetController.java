package app.islet.web.page.design.sheet;

import app.islet.core.build.BillLine;
import app.islet.core.build.BuildSheet;
import app.islet.core.build.BuildStep;
import app.islet.core.build.Offer;
import app.islet.core.build.PowerLine;
import app.islet.core.build.Replacement;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.text.English;
import app.islet.web.base.support.Downloads;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.base.support.Reply;
import app.islet.web.base.support.Units;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.Snapshots;
import app.islet.web.store.build.BuildLog;
import app.islet.web.store.build.Tariff;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** The build sheet: what to have, what it draws, and the order of building, ticked off. */
@Controller
@RequestMapping("/c/{collection}/enclosures/{id}/sheet")
class BuildSheetController {
  private static final String PRICE = "price-";

  private final Snapshots snapshots;
  private final BuildLog log;

  BuildSheetController(Snapshots snapshots, BuildLog log) {
    this.snapshots = snapshots;
    this.log = log;
  }

  private KeptSheet sheet(CollectionContext context, long id) {
    EnclosureSnapshot state = snapshots.get(context, id);
    return new KeptSheet(
        state,
        BuildSheet.of(state.assessment().situation()),
        log.tariff(context),
        log.prices(id),
        log.done(id));
  }

  /**
   * @param price as typed, or as kept
   * @param packs how many of what is sold, and what they come to; empty where the price is for all
   * @param error what is wrong with the price; empty where nothing is
   */
  record Row(
      String key,
      String thing,
      String amount,
      String note,
      boolean present,
      String price,
      String packs,
      String error) {}

  record Group(String title, List<Row> rows) {}

  /**
   * @param cost empty without a price
   */
  record LaterRow(String thing, String amount, Optional<BigDecimal> cost) {}

  record PowerRow(String device, String watts, String winter, String summer, String basis) {}

  /**
   * @param done the day it was ticked; empty while it is not
   */
  record StepRow(int number, String key, String title, String how, String pause, String done) {}

  @GetMapping
  String show(CollectionContext context, @PathVariable long id, Model model) {
    return page(context, sheet(context, id), new Form(Map.of(), context.system()), model);
  }

  @PostMapping("/prices")
  String prices(
      CollectionContext context, @PathVariable long id, Form form, Model model, Reply reply) {
    context.require(Role.KEEPER);
    KeptSheet kept = sheet(context, id);
    Map<String, Optional<Offer>> prices = new LinkedHashMap<>();
    for (BillLine line : kept.sheet().lines()) {
      prices.put(line.key(), offer(form, line));
    }
    Optional<BigDecimal> tariff = money(form, "tariff", 4, "what a kWh costs, such as 0.32");
    String currency = form.typed("currency");
    if (tariff.isPresent() && (currency.isEmpty() || currency.length() > 8)) {
      form.refuse("currency", "Please give a currency in 1 to 8 letters.");
    }
    if (form.hasErrors()) {
      return reply.refused(page(context, kept, form, model));
    }
    log.price(context, id, prices);
    tariff.ifPresent(perKwh -> log.tariff(context, perKwh, currency));
    return reply.saved("Saved.", context.path("/enclosures/" + id + "/sheet"));
  }

  private static Optional<Offer> offer(Form form, BillLine line) {
    String id = PRICE + line.key();
    String text = form.typed(id);
    if (text.isEmpty()) {
      return Optional.empty();
    }
    Optional<Offer> offer = Offer.read(text);
    if (offer.isEmpty()) {
      form.refuse(
          id,
          "\"%s\" is not a price such as 12.50, 2 for 9, 10 L for 8.50, or the word owned."
              .formatted(text));
    } else if (offer.get().of(line, form.units()).isEmpty()) {
      form.refuse(id, "It is not sold by that measure: take that of how much is needed.");
    }
    return offer;
  }

  private static Optional<BigDecimal> money(Form form, String id, int contexts, String wanted) {
    String text = form.typed(id).replace(',', '.');
    if (text.isEmpty()) {
      return Optional.empty();
    }
    if (!text.matches("\\d{1,7}(\\.\\d{1,%d})?".formatted(contexts))) {
      form.refuse(
          id,
          "\"%s\" is not %s: digits, at most %d behind the point."
              .formatted(form.typed(id), wanted, contexts));
      return Optional.empty();
    }
    return Optional.of(new BigDecimal(text));
  }

  @PostMapping("/steps")
  String tick(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    String step = form.typed("step");
    boolean known = sheet(context, id).sheet().steps().stream().anyMatch(s -> s.key().equals(step));
    if (!known) {
      throw new NotFoundException("the sheet has no such step");
    }
    log.tick(context, id, step, form.typed("done").equals("true"));
    return reply.done(context.path("/enclosures/" + id + "/sheet#" + step));
  }

  /** The parts list as a table file. */
  @GetMapping("/parts.csv")
  ResponseEntity<String> csv(CollectionContext context, @PathVariable long id) {
    KeptSheet kept = sheet(context, id);
    return Downloads.of(
        kept.state().name() + "-parts.csv",
        new MediaType("text", "csv", StandardCharsets.UTF_8),
        SheetCsv.write(kept, context.units()));
  }

  private String page(CollectionContext context, KeptSheet kept, Form form, Model model) {
    Units u = context.units();
    boolean typed = form.hasErrors();
    Map<String, List<Row>> groups =
        kept.sheet().lines().stream()
            .collect(
                Collectors.groupingBy(
                    BillLine::group,
                    LinkedHashMap::new,
                    Collectors.mapping(
                        line -> row(line, kept, form, typed, u), Collectors.toList())));
    BigDecimal sum =
        kept.sheet().lines().stream()
            .flatMap(line -> kept.cost(line, context.system()).stream())
            .map(Offer.Cost::sum)
            .reduce(BigDecimal.ZERO, BigDecimal::add);
    long unpriced =
        kept.sheet().lines().stream()
            .filter(line -> kept.cost(line, context.system()).isEmpty())
            .count();
    model.addAttribute("unpriced", unpriced);
    model.addAttribute("owned", kept.sheet().lines().stream().filter(kept::isOwned).count());
    String currency = kept.tariff().map(Tariff::currency).orElse("");
    model.addAttribute("state", kept.state());
    model.addAttribute(
        "groups",
        groups.entrySet().stream().map(g -> new Group(g.getKey(), g.getValue())).toList());
    model.addAttribute("sum", (sum + " " + currency).strip());
    List<LaterRow> later = later(kept, u);
    model.addAttribute("later", later);
    model.addAttribute(
        "laterSum",
        (later.stream().flatMap(row -> row.cost().stream()).reduce(BigDecimal.ZERO, BigDecimal::add)
                + " "
                + currency)
            .strip());
    model.addAttribute("laterOpen", later.stream().filter(row -> row.cost().isEmpty()).count());
    model.addAttribute("power", kept.sheet().power().stream().map(p -> power(p, kept)).toList());
    model.addAttribute("winter", cost(kept.sheet().winterKwhPerMonth(), kept));
    model.addAttribute("summer", cost(kept.sheet().summerKwhPerMonth(), kept));
    model.addAttribute(
        "tariff",
        typed
            ? form.typed("tariff")
            : kept.tariff().map(t -> t.perKwh().stripTrailingZeros().toPlainString()).orElse(""));
    model.addAttribute("currency", typed ? form.typed("currency") : currency);
    model.addAttribute("errors", form.errors());
    List<BuildStep> steps = kept.sheet().steps();
    model.addAttribute(
        "steps",
        IntStream.range(0, steps.size())
            .mapToObj(n -> step(n + 1, steps.get(n), kept, u))
            .toList());
    long done = steps.stream().filter(s -> kept.done().containsKey(s.key())).count();
    model.addAttribute("progress", done + " of " + steps.size() + " done");
    model.addAttribute("days", u.text(Quantity.days(Math.ceil(kept.sheet().days()))));
    return "buildsheet/sheet";
  }

  /** What the twelve months to come cost: power, and what wears out. */
  private static List<LaterRow> later(KeptSheet kept, Units u) {
    List<LaterRow> rows = new ArrayList<>();
    if (!kept.sheet().power().isEmpty()) {
      rows.add(
          new LaterRow(
              "Power",
              "%.0f kWh, estimate".formatted(kept.sheet().kwhPerYear()),
              kept.powerOfAYear()));
    }
    for (Replacement again : kept.sheet().replacements()) {
      rows.add(
          new LaterRow(
              again.thing(),
              again.times() + ", " + u.text(again.why()),
              kept.cost(again, u.system())));
    }
    return rows;
  }

  private static Row row(BillLine line, KeptSheet kept, Form form, boolean typed, Units u) {
    String id = PRICE + line.key();
    String price = Optional.ofNullable(kept.prices().get(line.key())).map(Offer::words).orElse("");
    return new Row(
        line.key(),
        line.thing(),
        line.amounts().stream().map(u::text).collect(Collectors.joining(", ")),
        u.text(line.note()),
        line.present(),
        typed ? form.typed(id) : price,
        packs(line, kept, u),
        Optional.ofNullable(form.error(id)).orElse(""));
  }

  /** As in {@code 3 of them, 25.50}; empty where the price is for all. */
  private static String packs(BillLine line, KeptSheet kept, Units u) {
    boolean byPack =
        Optional.ofNullable(kept.prices().get(line.key()))
            .filter(offer -> !offer.pack().isEmpty())
            .isPresent();
    return byPack
        ? kept.cost(line, u.system())
            .map(
                c ->
                    "%d × %s: %s"
                        .formatted(
                            c.packs(),
                            kept.prices().get(line.key()).pack(),
                            c.sum().toPlainString()))
            .orElse("")
        : "";
  }

  private static PowerRow power(PowerLine p, KeptSheet kept) {
    return new PowerRow(
        p.device(),
        Math.round(p.watts()) + " W",
        cost(p.winterKwhPerMonth(), kept),
        cost(p.summerKwhPerMonth(), kept),
        p.basis().text(UnitSystem.METRIC));
  }

  /** Kilowatt-hours, and what they cost where a tariff is known. */
  private static String cost(double kwh, KeptSheet kept) {
    String words = "%.1f kWh".formatted(kwh);
    return kept.tariff()
        .map(t -> words + ", %.2f %s".formatted(kwh * t.perKwh().doubleValue(), t.currency()))
        .orElse(words);
  }

  private static StepRow step(int number, BuildStep step, KeptSheet kept, Units u) {
    return new StepRow(
        number,
        step.key(),
        step.title(),
        u.text(step.how()),
        step.pause(),
        Optional.ofNullable(kept.done().get(step.key())).map(day -> English.day(day)).orElse(""));
  }
}

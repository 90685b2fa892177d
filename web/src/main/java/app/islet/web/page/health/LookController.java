package app.islet.web.page.health;

import app.islet.core.care.CareSheet;
import app.islet.core.care.Stage;
import app.islet.core.health.HealthTables;
import app.islet.core.health.Observed;
import app.islet.core.health.Sign;
import app.islet.web.base.drawing.BodyMap;
import app.islet.web.base.drawing.SignPicture;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.base.support.Reply;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.Residents;
import app.islet.web.store.care.CareSheetStore;
import app.islet.web.store.health.HealthCase;
import app.islet.web.store.health.HealthLog;
import app.islet.web.store.health.HealthTableStore;
import app.islet.web.store.rearing.Batches;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/**
 * Something looks wrong: a sign is chosen, and what to do first stands there. The answers to every
 * sign come with the page, so that it helps without a network too.
 */
@Controller
@RequestMapping("/c/{collection}/health")
class LookController {
  private static final int MAX_DAYS = 365;

  private final Patients patients;
  private final Residents residents;
  private final Batches batches;
  private final HealthLog log;
  private final HealthTableStore tables;
  private final CareSheetStore sheets;

  LookController(
      Patients patients,
      Residents residents,
      Batches batches,
      HealthLog log,
      HealthTableStore tables,
      CareSheetStore sheets) {
    this.sheets = sheets;
    this.tables = tables;
    this.patients = patients;
    this.residents = residents;
    this.batches = batches;
    this.log = log;
  }

  /** Signs of one part of the body. */
  record Part(String id, int number, String name, List<SignView> signs) {}

  /**
   * @param picture what it looks like; empty where it cannot be drawn
   */
  record SignView(String id, String words, boolean urgent, String picture) {}

  /** An answer to how many of a group show it. */
  record HowManyView(Observed.HowMany of, String words) {}

  /** Who of an enclosure it is about; at once where there is one. */
  @GetMapping("/enclosures/{id}")
  String whose(CollectionContext context, @PathVariable long id, Model model) {
    List<Animal> here =
        residents.living(context, List.of(id), context.today()).stream()
            .map(Residents.Stay::animal)
            .toList();
    if (here.isEmpty()) {
      throw new NotFoundException("nobody lives there");
    }
    if (here.size() == 1) {
      return "redirect:" + context.path("/health/animals/" + here.get(0).id());
    }
    model.addAttribute("animals", here);
    return "health/whose";
  }

  @GetMapping("/tubs/{place}")
  String tub(CollectionContext context, @PathVariable long place) {
    long animal = batches.get(context, batches.tub(context, place).batchId()).animalId();
    return "redirect:" + context.path("/health/animals/" + animal);
  }

  @GetMapping("/animals/{id}")
  String look(
      CollectionContext context,
      @PathVariable long id,
      @RequestParam(name = "sign", required = false) List<String> signs,
      @RequestParam(defaultValue = "UNKNOWN") Observed.HowMany of,
      @RequestParam(defaultValue = "1") int day,
      Model model) {
    Patients.Patient patient = patients.patient(context, id);
    model.addAttribute("who", patient.animal().name());
    model.addAttribute("address", context.path("/health/animals/" + id));
    model.addAttribute("onBooks", true);
    model.addAttribute("group", patient.resident().count() > 1 ? howMany() : List.of());
    return page(
        context, patient.ill(), new Asked(signs == null ? List.of() : signs, of, day), model);
  }

  /** Of an animal that is on no books: a friend's, or one found. */
  @GetMapping("/kinds/{species}")
  String lookAtKind(
      CollectionContext context,
      @PathVariable String species,
      @RequestParam(defaultValue = "") String stage,
      @RequestParam(name = "sign", required = false) List<String> signs,
      @RequestParam(defaultValue = "1") int day,
      Model model) {
    CareSheet sheet =
        sheets
            .library(context)
            .find(species)
            .orElseThrow(() -> new NotFoundException("there is no care sheet " + species));
    Stage at = sheet.stage(stage).orElse(sheet.grown());
    String address = context.path("/health/kinds/" + sheet.id());
    model.addAttribute("who", sheet.name());
    model.addAttribute("address", address);
    model.addAttribute("onBooks", false);
    model.addAttribute("group", List.of());
    model.addAttribute("stages", sheet.stages());
    model.addAttribute("stageId", at.id());
    Asked asked = new Asked(signs == null ? List.of() : signs, Observed.HowMany.UNKNOWN, day);
    return page(context, new Patients.Ill(sheet, at, List.of()), asked, model);
  }

  /** Which signs, in how many of them, since how many days. */
  private record Asked(List<String> signs, Observed.HowMany of, int day) {
    Asked {
      day = Math.max(1, Math.min(MAX_DAYS, day));
    }
  }

  private String page(CollectionContext context, Patients.Ill ill, Asked asked, Model model) {
    HealthTables known = tables.tables(context);
    List<Sign> signsOf = known.signsOf(ill.sheet(), ill.stage());
    Set<String> chosen = new LinkedHashSet<>();
    signsOf.stream().map(Sign::id).filter(asked.signs()::contains).forEach(chosen::add);
    model.addAttribute("stage", ill.stage().name());
    List<Part> parts = parts(signsOf);
    model.addAttribute("parts", parts);
    model.addAttribute(
        "map",
        BodyMap.of(
            ill.sheet().group(),
            parts.stream().map(p -> new BodyMap.Part(p.id(), p.number(), p.name())).toList(),
            Messages.text("health.where")));
    model.addAttribute("chosen", chosen);
    model.addAttribute("day", asked.day());
    model.addAttribute("of", asked.of());
    model.addAttribute(
        "facts", ill.facts().stream().map(f -> context.units().text(f.words())).toList());
    model.addAttribute(
        "answer",
        chosen.isEmpty()
            ? null
            : TriageView.of(known, ill, chosen, asked.of(), asked.day(), context.units()));
    model.addAttribute(
        "answers",
        chosen.isEmpty()
            ? signsOf.stream()
                .map(s -> TriageView.of(known, ill, Set.of(s.id()), asked.of(), 1, context.units()))
                .toList()
            : List.of());
    model.addAttribute("contact", context.collection().contact());
    return "health/look";
  }

  private static List<HowManyView> howMany() {
    return List.of(
        new HowManyView(Observed.HowMany.ONE, Messages.text("health.how-many-one")),
        new HowManyView(Observed.HowMany.MOST, Messages.text("health.how-many-most")));
  }

  private static List<Part> parts(List<Sign> signs) {
    Map<Sign.Where, List<SignView>> byPart = new LinkedHashMap<>();
    for (Sign.Where where : Sign.Where.values()) {
      signs.stream()
          .filter(s -> s.where() == where)
          .forEach(
              s ->
                  byPart
                      .computeIfAbsent(where, w -> new ArrayList<>())
                      .add(new SignView(s.id(), s.words(), s.urgent(), SignPicture.of(s.id()))));
    }
    List<Part> parts = new ArrayList<>();
    byPart.forEach(
        (where, some) ->
            parts.add(
                new Part(
                    where.name().toLowerCase(Locale.ROOT), parts.size() + 1, where.words(), some)));
    return parts;
  }

  /** Writes down what was seen. */
  @PostMapping("/animals/{id}")
  String report(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    HealthTables known = tables.tables(context);
    List<String> signs =
        Stream.of(form.typed("signs").split(" ")).filter(s -> known.sign(s).isPresent()).toList();
    if (signs.isEmpty()) {
      return reply.notDone(
          Messages.text("health.choose-sign"), context.path("/health/animals/" + id));
    }
    int day = form.whole("day", 1, MAX_DAYS, 1);
    HealthCase written =
        log.report(
            context,
            id,
            new HealthCase.Seen(context.today().minusDays(day - 1L), signs, form.note("note")),
            form.clientId());
    return reply.saved(
        Messages.text("health.written"), context.path("/health/cases/" + written.id()));
  }
}

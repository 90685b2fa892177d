package app.islet.web.page.design.proposal;

import app.islet.core.Assessment;
import app.islet.core.animal.Resident;
import app.islet.core.document.EnclosureDocument;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.proposal.Mending;
import app.islet.core.quantity.Dimension;
import app.islet.core.review.Finding;
import app.islet.core.review.Outlook;
import app.islet.core.review.Severity;
import app.islet.core.review.Strength;
import app.islet.core.review.Verdict;
import app.islet.core.situation.HusbandryState;
import app.islet.core.text.English;
import app.islet.web.base.drawing.SectionDrawing;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Reply;
import app.islet.web.base.support.Units;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.store.animal.NewEnclosures;
import app.islet.web.store.care.CareSheetStore;
import app.islet.web.store.enclosure.Room;
import app.islet.web.store.enclosure.Rooms;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** One screen, one minute: what is good and what is wrong about a tank that exists already. */
@Controller
@RequestMapping("/c/{collection}/new/check")
class QuickController {
  private static final double PICTURE_PX = 420;
  private static final int MONTHS_AHEAD = 36;
  private static final int MOST_TRIED = 30;

  private final CareSheetStore sheets;
  private final Rooms rooms;
  private final NewEnclosures newEnclosures;

  QuickController(CareSheetStore sheets, Rooms rooms, NewEnclosures newEnclosures) {
    this.sheets = sheets;
    this.rooms = rooms;
    this.newEnclosures = newEnclosures;
  }

  /**
   * What is wrong, in a few words.
   *
   * @param first what to do about it
   * @param rule by which that can be tried; empty where no number does it
   */
  record Told(String severity, String css, String what, String why, String first, String rule) {}

  /** A set-up as it was said, with what was tried of it. */
  record Looked(EnclosureDocument document, Mending mending) {}

  @GetMapping
  String check(CollectionContext context, Form form, Model model) {
    context.require(Role.KEEPER);
    return page(context, form, model);
  }

  private String page(CollectionContext context, Form form, Model model) {
    boolean asked = !form.typed("asked").isEmpty();
    Form shown = asked ? form : begun(context);
    Optional<Looked> looked = asked ? looked(context, form) : Optional.empty();
    model.addAttribute("who", QuickForm.who(shown, sheets.library(context)));
    model.addAttribute("tank", QuickForm.tank(shown));
    model.addAttribute("devices", QuickForm.devices(shown));
    model.addAttribute("where", where(context, shown));
    model.addAttribute("typed", shown.all());
    model.addAttribute("clientId", UUID.randomUUID().toString());
    model.addAttribute("judged", looked.isPresent());
    looked.ifPresent(l -> judge(context, l, model));
    return "proposal/check";
  }

  /** What most tanks are, before anybody said anything. */
  private static Form begun(CollectionContext context) {
    return new Form(
        Map.of("count", "1", "tank", "60 cm", "full", "80", "out", "NONE", "ground", "BARE"),
        context.system());
  }

  private List<Field> where(CollectionContext context, Form form) {
    List<Field.Option> options = new ArrayList<>();
    rooms
        .all(context)
        .forEach(r -> options.add(new Field.Option(String.valueOf(r.id()), r.name())));
    options.add(new Field.Option("", "another room, heated"));
    Fields fields = Fields.of(form, "quick");
    return List.of(fields.select("room", options), fields.number("warmest", Dimension.TEMPERATURE));
  }

  private Optional<Room> room(CollectionContext context, Form form) {
    return rooms.all(context).stream()
        .filter(r -> String.valueOf(r.id()).equals(form.typed("room")))
        .findFirst();
  }

  private Optional<Looked> looked(CollectionContext context, Form form) {
    Optional<Resident> who = QuickForm.resident(form, sheets.library(context));
    Optional<Enclosure> enclosure =
        QuickForm.enclosure(form, room(context, form).map(Room::site), context.today());
    return form.hasErrors() || who.isEmpty()
        ? Optional.empty()
        : enclosure.map(
            e -> tried(context, form, HusbandryState.of(e, List.of(who.get()), context.today())));
  }

  private static Looked tried(CollectionContext context, Form form, HusbandryState asSaid) {
    List<String> keys =
        form.has("untried")
            ? List.of()
            : Stream.of((form.typed("tried") + "," + form.typed("try")).split(","))
                .filter(key -> !key.isBlank())
                .limit(MOST_TRIED)
                .toList();
    Mending mending = Mending.of(asSaid, keys);
    return new Looked(
        new EnclosureDocument(mending.state().enclosure(), asSaid.residents()), mending);
  }

  private static void judge(CollectionContext context, Looked looked, Model model) {
    Units u = context.units();
    EnclosureDocument d = looked.document();
    Assessment a = Assessment.of(d.enclosure(), d.residents(), context.today());
    List<Finding> findings = a.review().findings();
    model.addAttribute("picture", SectionDrawing.picture(a, PICTURE_PX));
    Verdict verdict = Verdict.of(a.review());
    model.addAttribute("tried", String.join(",", looked.mending().keys()));
    model.addAttribute(
        "steps",
        looked.mending().steps().stream().map(step -> u.text(step.remedy().text())).toList());
    model.addAttribute("verdict", u.text(verdict.sentence()));
    model.addAttribute("counted", verdict.counted());
    model.addAttribute("first", verdict.first().stream().map(u::text).toList());
    model.addAttribute(
        "good",
        Strength.of(a.situation(), a.review()).stream().map(s -> u.text(s.what())).toList());
    model.addAttribute(
        "wrong",
        findings.stream().filter(f -> f.severity() != Severity.NOTE).map(f -> told(f, u)).toList());
    model.addAttribute(
        "mendable",
        findings.stream()
            .filter(f -> f.severity().compareTo(Severity.WATCH) < 0)
            .anyMatch(f -> Mending.remedy(f).isPresent()));
    model.addAttribute(
        "later",
        Outlook.of(a.situation(), MONTHS_AHEAD).events().stream()
            .limit(3)
            .map(e -> "%s: %s".formatted(English.month(e.day()), u.text(e.finding().what())))
            .toList());
  }

  private static Told told(Finding f, Units u) {
    return new Told(
        f.severity().word(),
        f.severity().word().toLowerCase(Locale.ROOT),
        u.text(f.what()),
        u.text(f.why()),
        Mending.remedy(f)
            .or(() -> f.remedies().stream().findFirst())
            .map(r -> u.text(r.text()))
            .orElse(""),
        Mending.remedy(f).map(r -> f.rule()).orElse(""));
  }

  /** Keeps it as an enclosure. */
  @PostMapping
  String keep(CollectionContext context, Form form, Model model, Reply reply) {
    context.require(Role.KEEPER);
    Optional<EnclosureDocument> document = looked(context, form).map(Looked::document);
    if (document.isEmpty()) {
      return reply.refused(page(context, form, model));
    }
    String name = English.capital(document.get().residents().get(0).name());
    UUID clientId = form.clientId();
    long id =
        room(context, form)
            .map(room -> newEnclosures.create(context, room.id(), document.get(), name, clientId))
            .orElseGet(
                () ->
                    newEnclosures.create(
                        context,
                        document.get().enclosure().site(),
                        document.get(),
                        name,
                        clientId));
    return reply.saved(
        "Kept. Everything that was taken as usual can be put right here.",
        context.path("/enclosures/" + id + "/build"));
  }
}

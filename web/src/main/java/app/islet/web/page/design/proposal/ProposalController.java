package app.islet.web.page.design.proposal;

import app.islet.core.animal.Resident;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Stage;
import app.islet.core.document.EnclosureDocument;
import app.islet.core.enclosure.StandardVessel;
import app.islet.core.enclosure.Vessel;
import app.islet.core.proposal.Aim;
import app.islet.core.proposal.Fit;
import app.islet.core.proposal.Proposal;
import app.islet.core.proposal.Proposer;
import app.islet.core.proposal.Wish;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.text.English;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.base.support.Reply;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.store.animal.NewEnclosures;
import app.islet.web.store.build.BuildLog;
import app.islet.web.store.care.CareSheetStore;
import app.islet.web.store.enclosure.Room;
import app.islet.web.store.enclosure.Rooms;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** One species: whether it fits the room, and three proposals for it. */
@Controller
@RequestMapping("/c/{collection}/new/{species}")
class ProposalController {
  /** The largest of them side by side is drawn so wide, pixels. */
  private static final double WIDEST_PX = 330;

  private static final double TALLEST_PX = 210;
  private static final int MAX_OTHERS = 8;

  private final CareSheetStore sheets;
  private final Rooms rooms;
  private final BuildLog buildLog;
  private final NewEnclosures newEnclosures;
  private final Fits fits;

  ProposalController(
      CareSheetStore sheets,
      Rooms rooms,
      BuildLog buildLog,
      NewEnclosures newEnclosures,
      Fits fits) {
    this.sheets = sheets;
    this.rooms = rooms;
    this.buildLog = buildLog;
    this.newEnclosures = newEnclosures;
    this.fits = fits;
  }

  /** A species that fits the room instead. */
  record Other(String id, String name) {}

  @GetMapping
  String show(CollectionContext context, @PathVariable String species, Form form, Model model) {
    context.require(Role.KEEPER);
    return page(context, sheet(context, species), form, model);
  }

  /** Which animals do fit the room asked for: looking at them all takes a while. */
  @GetMapping("/others")
  String others(CollectionContext context, @PathVariable String species, Form form, Model model) {
    context.require(Role.KEEPER);
    CareSheet sheet = sheet(context, species);
    Asked asked = Asked.read(form, sheet, rooms.all(context), context.today());
    model.addAttribute("others", others(context, sheet, asked));
    return "proposal/others :: others";
  }

  private CareSheet sheet(CollectionContext context, String species) {
    CareSheet sheet =
        sheets
            .library(context)
            .find(species)
            .orElseThrow(() -> new NotFoundException("there is no care sheet " + species));
    return Optional.ofNullable(sheets.schools(context).get(species)).map(sheet::as).orElse(sheet);
  }

  private String page(CollectionContext context, CareSheet sheet, Form form, Model model) {
    Asked asked = Asked.read(form, sheet, rooms.all(context), context.today());
    Power power = new Power(buildLog.tariff(context));
    List<Proposal> proposals = form.hasErrors() ? List.of() : proposals(asked, sheet.name());
    double widest = of(proposals, Vessel::lengthCm);
    double tallest = of(proposals, Vessel::heightCm);
    double scale = Math.min(WIDEST_PX / widest, TALLEST_PX / tallest);
    boolean forGood = in(proposals, Aim.NOW).isEmpty();
    Fit fit = fits.of(sheet, asked.site(), asked.chiller(), context.today());
    model.addAttribute("fit", FitView.of(fit, asked.site(), power, context.units()));
    Form filled = filled(form, asked, context);
    model.addAttribute("where", filled);
    model.addAttribute("fields", fields(context, sheet, filled));
    model.addAttribute("roomFields", roomFields(filled));
    model.addAttribute("roomKnown", asked.room().isPresent());
    model.addAttribute("haveFields", haveFields(form));
    model.addAttribute(
        "proposals",
        proposals.stream()
            .map(p -> ProposalView.of(p, forGood, scale, power, context.units()))
            .toList());
    model.addAttribute(
        "none",
        proposals.isEmpty() && !form.hasErrors()
            ? Proposer.obstacle(asked.wish(sheet.name())).map(f -> context.units().text(f.what()))
            : Optional.empty());
    boolean haveProposed = in(proposals, Aim.HAVE).isPresent();
    model.addAttribute("asked", !form.typed("asked").isEmpty());
    model.addAttribute("haveProposed", haveProposed);
    model.addAttribute("noneInHave", asked.have().isPresent() && !haveProposed);
    model.addAttribute("clientId", UUID.randomUUID().toString());
    return "proposal/species";
  }

  private static double of(List<Proposal> proposals, ToDoubleFunction<Vessel> size) {
    return proposals.stream().map(p -> p.design().vessel()).mapToDouble(size).max().orElse(1);
  }

  private static List<Proposal> proposals(Asked asked, String name) {
    Wish wish = asked.wish(name);
    Optional<Proposal> grown = Proposer.grown(wish);
    // What serves for good serves for a year: the same twice would be no choice.
    Optional<Proposal> now =
        Proposer.now(wish).filter(p -> grown.filter(g -> g.design().equals(p.design())).isEmpty());
    return Stream.of(now, grown, asked.have().flatMap(vessel -> asManyAsFit(vessel, wish)))
        .flatMap(Optional::stream)
        .toList();
  }

  /** As many of those asked for as the vessel holds: where so many do not fit, more do not. */
  private static Optional<Proposal> asManyAsFit(Vessel vessel, Wish wish) {
    Resident asked = wish.residents().get(0);
    Optional<Proposal> best = Optional.empty();
    int fits = 0;
    int tooMany = asked.count() + 1;
    while (tooMany - fits > 1) {
      // All of them first, then halving.
      int next = tooMany > asked.count() && fits == 0 ? asked.count() : (fits + tooMany) / 2;
      Optional<Proposal> found = Proposer.in(vessel, wish.with(List.of(asked.ofCount(next))));
      if (found.isPresent()) {
        best = found;
        fits = next;
      } else {
        tooMany = next;
      }
    }
    return best;
  }

  private static Optional<Proposal> in(List<Proposal> proposals, Aim aim) {
    return proposals.stream().filter(p -> p.aim() == aim).findFirst();
  }

  /** Those of the same group that do fit the room, then any. */
  private List<Other> others(CollectionContext context, CareSheet sheet, Asked asked) {
    return sheets.library(context).all().stream()
        .filter(s -> !s.id().equals(sheet.id()))
        .sorted(Comparator.comparing(s -> s.group() != sheet.group()))
        .filter(s -> fits.of(s, asked.site(), asked.chiller(), context.today()).home().isPresent())
        .limit(MAX_OTHERS)
        .map(s -> new Other(s.id(), s.name()))
        .toList();
  }

  /** What was typed, and where nothing was what is taken. */
  private static Form filled(Form form, Asked asked, CollectionContext context) {
    Map<String, String> typed = new LinkedHashMap<>();
    typed.put("stage", asked.who().stage().id());
    typed.put("count", String.valueOf(asked.who().count()));
    typed.put("day", asked.day().toString());
    typed.put("room", asked.room().map(r -> String.valueOf(r.id())).orElse(""));
    typed.put(
        "warmest", Form.shown(asked.site().warmestC(), Dimension.TEMPERATURE, context.system()));
    typed.put(
        "coldest", Form.shown(asked.site().coldestC(), Dimension.TEMPERATURE, context.system()));
    if (asked.chiller()) {
      typed.put("chiller", "on");
    }
    form.all()
        .forEach(
            (id, text) -> {
              if (!text.isBlank()) typed.put(id, text);
            });
    Form filled = new Form(typed, form.units());
    form.errors().forEach(filled::refuse);
    return filled;
  }

  private List<Field> fields(CollectionContext context, CareSheet sheet, Form form) {
    Fields fields = Fields.of(form, "who");
    List<Field.Option> stages =
        sheet.stages().stream().map(s -> new Field.Option(s.id(), stageWords(s, context))).toList();
    List<Field> all =
        new ArrayList<>(
            List.of(
                fields.select("stage", stages),
                fields.number("count"),
                fields.length("length"),
                fields.date("day")));
    List<Room> known = rooms.all(context);
    if (!known.isEmpty()) {
      List<Field.Option> options = new ArrayList<>();
      known.forEach(r -> options.add(new Field.Option(String.valueOf(r.id()), r.name())));
      options.add(new Field.Option("", "another room, as below"));
      all.add(fields.select("room", options));
    }
    all.add(fields.check("chiller"));
    return all;
  }

  private static List<Field> roomFields(Form form) {
    Fields fields = Fields.of(form, "who");
    return List.of(
        fields.number("warmest", Dimension.TEMPERATURE),
        fields.number("coldest", Dimension.TEMPERATURE));
  }

  private static String stageWords(Stage stage, CollectionContext context) {
    return stage.fromLengthCm() > 0 && !stage.phase()
        ? "%s, from %s".formatted(stage.name(), context.units().cm(stage.fromLengthCm()))
        : stage.name();
  }

  private static List<Field> haveFields(Form form) {
    Fields fields = Fields.of(form, "who");
    List<Field.Option> vessels = new ArrayList<>(List.of(new Field.Option("", "none")));
    StandardVessel.all()
        .forEach(v -> vessels.add(new Field.Option(v.name(), v.name() + ": " + size(v, form))));
    vessels.add(new Field.Option("own", "measures of my own, below"));
    return List.of(
        fields.select("have", vessels),
        fields.length("ownLength"),
        fields.length("ownWidth"),
        fields.length("ownHeight"));
  }

  private static String size(StandardVessel v, Form form) {
    return "%s × %s × %s"
        .formatted(
            Quantity.cm(v.vessel().lengthCm()).number(form.units()),
            Quantity.cm(v.vessel().widthCm()).number(form.units()),
            Quantity.cm(v.vessel().heightCm()).text(form.units()));
  }

  /** Makes the proposal an enclosure, and its room where there is none yet. */
  @PostMapping
  String use(
      CollectionContext context,
      @PathVariable String species,
      Form form,
      Model model,
      Reply reply) {
    context.require(Role.KEEPER);
    CareSheet sheet = sheet(context, species);
    Asked asked = Asked.read(form, sheet, rooms.all(context), context.today());
    Aim aim = form.choice("aim", Aim.class, Aim.GROWN);
    String named = form.typed("name").isEmpty() ? "" : form.text("name", 80, "a name");
    Optional<Proposal> chosen =
        form.hasErrors() ? Optional.empty() : in(proposals(asked, sheet.name()), aim);
    if (chosen.isEmpty()) {
      return reply.refused(page(context, sheet, form, model));
    }
    EnclosureDocument document =
        new EnclosureDocument(chosen.get().design(), chosen.get().residents());
    String name = named.isEmpty() ? English.capital(chosen.get().residents().get(0).name()) : named;
    UUID clientId = form.clientId();
    long id =
        asked
            .room()
            .map(room -> newEnclosures.create(context, room.id(), document, name, clientId))
            .orElseGet(() -> newEnclosures.create(context, asked.site(), document, name, clientId));
    return reply.saved(
        "Made from the proposal. Everything can be changed here.",
        context.path("/enclosures/" + id + "/build"));
  }
}

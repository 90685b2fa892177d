package app.islet.web.page.design.water;

import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.Range;
import app.islet.core.text.English;
import app.islet.core.water.Correction;
import app.islet.core.water.CorrectionStep;
import app.islet.core.water.DoseStatement;
import app.islet.core.water.Parameter;
import app.islet.core.water.SaltKind;
import app.islet.core.water.WaterState;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Reply;
import app.islet.web.base.support.Units;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.Snapshots;
import app.islet.web.store.water.Corrections;
import app.islet.web.store.water.KitUnits;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** A value of the water led to where it should be, a step a day, a reading before each. */
@Controller
@RequestMapping("/c/{collection}/enclosures/{id}/water/corrections")
class CorrectionsController {
  private static final List<Parameter> LED =
      Arrays.stream(Parameter.values()).filter(Correction::isFor).toList();

  private final Snapshots snapshots;
  private final Corrections corrections;

  CorrectionsController(Snapshots snapshots, Corrections corrections) {
    this.snapshots = snapshots;
    this.corrections = corrections;
  }

  /** One under way. */
  record CourseView(
      String parameter, String title, String since, String kind, String what, String how) {}

  @GetMapping
  String show(CollectionContext context, @PathVariable long id, Model model) {
    return page(context, snapshots.get(context, id), new Form(Map.of(), context.system()), model);
  }

  @PostMapping
  String begin(
      CollectionContext context, @PathVariable long id, Form form, Model model, Reply reply) {
    context.require(Role.KEEPER);
    EnclosureSnapshot state = snapshots.get(context, id);
    WaterState water = state.assessment().situation().waterState();
    Parameter parameter = form.choice("parameter", Parameter.class, Parameter.PH);
    if (!Correction.isFor(parameter)) {
      form.refuse("parameter", "Please choose one of the list.");
      return reply.refused(page(context, state, form, model));
    }
    OptionalDouble now = water.record().newest(parameter);
    Range possible = parameter.possible();
    double to = form.number("to", parameter.dimension(), possible.min(), possible.max());
    if (now.isEmpty()) {
      form.refuse("parameter", Messages.text("correction.test-first", parameter.inSentence()));
    } else if (Math.abs(now.getAsDouble() - to) <= parameter.kitError() / 2) {
      form.refuse("to", Messages.text("correction.there-already"));
    }
    boolean salts = parameter == Parameter.SALINITY && to > now.orElse(to);
    if (salts) {
      salt(form);
    }
    if (form.hasErrors()) {
      return reply.refused(page(context, state, form, model));
    }
    Correction correction = new Correction(parameter, now.orElseThrow(), to, context.today());
    corrections.begin(context, id, correction, form.clientId());
    return reply.saved(
        Messages.text("correction.begun", English.count(correction.leastDays(), "day")),
        address(context, id));
  }

  /** The kind of salt is asked: not every salt makes brackish water. */
  private static void salt(Form form) {
    if (form.typed("salt").isEmpty()) {
      form.refuse("salt", Messages.text("correction.which-salt"));
      return;
    }
    form.choice("salt", SaltKind.class, SaltKind.MARINE_MIX)
        .against()
        .ifPresent(why -> form.refuse("salt", why));
  }

  @PostMapping("/{parameter}/end")
  String end(
      CollectionContext context,
      @PathVariable long id,
      @PathVariable Parameter parameter,
      Reply reply) {
    context.require(Role.KEEPER);
    corrections.end(context, id, parameter);
    return reply.saved(Messages.text("correction.ended"), address(context, id));
  }

  /** Two statements of a dose beside each other: asked back where they differ, never averaged. */
  @PostMapping("/doses")
  String doses(
      CollectionContext context, @PathVariable long id, Form form, Model model, Reply reply) {
    Optional<DoseStatement> one = dose(form, "one");
    Optional<DoseStatement> other = dose(form, "other");
    one.ifPresent(a -> other.ifPresent(b -> model.addAttribute("verdict", a.against(b))));
    String view = page(context, snapshots.get(context, id), form, model);
    return form.hasErrors() ? reply.refused(view) : view;
  }

  private static Optional<DoseStatement> dose(Form form, String field) {
    Optional<DoseStatement> read = DoseStatement.read(form.typed(field));
    if (read.isEmpty()) {
      form.refuse(field, Messages.text("correction.no-dose"));
    }
    return read;
  }

  private static String address(CollectionContext context, long id) {
    return context.path("/enclosures/" + id + "/water/corrections");
  }

  private String page(CollectionContext context, EnclosureSnapshot state, Form form, Model model) {
    WaterState water = state.assessment().situation().waterState();
    Units u = context.units();
    model.addAttribute("state", state);
    model.addAttribute(
        "courses",
        water.record().corrections().stream()
            .map(c -> course(c, CorrectionStep.of(c, water, context.today()), u))
            .toList());
    Fields fields = Fields.of(form, "correction");
    model.addAttribute(
        "fields",
        List.of(
            fields.select("parameter", LED.stream().map(p -> option(p, water, context)).toList()),
            fields.text("to"),
            fields.select(
                "salt",
                Stream.concat(
                        Stream.of(new Field.Option("", Messages.text("correction.no-salt"))),
                        Arrays.stream(SaltKind.values())
                            .map(k -> new Field.Option(k.name(), k.words())))
                    .toList())));
    model.addAttribute("doses", List.of(fields.text("one"), fields.text("other")));
    model.addAttribute("clientId", UUID.randomUUID());
    return "water/corrections";
  }

  /** As in {@code pH: 6.2 now, 6.5 to 8 wanted}. */
  private static Field.Option option(
      Parameter parameter, WaterState water, CollectionContext context) {
    KitUnits kit = new KitUnits(context.system(), false);
    OptionalDouble now = water.record().newest(parameter);
    String words =
        parameter.words()
            + (now.isPresent()
                ? Messages.text("correction.now", kit.text(parameter, now.getAsDouble()))
                : Messages.text("correction.untested"))
            + water
                .wanted(parameter)
                .map(w -> Messages.text("correction.wanted", kit.text(parameter, w)))
                .orElse("");
    return new Field.Option(parameter.name(), words);
  }

  private static CourseView course(Correction c, CorrectionStep step, Units u) {
    return new CourseView(
        c.parameter().name(),
        Messages.text(
            "correction.course",
            c.parameter().words(),
            u.text(new Quantity(c.parameter().dimension(), c.from())),
            u.text(new Quantity(c.parameter().dimension(), c.to()))),
        English.day(c.begunOn()),
        Messages.text("correction.kind." + step.kind().name().toLowerCase(Locale.ROOT)),
        u.text(step.what()),
        u.text(step.how()));
  }
}

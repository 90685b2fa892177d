package app.islet.web.page.design.build;

import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Vessel;
import app.islet.core.proposal.Proposal;
import app.islet.core.proposal.Proposer;
import app.islet.core.proposal.Wish;
import app.islet.core.quantity.Dimension;
import app.islet.core.review.Outlook;
import app.islet.core.situation.HusbandryState;
import app.islet.web.base.finding.RemedyText;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.RefusedException;
import app.islet.web.base.support.Reply;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.Redesigns;
import app.islet.web.reading.snapshot.Snapshots;
import app.islet.web.store.enclosure.Designs;
import app.islet.web.store.enclosure.StaleDesignException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** The Build step: the design as a form beside a drawing that follows it. */
@Controller
@RequestMapping("/c/{collection}/enclosures/{id}")
class DesignController {
  private static final String STARTED_FROM = "startedFrom";

  private final Snapshots snapshots;
  private final Preview preview;
  private final Designs designs;
  private final Redesigns redesigns;

  DesignController(Snapshots snapshots, Preview preview, Designs designs, Redesigns redesigns) {
    this.redesigns = redesigns;
    this.designs = designs;
    this.snapshots = snapshots;
    this.preview = preview;
  }

  @GetMapping("/build")
  String show(CollectionContext context, @PathVariable long id, Model model) {
    EnclosureSnapshot state = snapshots.get(context, id);
    return page(
        model,
        state,
        new Form(DesignForm.typed(state.design(), context.system()), context.system()),
        DesignView.of(state.assessment(), context.system()));
  }

  /** Answers what the form says so far, as a piece of page; nothing is saved. */
  @PostMapping("/build/preview")
  String preview(
      CollectionContext context, @PathVariable long id, Form form, Model model, Reply reply) {
    Preview.Piece piece = preview.of(context, id, form);
    model.addAllAttributes(piece.model());
    String view = Preview.TEMPLATE + " :: " + piece.fragment();
    return piece.sound() ? view : reply.refused(view);
  }

  /**
   * The form and its answer once more, after a button of the parts, or a step back: nothing is
   * saved. What is wrong stands beside its field.
   */
  @PostMapping("/build/form")
  String form(CollectionContext context, @PathVariable long id, Form form, Model model) {
    EnclosureSnapshot state = snapshots.get(context, id);
    // Still typed over the design it was opened with, whatever was saved since.
    model.addAttribute(STARTED_FROM, startedFrom(form, state.revision()));
    Optional<Enclosure> read = DesignForm.read(form, state.design());
    if (read.isEmpty()) {
      return page(model, state, form, DesignView.of(state.assessment(), context.system()));
    }
    Enclosure done = read.get();
    try {
      done = DesignActs.done(read.get(), form);
    } catch (IllegalArgumentException e) {
      model.addAttribute("refused", DesignActs.sentence(e));
    }
    BoardView view = BoardView.read(form);
    return page(
        model,
        state,
        new Form(DesignForm.typed(done, context.system()), context.system()),
        DesignView.of(state.with(done, view.aheadMonths()).assessment(), context.system(), view));
  }

  /** What fails first as the residents grow in the design as typed, for the time slider. */
  @PostMapping("/build/outlook")
  String outlook(CollectionContext context, @PathVariable long id, Form form, Model model) {
    EnclosureSnapshot state = snapshots.get(context, id);
    HusbandryState now =
        DesignForm.read(form, state.design())
            .map(design -> state.with(design).assessment().situation())
            .orElse(state.assessment().situation());
    model.addAttribute("outlook", OutlookView.of(now, context.units()));
    return "design/outlook :: outlook";
  }

  /**
   * Saves what was typed; with {@code applyChanges}, also applies a remedy to it, so that neither
   * is lost. What somebody else saved meanwhile stays, where it was another field.
   */
  @PostMapping("/build")
  String save(
      CollectionContext context, @PathVariable long id, Form form, Model model, Reply reply) {
    context.require(Role.KEEPER);
    EnclosureSnapshot state = snapshots.get(context, id);
    FormMerge merged = merged(context, state, form);
    if (!merged.clashes().isEmpty()) {
      return conflict(context, state, form, merged, model, reply);
    }
    Form both = new Form(merged.fields(), context.system());
    Optional<Enclosure> design = DesignForm.read(both, state.design());
    if (design.isEmpty()) {
      return reply.refused(
          page(model, state, both, DesignView.of(state.assessment(), context.system())));
    }
    try {
      designs.save(context, id, state.revision(), DesignActs.done(design.get(), both));
    } catch (IllegalArgumentException e) {
      model.addAttribute("refused", DesignActs.sentence(e));
      EnclosureSnapshot typed = state.with(design.get());
      return reply.refused(
          page(model, state, both, DesignView.of(typed.assessment(), context.system())));
    } catch (StaleDesignException somebodySaved) {
      return save(context, id, form, model, reply);
    }
    return reply.saved(
        form.typed("applyChanges").isEmpty() ? "Saved." : "Applied and saved.",
        context.path("/enclosures/" + id + "/build"));
  }

  /** The form over what others saved since it was opened. */
  private FormMerge merged(CollectionContext context, EnclosureSnapshot state, Form form) {
    int started = startedFrom(form, 0);
    Map<String, String> now = DesignForm.typed(state.design(), context.system());
    Map<String, String> before =
        started == state.revision()
            ? now
            : designs
                .version(context, state.id(), started)
                .map(design -> DesignForm.typed(design.enclosure(), context.system()))
                .orElse(Map.of());
    return FormMerge.of(form.all(), before, now);
  }

  private static int startedFrom(Form form, int otherwise) {
    return form.again().whole("revision", 1, 999_999, otherwise);
  }

  private static String conflict(
      CollectionContext context,
      EnclosureSnapshot state,
      Form form,
      FormMerge merged,
      Model model,
      Reply reply) {
    Enclosure typed = DesignForm.read(form, state.design()).orElse(state.design());
    model.addAttribute("refused", ClashWords.sentence(merged.clashes()));
    return reply.conflict(
        page(model, state, form, DesignView.of(state.with(typed).assessment(), context.system())));
  }

  /**
   * Makes the smallest vessel that passes for the residents the design; the one before stays among
   * the versions.
   */
  @PostMapping("/propose")
  String propose(
      CollectionContext context, @PathVariable long id, Form form, Model model, Reply reply) {
    context.require(Role.KEEPER);
    double length = form.number("maxLength", Dimension.LENGTH, 10, Vessel.MAX_CM);
    double width = form.number("maxWidth", Dimension.LENGTH, 10, Vessel.MAX_CM);
    EnclosureSnapshot state = snapshots.get(context, id);
    if (!form.hasErrors()) {
      if (proposed(state, length, width).isPresent()) {
        redesigns.change(context, id, now -> proposed(now, length, width).orElseGet(now::design));
        return reply.saved(
            "Proposed and saved; the design before is under Earlier versions.",
            context.path("/enclosures/" + id + "/build"));
      }
      form.refuse(
          "maxLength",
          "No vessel that fits there passes for them in this room: give it more room, or keep"
              + " fewer.");
    }
    Form design = new Form(DesignForm.typed(state.design(), context.system()), context.system());
    return reply.refused(
        page(model, state, design, form, DesignView.of(state.assessment(), context.system())));
  }

  private static Optional<Enclosure> proposed(
      EnclosureSnapshot state, double length, double width) {
    if (state.residents().isEmpty()) {
      return Optional.empty();
    }
    Wish.Limits room = new Wish.Limits(length, width, true);
    return Proposer.now(
            new Wish(state.name(), state.residents(), state.design().site(), state.day(), room))
        .map(Proposal::design);
  }

  /** Applies a remedy of numbers. */
  @PostMapping("/remedy")
  String remedy(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    context.require(Role.KEEPER);
    try {
      List<Change> changes = RemedyText.read(form.typed("changes"));
      designs.change(context, id, design -> design.with(changes));
    } catch (IllegalArgumentException e) {
      throw new RefusedException(DesignActs.sentence(e), e);
    }
    String back = form.typed("back").equals("review") ? "/review" : "/build";
    return reply.saved("Applied and saved.", context.path("/enclosures/" + id + back));
  }

  private static String page(Model model, EnclosureSnapshot state, Form form, DesignView answer) {
    return page(model, state, form, new Form(Map.of(), form.units()), answer);
  }

  private static String page(
      Model model, EnclosureSnapshot state, Form form, Form proposal, DesignView answer) {
    String unit = Dimension.LENGTH.unit(form.units());
    model.addAttribute(
        "proposal",
        List.of(
            Fields.of(proposal, "proposal").length("maxLength"),
            Fields.of(proposal, "proposal").length("maxWidth")));
    model.addAttribute("proposalOpen", proposal.hasErrors());
    model.addAttribute("state", state);
    if (!model.containsAttribute(STARTED_FROM)) {
      model.addAttribute(STARTED_FROM, state.revision());
    }
    model.addAttribute("sections", DesignSections.of(form));
    model.addAttribute("parts", FormRows.PARTS.view(form));
    model.addAttribute("layers", FormRows.LAYERS.view(form));
    model.addAttribute("points", FormRows.POINTS.view(form));
    model.addAttribute("tray", Tray.GROUPS);
    model.addAttribute("months", Outlook.monthsToAdult(state.assessment().situation()));
    model.addAttribute(
        "cutMost", Dimension.LENGTH.toUnit(state.design().vessel().widthCm(), form.units()));
    model.addAttribute("lengthUnit", unit);
    model.addAttribute("unitsPerCm", Dimension.LENGTH.toUnit(1, form.units()));
    model.addAttribute("formErrors", form.errors());
    model.addAttribute("answer", answer);
    model.addAttribute("has", Set.of());
    return "design/build";
  }
}

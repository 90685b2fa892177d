package app.islet.web.page.animals;

import app.islet.core.livestock.Census;
import app.islet.core.livestock.NextStage;
import app.islet.web.base.support.Downloads;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Reply;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.reading.snapshot.AnimalSnapshots;
import app.islet.web.store.animal.Animals;
import app.islet.web.store.animal.Measurement;
import app.islet.web.store.animal.Residents;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** How an animal grows, whether it is thin or fat, and how it stands beside its siblings. */
@Controller
@RequestMapping("/c/{collection}/animals/{id}/growth")
class GrowthController {

  private final Subjects subjects;
  private final AnimalSnapshots snapshots;
  private final Animals animals;
  private final Residents residents;
  private final SizeChanges changes;

  GrowthController(
      Subjects subjects,
      AnimalSnapshots snapshots,
      Animals animals,
      Residents residents,
      SizeChanges changes) {
    this.changes = changes;
    this.subjects = subjects;
    this.snapshots = snapshots;
    this.animals = animals;
    this.residents = residents;
  }

  @GetMapping
  String show(
      CollectionContext context,
      @PathVariable long id,
      @RequestParam(required = false) @Nullable Long logged,
      Model model) {
    if (logged != null) {
      subjects
          .get(context, id)
          .livingIn()
          .flatMap(home -> changes.of(context, home.id(), logged))
          .ifPresent(change -> model.addAttribute("changed", change));
    }
    return page(context, id, model, new Form(Map.of(), context.system()));
  }

  private String page(CollectionContext context, long id, Model model, Form form) {
    Subject s = subjects.get(context, id);
    model.addAttribute("animal", s.animal());
    model.addAttribute("here", s.isHere());
    model.addAttribute("words", s.isHere() ? s.resident().words() : "");
    model.addAttribute("clientId", UUID.randomUUID());
    model.addAttribute("measure", MeasureForm.of(form, "", s));
    model.addAttribute(
        "growth",
        s.facts()
            .growth()
            .map(g -> GrowthChart.of(g, context.today(), formEnds(s), context.units())));
    model.addAttribute("condition", ConditionWords.of(s, context.units()));
    model.addAttribute(
        "next",
        s.nextStage().map(next -> NextStageView.of(s, next, Optional.empty(), context.units())));
    model.addAttribute("siblings", siblings(context, s));
    model.addAttribute("sizes", SizeRow.of(s.sizes(), context.units()));
    return "animals/growth";
  }

  private static Optional<LocalDate> formEnds(Subject s) {
    return s.nextStage().filter(next -> next.now().endsInChange()).flatMap(NextStage::latest);
  }

  private SiblingsView siblings(CollectionContext context, Subject s) {
    List<SiblingsView.Sibling> all =
        snapshots.of(context, animals.siblings(context, s.animal())).stream()
            .filter(a -> a.here().heads() == 1)
            .map(
                a ->
                    new SiblingsView.Sibling(
                        a.animal().id(),
                        a.resident(),
                        a.most().map(Census.Line::place).orElse(""),
                        a.facts().lengths()))
            .toList();
    return SiblingsView.of(s.animal().id(), all, context.today(), context.units());
  }

  @PostMapping
  String measure(
      CollectionContext context, @PathVariable long id, Form form, Model model, Reply reply) {
    Optional<Residents.Measured> measured = MeasureForm.read(context, form, "");
    if (measured.isEmpty()) {
      return reply.refused(page(context, id, model, form));
    }
    Measurement entry = residents.measure(context, id, measured.get(), form.clientId());
    return reply.saved(Messages.text("growth.saved"), path(context, id) + "?logged=" + entry.id());
  }

  @PostMapping("/{entry}/void")
  String voidEntry(
      CollectionContext context,
      @PathVariable long id,
      @PathVariable long entry,
      Form form,
      Reply reply) {
    String back = back(context, id, form);
    Measurement taken = residents.voidMeasurement(context, entry);
    SizeRow row = SizeRow.of(taken, context.units());
    return reply.done(
        back,
        Map.of(
            "takenBack",
            context.path("/animals/%d/growth/%d/again".formatted(id, entry)),
            "takenBackWords",
            Messages.text("growth.deleted", row.words())));
  }

  @PostMapping("/{entry}/again")
  String again(
      CollectionContext context,
      @PathVariable long id,
      @PathVariable long entry,
      Form form,
      Reply reply) {
    String back = back(context, id, form);
    residents.measureAgain(context, entry, form.clientId());
    return reply.saved(Messages.text("growth.undone"), back);
  }

  /** The page of its enclosure, where it was sent from there. */
  private static String back(CollectionContext context, long id, Form form) {
    return form.has("enclosure")
        ? context.path("/enclosures/%d/residents".formatted(form.id("enclosure")))
        : path(context, id);
  }

  /** Gives it more or less of its sheet's portions from today on. */
  @PostMapping("/ration")
  String ration(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    context.require(Role.KEEPER);
    int percent = form.whole("percent", 50, 150, 100);
    animals.feed(context, id, percent);
    return reply.saved(Messages.text("condition.ration-saved", percent), path(context, id));
  }

  @GetMapping("/lengths.csv")
  ResponseEntity<String> csv(CollectionContext context, @PathVariable long id) {
    Subject s = subjects.get(context, id);
    return Downloads.of(
        s.animal().name() + ".csv",
        new MediaType("text", "csv", StandardCharsets.UTF_8),
        SizeRow.csv(s.sizes().stream().sorted(Comparator.comparing(Measurement::day)).toList()));
  }

  private static String path(CollectionContext context, long id) {
    return context.path("/animals/" + id + "/growth");
  }
}

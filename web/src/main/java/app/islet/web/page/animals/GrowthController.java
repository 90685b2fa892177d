package app.islet.web.page.animals;

import app.islet.core.animal.Size;
import app.islet.core.livestock.Census;
import app.islet.core.livestock.NextStage;
import app.islet.core.quantity.Dimension;
import app.islet.web.base.support.Downloads;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
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
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** How an animal grows, whether it is thin or fat, and how it stands beside its siblings. */
@Controller
@RequestMapping("/c/{collection}/animals/{id}/growth")
class GrowthController {

  private final Subjects subjects;
  private final AnimalSnapshots snapshots;
  private final Animals animals;
  private final Residents residents;

  GrowthController(
      Subjects subjects, AnimalSnapshots snapshots, Animals animals, Residents residents) {
    this.subjects = subjects;
    this.snapshots = snapshots;
    this.animals = animals;
    this.residents = residents;
  }

  @GetMapping
  String show(CollectionContext context, @PathVariable long id, Model model) {
    Map<String, String> typed = new LinkedHashMap<>();
    typed.put("day", context.today().toString());
    typed.put("clientId", UUID.randomUUID().toString());
    return page(context, id, model, new Form(typed, context.system()));
  }

  private String page(CollectionContext context, long id, Model model, Form form) {
    Subject s = subjects.get(context, id);
    model.addAttribute("animal", s.animal());
    model.addAttribute("here", s.isHere());
    model.addAttribute("words", s.isHere() ? s.resident().words() : "");
    model.addAttribute("clientId", form.typed("clientId"));
    model.addAttribute("fields", fields(s, form));
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

  private static List<Field> fields(Subject s, Form form) {
    Fields fields = Fields.of(form, "records");
    List<Field> all = new ArrayList<>();
    all.add(fields.length("length").withHint(s.resident().sheet().group().measure()));
    if (!s.animal().single()) {
      all.add(fields.length("smallest"));
    }
    all.add(fields.number("mass", Dimension.MASS));
    all.add(fields.date("day"));
    return all;
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
    OptionalDouble length = form.optional("length", Size.LENGTH);
    OptionalDouble smallest = form.optional("smallest", Size.LENGTH);
    OptionalDouble mass = form.optional("mass", Size.MASS);
    LocalDate day = form.date("day").orElse(context.today());
    if (day.isAfter(context.today())) {
      form.refuse("day", Messages.text("animals.until-today"));
    }
    if (smallest.isPresent() && smallest.getAsDouble() > length.orElse(0)) {
      form.refuse("smallest", Messages.text("growth.smallest"));
    }
    if (length.isEmpty() && mass.isEmpty()) {
      form.refuse("length", Messages.text("growth.nothing"));
    }
    if (form.hasErrors()) {
      return reply.refused(page(context, id, model, form));
    }
    residents.measure(context, id, day, length, smallest, mass, form.clientId());
    return reply.saved(Messages.text("growth.saved"), path(context, id));
  }

  @PostMapping("/{entry}/void")
  String voidEntry(
      CollectionContext context, @PathVariable long id, @PathVariable long entry, Reply reply) {
    residents.voidMeasurement(context, entry);
    return reply.saved(Messages.text("growth.undone"), path(context, id));
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

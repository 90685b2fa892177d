package app.islet.web.page.rearing;

import app.islet.core.care.CareSheet;
import app.islet.core.livestock.UnbalancedException;
import app.islet.core.rearing.RearingGuide;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Reply;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.Animals;
import app.islet.web.store.animal.Books;
import app.islet.web.store.care.CareSheetStore;
import app.islet.web.store.enclosure.EnclosureStore;
import app.islet.web.store.enclosure.Rooms;
import app.islet.web.store.rearing.Batch;
import app.islet.web.store.rearing.Batches;
import app.islet.web.store.rearing.NewBatch;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Begins a batch. */
@Controller
@RequestMapping("/c/{collection}/rearing/new")
class NewBatchController {
  private final Batches batches;
  private final Animals animals;
  private final Books books;
  private final CareSheetStore sheets;
  private final EnclosureStore enclosures;
  private final Rooms rooms;

  NewBatchController(
      Batches batches,
      Animals animals,
      Books books,
      CareSheetStore sheets,
      EnclosureStore enclosures,
      Rooms rooms) {
    this.batches = batches;
    this.animals = animals;
    this.books = books;
    this.sheets = sheets;
    this.enclosures = enclosures;
    this.rooms = rooms;
  }

  @GetMapping
  String ask(
      CollectionContext context,
      @RequestParam(defaultValue = "") String species,
      @RequestParam(required = false) Long animal,
      Model model) {
    context.require(Role.KEEPER);
    Map<String, String> typed = new HashMap<>();
    typed.put("species", species);
    typed.put("day", context.today().toString());
    if (animal != null) {
      Animal group = animals.get(context, animal);
      int alive = books.part(List.of(group)).census(group.key(), context.today()).heads();
      typed.put("group", String.valueOf(animal));
      typed.put("count", String.valueOf(alive));
      typed.put("day", group.background().hatched().orElse(context.today()).toString());
    }
    return page(of(context, new Form(typed, context.system())), UUID.randomUUID(), model);
  }

  @PostMapping
  String begin(CollectionContext context, Form form, Model model, Reply reply) {
    context.require(Role.KEEPER);
    NewBatchForm asked = of(context, form);
    Optional<NewBatch> wanted = asked.read();
    if (wanted.isEmpty()) {
      return reply.refused(page(asked, form.clientId(), model));
    }
    Batch batch;
    try {
      batch = batches.begin(context, wanted.get(), form.clientId());
    } catch (UnbalancedException e) {
      form.refuse("count", Messages.text("rearing.not-so-many"));
      return reply.refused(page(asked, form.clientId(), model));
    }
    return reply.saved(
        Messages.text("rearing.begun", wanted.get().start().count(), wanted.get().tubs()),
        context.path("/rearing/batches/" + batch.id()));
  }

  private NewBatchForm of(CollectionContext context, Form form) {
    Map<String, String> schools = sheets.schools(context);
    List<CareSheet> raised =
        sheets.library(context).all().stream()
            .filter(sheet -> RearingGuide.of(sheet).isPresent())
            .map(sheet -> sheet.as(schools.getOrDefault(sheet.id(), "")))
            .sorted(Comparator.comparing(CareSheet::name))
            .toList();
    return new NewBatchForm(
        context, form, raised, animals.all(context), enclosures.all(context), rooms.all(context));
  }

  private static String page(NewBatchForm asked, UUID clientId, Model model) {
    model.addAttribute("first", asked.first());
    model.addAttribute("rest", asked.rest());
    model.addAttribute("group", asked.group().map(a -> String.valueOf(a.id())).orElse(""));
    model.addAttribute("groupName", asked.group().map(Animal::name).orElse(""));
    model.addAttribute("clientId", clientId);
    return "batches/new";
  }
}

package app.islet.web.page.animals;

import app.islet.core.animal.StageBasis;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.livestock.Census;
import app.islet.core.livestock.Ledger;
import app.islet.core.livestock.LifeEvent;
import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Place;
import app.islet.core.livestock.UnbalancedException;
import app.islet.core.rearing.RearingGuide;
import app.islet.core.text.English;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Reply;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.reading.summary.MealDays;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.Animals;
import app.islet.web.store.animal.Books;
import app.islet.web.store.animal.MovedMeanwhileException;
import app.islet.web.store.care.CareSheetStore;
import app.islet.web.store.rearing.Batch;
import app.islet.web.store.rearing.Batches;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** All animals in a list, and the page of each: where it is, what happened to it, where it goes. */
@Controller
@RequestMapping("/c/{collection}/animals")
class AnimalsController {
  private final Animals animals;
  private final Books books;
  private final Subjects subjects;
  private final CareSheetStore sheets;
  private final MealDays meals;
  private final Batches batches;

  AnimalsController(
      Animals animals,
      Books books,
      Subjects subjects,
      CareSheetStore sheets,
      MealDays meals,
      Batches batches) {
    this.batches = batches;
    this.animals = animals;
    this.books = books;
    this.subjects = subjects;
    this.sheets = sheets;
    this.meals = meals;
  }

  @GetMapping
  String list(
      CollectionContext context,
      @RequestParam(defaultValue = "false") boolean gone,
      Form form,
      Model model) {
    LocalDate day = form.date("on").orElse(context.today());
    AnimalList.By by = form.choice("by", AnimalList.By.class, AnimalList.By.KIND);
    CareLibrary library = sheets.library(context);
    Subject.Books known = subjects.books(context);
    List<Animal> all = animals.all(context);
    AnimalList.Frame frame = new AnimalList.Frame(known.ledger(), known.names(), library, day);
    boolean isToday = day.equals(context.today());
    Map<Long, AnimalNow> now = isToday ? now(context, all, known) : Map.of();
    model.addAttribute("list", AnimalList.of(all, frame, now, by, gone));
    model.addAttribute(
        "ask", new ListAsk(by, day, isToday ? "" : English.day(day), gone, library.all()));
    return "animals/list";
  }

  private Map<Long, AnimalNow> now(
      CollectionContext context, List<Animal> all, Subject.Books known) {
    List<Animal> here =
        all.stream()
            .filter(a -> known.ledger().census(a.key(), context.today()).heads() > 0)
            .toList();
    List<Subject> some = subjects.all(context, here, known);
    return AnimalNow.of(
        some, meals.of(context, some.stream().map(Subject::snapshot).toList()), context.units());
  }

  /**
   * What the list was asked for.
   *
   * @param past the day in words where it is over; else empty
   * @param sheets kinds that new animals of a file may be of
   */
  record ListAsk(
      AnimalList.By by, LocalDate on, String past, boolean gone, Collection<CareSheet> sheets) {
    /** For a file that is sent. */
    public UUID clientId() {
      return UUID.randomUUID();
    }

    public boolean isByPlace() {
      return by == AnimalList.By.PLACE;
    }
  }

  @GetMapping("/{id}")
  String show(
      CollectionContext context,
      @PathVariable long id,
      @RequestParam(defaultValue = "") String show,
      Model model) {
    Map<String, String> typed = new LinkedHashMap<>();
    typed.put("show", show);
    typed.put("movedOn", context.today().toString());
    typed.put("clientId", UUID.randomUUID().toString());
    return page(context, id, model, new Form(typed, context.system()));
  }

  private String page(CollectionContext context, long id, Model model, Form form) {
    Subject s = subjects.get(context, id);
    Animal animal = s.animal();
    Ledger ledger = s.books().ledger();
    PlaceNames names = s.books().names();
    Census here = s.here();
    Map<String, String> known =
        animals.all(context).stream().collect(Collectors.toMap(Animal::key, Animal::name));
    AnimalView.Show chosen = form.choice("show", AnimalView.Show.class, AnimalView.Show.ALL);
    AnimalView view = AnimalView.of(s, known, context.units());
    model.addAttribute("animal", animal);
    Optional<Batch> batch = batches.ofAnimal(context, id);
    boolean grown = s.resident().stage().adult();
    model.addAttribute("batch", batch.map(Batch::id).orElse(null));
    model.addAttribute(
        "raise",
        batch.isEmpty()
            && !animal.single()
            && !grown
            && here.heads() > 0
            && RearingGuide.of(s.resident().sheet()).isPresent());
    model.addAttribute("view", view);
    model.addAttribute("life", view.life(chosen));
    model.addAttribute("shows", shows(chosen));
    model.addAttribute("kinds", kinds(context, animal));
    model.addAttribute("seen", books.seen(animal));
    model.addAttribute("clientId", form.typed("clientId"));
    model.addAttribute("sightId", UUID.randomUUID());
    model.addAttribute("writtenOffId", UUID.randomUUID());
    model.addAttribute("here", here.heads());
    model.addAttribute("moveFields", MoveForm.fields(context, form, here, names, animal.single()));
    model.addAttribute("nameFields", nameFields(form, animal, here));
    model.addAttribute("groups", groups(context, animal, ledger, here));
    return "animals/animal";
  }

  /** What its life can be narrowed to. */
  record ShowLink(String show, String words, boolean chosen) {}

  private static List<ShowLink> shows(AnimalView.Show chosen) {
    return Arrays.stream(AnimalView.Show.values())
        .map(
            show ->
                new ShowLink(
                    show.name(),
                    Messages.text("animals.show-" + show.name().toLowerCase(Locale.ROOT)),
                    show == chosen))
        .toList();
  }

  /** A button for each thing that can happen to it. */
  record KindButton(String kind, String words) {}

  private List<KindButton> kinds(CollectionContext context, Animal animal) {
    return sheets
        .library(context)
        .find(animal.species())
        .map(LifeEvent.Kind::of)
        .orElse(List.of())
        .stream()
        .map(
            kind ->
                new KindButton(
                    kind.name(), Messages.text("life." + kind.name().toLowerCase(Locale.ROOT))))
        .toList();
  }

  private static List<Field> nameFields(Form form, Animal animal, Census here) {
    Fields fields = Fields.of(form, "single");
    return animal.single() || here.heads() < 2
        ? List.of()
        : List.of(fields.text("newName"), fields.number("taken"));
  }

  /** Groups of the same kind in the same place, which it may join. */
  private List<Field.Option> groups(
      CollectionContext context, Animal animal, Ledger ledger, Census here) {
    if (here.lines().size() != 1) {
      return List.of();
    }
    String place = here.lines().get(0).place();
    return animals.all(context).stream()
        .filter(other -> !other.id().equals(animal.id()))
        .filter(other -> other.species().equals(animal.species()))
        .filter(other -> ledger.count(other.key(), place, context.today()) > 0)
        .map(other -> new Field.Option(String.valueOf(other.id()), other.name()))
        .toList();
  }

  @PostMapping("/{id}/move")
  String move(
      CollectionContext context, @PathVariable long id, Form form, Model model, Reply reply) {
    context.require(Role.KEEPER);
    Animal animal = animals.get(context, id);
    PlaceNames names = subjects.names(context);
    Census here = books.ledger(context).census(animal.key(), context.today());
    Optional<Movement> movement = MoveForm.read(context, form, animal, here, names);
    if (movement.isEmpty()) {
      return reply.refused(page(context, id, model, form));
    }
    try {
      books.enter(context, List.of(movement.get()), form.clientId(), seen(form));
    } catch (UnbalancedException e) {
      form.refuse("to", e.sentence(key -> animal.name(), names::name));
      return reply.refused(page(context, id, model, form));
    } catch (MovedMeanwhileException e) {
      return conflict(context, id, form, model, reply, e);
    }
    return reply.saved(
        LifeWords.of(movement.get(), animal.single(), names, key -> key) + ".",
        context.path("/animals/" + id));
  }

  private static Optional<Long> seen(Form form) {
    return Optional.of(form.id("seen"));
  }

  private String conflict(
      CollectionContext context,
      long id,
      Form form,
      Model model,
      Reply reply,
      MovedMeanwhileException e) {
    model.addAttribute("refused", e.getMessage());
    return reply.conflict(page(context, id, model, form));
  }

  @PostMapping("/{id}/undo")
  String undo(
      CollectionContext context, @PathVariable long id, Form form, Model model, Reply reply) {
    context.require(Role.KEEPER);
    Animal animal = animals.get(context, id);
    PlaceNames names = subjects.names(context);
    try {
      books.undo(context, id, form.clientId(), seen(form));
    } catch (UnbalancedException e) {
      return reply.notDone(
          e.sentence(key -> animal.name(), names::name), context.path("/animals/" + id));
    } catch (MovedMeanwhileException e) {
      return conflict(context, id, form, model, reply, e);
    }
    return reply.saved(Messages.text("animals.undone"), context.path("/animals/" + id));
  }

  @PostMapping("/{id}/single-out")
  String singleOut(
      CollectionContext context, @PathVariable long id, Form form, Model model, Reply reply) {
    context.require(Role.KEEPER);
    Animal group = animals.get(context, id);
    Census here = books.ledger(context).census(group.key(), context.today());
    String name = form.text("newName", 60, "a name");
    int count = form.whole("taken", 1, Movement.MAX, 1);
    if (here.lines().isEmpty() || count >= here.heads()) {
      form.refuse("taken", "Of %d at most %d.".formatted(here.heads(), here.heads() - 1));
    }
    if (form.hasErrors()) {
      return reply.refused(page(context, id, model, form));
    }
    Census.Line most =
        here.lines().stream().max(Comparator.comparingInt(Census.Line::count)).orElseThrow();
    try {
      Animal other =
          animals.singleOut(
              context,
              group,
              Place.kept(most.place()),
              count,
              name,
              seenStage(context, id),
              form.clientId(),
              form.id("seen"));
      return reply.saved(
          Messages.text("animals.singled-out", name, English.count(count, "animal"), group.name()),
          context.path("/animals/" + other.id()));
    } catch (UnbalancedException e) {
      form.refuse("taken", e.sentence(key -> group.name(), subjects.names(context)::name));
      return reply.refused(page(context, id, model, form));
    } catch (MovedMeanwhileException e) {
      return conflict(context, id, form, model, reply, e);
    }
  }

  /** Young that are taken out of a batch are in the stage that was seen of it. */
  private Optional<String> seenStage(CollectionContext context, long id) {
    return Optional.of(subjects.get(context, id).facts())
        .filter(facts -> facts.basis() == StageBasis.BATCH_SEEN)
        .map(facts -> facts.resident().stage().id());
  }

  @PostMapping("/{id}/join")
  String join(
      CollectionContext context, @PathVariable long id, Form form, Model model, Reply reply) {
    context.require(Role.KEEPER);
    Animal joining = animals.get(context, id);
    Animal group = animals.get(context, form.id("group"));
    Census here = books.ledger(context).census(joining.key(), context.today());
    if (here.lines().size() != 1) {
      return reply.notDone(Messages.text("animals.join-one-place"), context.path("/animals/" + id));
    }
    try {
      animals.join(
          context,
          joining,
          group,
          Place.kept(here.lines().get(0).place()),
          here.heads(),
          form.clientId(),
          form.id("seen"));
    } catch (MovedMeanwhileException e) {
      return conflict(context, id, form, model, reply, e);
    }
    return reply.saved(
        Messages.text("animals.joined", joining.name(), group.name()),
        context.path("/animals/" + group.id()));
  }
}

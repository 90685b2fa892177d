package app.islet.web.page.animals;

import app.islet.core.animal.Heads;
import app.islet.core.care.Breeding;
import app.islet.web.base.drawing.SexSigns;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Reply;
import app.islet.web.base.support.Units;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.Animals;
import app.islet.web.store.animal.Background;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** Who an animal is: its sex, by what that is told, its origin and age, and what it may breed. */
@Controller
@RequestMapping("/c/{collection}/animals/{id}/about")
class AboutController {
  private final Subjects subjects;
  private final Animals animals;

  AboutController(Subjects subjects, Animals animals) {
    this.subjects = subjects;
    this.animals = animals;
  }

  /** Where to look, and what is seen there. */
  record Place(String drawing, List<Sign> signs) {}

  /**
   * A sign of a sex.
   *
   * @param note from what length and how sure
   * @param shows whether it can show already
   */
  record Sign(String sex, String sign, String note, boolean shows) {}

  @GetMapping
  String show(CollectionContext context, @PathVariable long id, Model model) {
    Animal animal = animals.get(context, id);
    return page(context, id, model, new Form(AboutForm.typed(animal), context.system()));
  }

  private String page(CollectionContext context, long id, Model model, Form form) {
    Subject s = subjects.get(context, id);
    model.addAttribute("animal", s.animal());
    model.addAttribute("here", s.isHere());
    model.addAttribute("fields", AboutForm.fields(form, s.animal(), batches(context, s.animal())));
    model.addAttribute("signs", signs(s, context.units()));
    model.addAttribute("expected", ExpectedWords.of(s));
    return "animals/about";
  }

  /** Groups of its kind it may have hatched in. */
  private List<Animal> batches(CollectionContext context, Animal animal) {
    return animals.all(context).stream()
        .filter(a -> !a.id().equals(animal.id()) && !a.single())
        .filter(a -> a.species().equals(animal.species()))
        .toList();
  }

  /** In the order of the sheet, one drawing for each place. */
  private static List<Place> signs(Subject s, Units u) {
    Map<Breeding.Look, List<Sign>> byLook = new LinkedHashMap<>();
    for (Breeding.SexSign sign : s.resident().sheet().breeding().sexes()) {
      byLook.computeIfAbsent(sign.look(), look -> new ArrayList<>()).add(sign(sign, s, u));
    }
    return byLook.entrySet().stream()
        .map(
            e ->
                new Place(
                    SexSigns.of(
                        e.getKey(), Messages.text("about.male"), Messages.text("about.female")),
                    e.getValue()))
        .toList();
  }

  private static Sign sign(Breeding.SexSign sign, Subject s, Units u) {
    boolean male = sign.sex() == Breeding.Sex.MALE;
    return new Sign(
        male ? Messages.text("about.male") : Messages.text("about.female"),
        sign.sign(),
        Messages.text("about.sign-note", u.cm(sign.fromCm()), sign.surety().words()),
        sign.showsAt(s.resident().bodyCm()));
  }

  @PostMapping
  String save(
      CollectionContext context, @PathVariable long id, Form form, Model model, Reply reply) {
    context.require(Role.KEEPER);
    Subject s = subjects.get(context, id);
    Background known = AboutForm.read(form, batches(context, s.animal()), context.today());
    Heads sexes = AboutForm.sexes(form, s.animal(), Math.max(1, s.here().heads()));
    if (form.hasErrors()) {
      return reply.refused(page(context, id, model, form));
    }
    animals.know(context, id, sexes, known);
    return reply.saved(Messages.text("about.saved"), context.path("/animals/" + id + "/about"));
  }
}

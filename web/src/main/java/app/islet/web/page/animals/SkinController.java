package app.islet.web.page.animals;

import app.islet.core.health.Skin;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.store.animal.Animal;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;

/** Moult or shed of an animal: how it stands, what to leave alone, and what grows again. */
@Controller
@RequestMapping("/c/{collection}/animals/{id}/skin")
class SkinController {
  private final Subjects subjects;

  SkinController(Subjects subjects) {
    this.subjects = subjects;
  }

  @GetMapping
  String show(CollectionContext context, @PathVariable long id, Model model) {
    Subject s = subjects.get(context, id);
    Skin skin = s.skin();
    model.addAttribute("animal", s.animal());
    model.addAttribute("guide", skin.guide());
    model.addAttribute("state", skin.words(s.today()));
    model.addAttribute("rest", skin.guide().restDays(s.resident().bodyCm()));
    model.addAttribute("company", skin.phase() == Skin.Phase.BETWEEN ? List.of() : company(s));
    model.addAttribute("basis", skin.guide().basis().words());
    return "animals/skin";
  }

  /** Who shares its place while it is soft. */
  private static List<String> company(Subject s) {
    return s.home().map(EnclosureSnapshot::occupants).orElse(List.of()).stream()
        .map(EnclosureSnapshot.Occupant::record)
        .filter(other -> !other.id().equals(s.animal().id()))
        .map(Animal::name)
        .toList();
  }
}

package app.islet.web.animals;

import app.islet.core.document.HandOverJson;
import app.islet.core.livestock.HandOver;
import app.islet.core.livestock.LifeEvent;
import app.islet.core.text.English;
import app.islet.web.collection.CollectionContext;
import app.islet.web.support.Downloads;
import app.islet.web.support.NotFoundException;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;

/** A sheet for whoever takes an animal: a shop, a keeper, a helper. To print, and as JSON. */
@Controller
@RequestMapping("/c/{collection}/animals/{id}")
class HandOverController {
  private final Subjects subjects;

  HandOverController(Subjects subjects) {
    this.subjects = subjects;
  }

  /** A line of what happened to it, worded. */
  record Line(String when, String what, String note) {}

  @GetMapping("/hand-over")
  String show(CollectionContext context, @PathVariable long id, Model model) {
    HandOver sheet = sheet(context, id);
    model.addAttribute("animal", id);
    model.addAttribute("sheet", sheet);
    model.addAttribute("on", English.day(sheet.day()));
    model.addAttribute("since", sheet.hereSince().map(English::day).orElse(""));
    model.addAttribute("meals", sheet.meals().stream().map(HandOverController::line).toList());
    model.addAttribute("skins", sheet.skins().stream().map(HandOverController::line).toList());
    model.addAttribute(
        "water",
        sheet.water().stream()
            .map(w -> new Line(English.day(w.day()), w.what(), context.units().text(w.value())))
            .toList());
    return "animals/hand-over";
  }

  private static Line line(LifeEvent e) {
    return new Line(English.day(e.day()), LifeWords.of(e), e.note());
  }

  @GetMapping("/hand-over.json")
  ResponseEntity<String> json(CollectionContext context, @PathVariable long id) {
    HandOver sheet = sheet(context, id);
    return Downloads.of(
        sheet.resident().name() + ".json", MediaType.APPLICATION_JSON, HandOverJson.write(sheet));
  }

  private HandOver sheet(CollectionContext context, long id) {
    Subject s = subjects.get(context, id);
    return s.home()
        .map(home -> HandOver.of(s.resident(), context.today(), home.water(), s.events()))
        .orElseThrow(() -> new NotFoundException(s.animal().name() + " is not here any more"));
  }
}

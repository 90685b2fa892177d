package app.islet.web.page.animals;

import app.islet.core.document.HandOverJson;
import app.islet.core.livestock.HandOver;
import app.islet.core.livestock.LifeEvent;
import app.islet.core.text.English;
import app.islet.core.water.WaterRecord;
import app.islet.web.base.support.Downloads;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.base.support.Units;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.MealLog;
import java.util.List;
import java.util.stream.Stream;
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
  private final MealLog meals;

  HandOverController(Subjects subjects, MealLog meals) {
    this.meals = meals;
    this.subjects = subjects;
  }

  /** A line of what happened to it, worded. */
  record Line(String when, String what, String note) {}

  @GetMapping("/hand-over")
  String show(CollectionContext context, @PathVariable long id, Model model) {
    Subject s = subjects.get(context, id);
    HandOver sheet = sheet(context, s);
    model.addAttribute("animal", id);
    model.addAttribute("sheet", sheet);
    model.addAttribute("on", English.day(sheet.day()));
    model.addAttribute("age", KnownWords.age(s).orElse(""));
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
    HandOver sheet = sheet(context, subjects.get(context, id));
    return Downloads.of(
        sheet.resident().name() + ".json", MediaType.APPLICATION_JSON, HandOverJson.write(sheet));
  }

  private HandOver sheet(CollectionContext context, Subject s) {
    if (!s.isHere()) {
      throw new NotFoundException(s.animal().name() + " is not here any more");
    }
    HandOver sheet =
        HandOver.of(
            s.resident(),
            context.today(),
            s.dates().hatchedOn(),
            s.home().map(EnclosureSnapshot::water).orElse(WaterRecord.NONE),
            events(context, s));
    List<HandOver.Eats> inTubs = inTubs(s, context.units());
    return inTubs.isEmpty() ? sheet : sheet.eating(inTubs);
  }

  private List<LifeEvent> events(CollectionContext context, Subject s) {
    return Stream.concat(
            meals.of(context, s.snapshot()).stream(),
            s.events().stream()
                .filter(e -> e.kind() == LifeEvent.Kind.SHED || e.kind() == LifeEvent.Kind.MOULTED))
        .toList();
  }

  /** What the guide of their batch gives them, each food once. */
  private static List<HandOver.Eats> inTubs(Subject s, Units u) {
    return s.snapshot().batch().stream()
        .flatMap(
            batch ->
                s.snapshot().tubs().stream()
                    .flatMap(
                        tub ->
                            batch.meals(tub).stream()
                                .map(
                                    meal ->
                                        new HandOver.Eats(
                                            u.text(meal), tub.tub().milestone().name()))))
        .distinct()
        .toList();
  }
}

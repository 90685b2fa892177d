package app.islet.web.page.health;

import app.islet.core.animal.Sizing;
import app.islet.core.health.Sign;
import app.islet.core.livestock.HandOver;
import app.islet.core.livestock.LifeEvent;
import app.islet.core.text.English;
import app.islet.core.water.WaterRecord;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Units;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.store.animal.Photo;
import app.islet.web.store.animal.Photos;
import app.islet.web.store.health.HealthCase;
import app.islet.web.store.health.HealthLog;
import app.islet.web.store.health.HealthTableStore;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;

/** One printed sheet for the vet: what was seen, and all the records that may tell why. */
@Controller
@RequestMapping("/c/{collection}/health/cases/{id}/vet")
class VetSheetController {
  private static final int SIZES = 6;
  private static final int EVENTS = 12;
  private static final int PHOTOS = 2;

  private final HealthLog log;
  private final Patients patients;
  private final Photos photos;
  private final HealthTableStore tables;

  VetSheetController(HealthLog log, Patients patients, Photos photos, HealthTableStore tables) {
    this.tables = tables;
    this.log = log;
    this.patients = patients;
    this.photos = photos;
  }

  @GetMapping
  String sheet(CollectionContext context, @PathVariable long id, Model model) {
    HealthCase c = log.get(context, id);
    Patients.Patient p = patients.patient(context, c.animalId());
    Units u = context.units();
    HandOver known =
        HandOver.of(
            p.resident(),
            context.today(),
            p.animal().background().hatched(),
            p.home().map(EnclosureSnapshot::water).orElse(WaterRecord.NONE),
            p.snapshot().events());
    model.addAttribute("who", p.animal().name());
    model.addAttribute("kind", kind(p));
    model.addAttribute(
        "seen",
        c.signs().stream()
            .flatMap(s -> tables.tables(context).sign(s).stream())
            .map(Sign::words)
            .toList());
    model.addAttribute("since", English.day(c.beganOn()));
    model.addAttribute("note", c.note());
    model.addAttribute("facts", p.facts().stream().map(f -> u.text(f.words())).toList());
    model.addAttribute(
        "water",
        known.water().stream()
            .map(r -> r.what() + ": " + u.text(r.value()) + ", " + English.shortDay(r.day()))
            .toList());
    model.addAttribute("sizes", sizes(p, u));
    model.addAttribute("life", life(p));
    model.addAttribute("foods", known.foods().stream().map(food -> food.name()).toList());
    model.addAttribute(
        "home",
        p.home().map(h -> h.name() + ", " + h.room().name()).orElse(Messages.text("health.tub")));
    model.addAttribute(
        "photos",
        photos.of(p.animal()).stream()
            .sorted(Comparator.comparing(Photo::day).reversed())
            .limit(PHOTOS)
            .map(Photo::id)
            .toList());
    model.addAttribute("animalId", c.animalId());
    model.addAttribute("today", English.day(context.today()));
    model.addAttribute("collection", context.collection().name());
    return "health/vet";
  }

  private static String kind(Patients.Patient p) {
    return "%s (%s), %s"
        .formatted(
            p.resident().sheet().name(),
            p.resident().sheet().scientificName(),
            English.lower(p.resident().stage().name()));
  }

  private static List<String> sizes(Patients.Patient p, Units u) {
    List<String> lines = new ArrayList<>();
    p.snapshot().facts().sizes().stream()
        .sorted(Comparator.comparing(Sizing::day).reversed())
        .limit(SIZES)
        .forEach(
            m -> {
              List<String> words = new ArrayList<>();
              m.lengthCm().ifPresent(cm -> words.add(u.cm(cm)));
              m.massG().ifPresent(g -> words.add(u.grams(g)));
              lines.add(English.shortDay(m.day()) + ": " + String.join(", ", words));
            });
    return lines;
  }

  private static List<String> life(Patients.Patient p) {
    return p.snapshot().events().stream()
        .sorted(Comparator.comparing(LifeEvent::day).reversed())
        .limit(EVENTS)
        .map(VetSheetController::event)
        .toList();
  }

  private static String event(LifeEvent e) {
    String key = "life." + e.kind().name().toLowerCase(Locale.ROOT);
    String note = e.note().isEmpty() ? "" : ", " + e.note();
    return English.shortDay(e.day()) + ": " + Messages.text(key) + note;
  }
}

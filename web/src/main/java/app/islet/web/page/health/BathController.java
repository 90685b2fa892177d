package app.islet.web.page.health;

import app.islet.core.animal.Resident;
import app.islet.core.care.AnimalGroup;
import app.islet.core.health.Skin;
import app.islet.core.livestock.LifeEvent;
import app.islet.core.plan.BathTimetable;
import app.islet.core.text.English;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Ids;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.base.support.Reply;
import app.islet.web.base.support.Units;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.Snapshots;
import app.islet.web.store.animal.LifeEntry;
import app.islet.web.store.animal.LifeLog;
import app.islet.web.store.health.HealthTableStore;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Bathing land hermit crabs: who, how deep, how long, batch after batch. */
@Controller
@RequestMapping("/c/{collection}/health/bath/{enclosure}")
class BathController {
  private static final int MAX_AT_ONCE = 20;
  private static final int MAX_MIN = 240;

  private final Snapshots snapshots;
  private final LifeLog life;
  private final HealthTableStore tables;

  BathController(Snapshots snapshots, LifeLog life, HealthTableStore tables) {
    this.tables = tables;
    this.snapshots = snapshots;
    this.life = life;
  }

  /** Some of an enclosure that may be bathed. */
  record Bathers(long animalId, String name, int count, boolean chosen) {}

  /** A batch, worded; minutes since the begin for the clock of the page. */
  record BatchView(String who, String depth, String times, int startMin, int outMin, int dryMin) {}

  @GetMapping
  String plan(
      CollectionContext context,
      @PathVariable long enclosure,
      @RequestParam(name = "who", required = false) List<Long> who,
      @RequestParam(defaultValue = "2") int atOnce,
      @RequestParam(defaultValue = "3") int bathMin,
      @RequestParam(defaultValue = "15") int dryMin,
      Model model) {
    EnclosureSnapshot state = snapshots.get(context, enclosure);
    List<EnclosureSnapshot.Occupant> crabs = crabs(state);
    List<EnclosureSnapshot.Occupant> chosen =
        crabs.stream()
            .filter(o -> who == null ? mayBathe(context, o) : who.contains(o.record().id()))
            .toList();
    int together = Math.max(1, Math.min(MAX_AT_ONCE, atOnce));
    int bath = Math.max(1, Math.min(MAX_MIN, bathMin));
    int dry = Math.max(1, Math.min(MAX_MIN, dryMin));
    List<BathTimetable.Bather> bathers = chosen.stream().flatMap(o -> bathers(o).stream()).toList();
    model.addAttribute("state", state);
    model.addAttribute(
        "crabs",
        crabs.stream()
            .map(
                o ->
                    new Bathers(
                        o.record().id(),
                        o.record().name(),
                        o.resident().count(),
                        chosen.contains(o)))
            .toList());
    model.addAttribute("atOnce", together);
    model.addAttribute("bathMin", bath);
    model.addAttribute("dryMin", dry);
    if (!bathers.isEmpty()) {
      addTable(BathTimetable.of(bathers, together, bath, dry), context.units(), model);
    }
    model.addAttribute("never", neverBathed(crabs));
    model.addAttribute("next", next(crabs));
    return "health/bath";
  }

  /** Not one that is known to be dug in or soft; of a group the keeper sees who is above ground. */
  private boolean mayBathe(CollectionContext context, EnclosureSnapshot.Occupant o) {
    Skin skin =
        Skin.of(
            tables.tables(context).skin(AnimalGroup.CRAB),
            o.resident().bodyCm(),
            true,
            life.of(o.record()).stream().map(LifeEntry::event).toList(),
            context.today());
    return !o.record().single() || skin.phase() == Skin.Phase.BETWEEN;
  }

  private static void addTable(BathTimetable table, Units u, Model model) {
    model.addAttribute("total", Math.round(table.session().totalMin()));
    model.addAttribute("oneByOne", Math.round(table.session().oneByOneMin()));
    model.addAttribute(
        "batches",
        table.batches().stream()
            .map(
                b ->
                    new BatchView(
                        English.list(b.bathers()),
                        u.cm(b.depthCm()),
                        Messages.text(
                            "health.bath.times",
                            Math.round(b.startMin()),
                            Math.round(b.outMin()),
                            Math.round(b.dryMin())),
                        (int) b.startMin(),
                        (int) b.outMin(),
                        (int) b.dryMin()))
            .toList());
  }

  private static List<EnclosureSnapshot.Occupant> crabs(EnclosureSnapshot state) {
    List<EnclosureSnapshot.Occupant> crabs =
        state.occupants().stream()
            .filter(o -> o.resident().sheet().group() == AnimalGroup.CRAB)
            .filter(o -> o.resident().stage().needs().shelter().spareShells() > 0)
            .toList();
    if (crabs.isEmpty()) {
      throw new NotFoundException("no hermit crab lives there");
    }
    return crabs;
  }

  private static List<BathTimetable.Bather> bathers(EnclosureSnapshot.Occupant o) {
    Resident r = o.resident();
    double height = r.bodyCm() * r.sheet().body().heightShare();
    List<BathTimetable.Bather> all = new ArrayList<>();
    for (int i = 1; i <= r.count(); i++) {
      all.add(
          new BathTimetable.Bather(
              r.count() == 1 ? o.record().name() : o.record().name() + " " + i, height));
    }
    return all;
  }

  /** Whether they are kept by the school that leaves it to large pools. */
  private static boolean neverBathed(List<EnclosureSnapshot.Occupant> crabs) {
    return crabs.stream().allMatch(o -> o.resident().stage().maintenance().bathDays() == 0);
  }

  private String next(List<EnclosureSnapshot.Occupant> crabs) {
    Optional<LocalDate> last =
        life.of(crabs.stream().map(EnclosureSnapshot.Occupant::record).toList()).stream()
            .map(LifeEntry::event)
            .filter(e -> e.kind() == LifeEvent.Kind.BATHED)
            .map(LifeEvent::day)
            .max(Comparator.naturalOrder());
    return last.map(
            day ->
                Messages.text(
                    "health.bath.next",
                    English.shortDay(day),
                    English.shortDay(BathTimetable.notBefore(day)),
                    English.shortDay(BathTimetable.aimBy(day))))
        .orElse(Messages.text("health.bath.never-yet"));
  }

  /** Writes the bath into the life of each, with what was seen. */
  @PostMapping
  String done(
      CollectionContext context,
      @PathVariable long enclosure,
      @RequestParam(name = "who", required = false) List<Long> who,
      Form form,
      Reply reply) {
    String address = context.path("/health/bath/" + enclosure);
    List<EnclosureSnapshot.Occupant> bathed =
        crabs(snapshots.get(context, enclosure)).stream()
            .filter(o -> who != null && who.contains(o.record().id()))
            .toList();
    if (bathed.isEmpty()) {
      return reply.notDone(Messages.text("health.bath.choose"), address);
    }
    int minutes = form.whole("bathMin", 1, MAX_MIN, 3);
    for (EnclosureSnapshot.Occupant o : bathed) {
      life.add(
          context,
          o.record().id(),
          new LifeEvent(
              context.today(),
              LifeEvent.Kind.BATHED,
              OptionalDouble.of(minutes),
              form.note("note-" + o.record().id())),
          Ids.derived(form.clientId(), o.record().id()));
    }
    return reply.saved(Messages.text("health.bath.logged"), address);
  }
}

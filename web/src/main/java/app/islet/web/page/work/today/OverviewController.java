package app.islet.web.page.work.today;

import app.islet.core.review.Severity;
import app.islet.core.text.English;
import app.islet.web.base.support.Units;
import app.islet.web.people.account.People;
import app.islet.web.people.collection.AnimalCollection;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.CollectionContexts;
import app.islet.web.people.collection.Memberships;
import app.islet.web.people.collection.Role;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.Snapshots;
import app.islet.web.reading.summary.DayRounds;
import app.islet.web.reading.summary.EnclosureSummary;
import app.islet.web.reading.summary.Summaries;
import app.islet.web.store.enclosure.EnclosureRecord;
import app.islet.web.store.enclosure.EnclosureStore;
import app.islet.web.store.enclosure.Room;
import app.islet.web.store.enclosure.Rooms;
import app.islet.web.store.rearing.BatchState;
import app.islet.web.store.rearing.BatchStates;
import java.security.Principal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/**
 * The first page: the rooms, the enclosures as sections at one scale, and what needs the keeper.
 */
@Controller
class OverviewController {
  /** So many enclosures come with the page; further rooms come as they are scrolled to. */
  private static final int AT_ONCE = 24;

  private final EnclosureStore enclosures;
  private final Rooms rooms;
  private final Summaries summaries;
  private final DayRounds rounds;
  private final Snapshots snapshots;
  private final Memberships memberships;
  private final CollectionContexts contexts;
  private final People people;
  private final BatchStates batches;

  OverviewController(
      EnclosureStore enclosures,
      Rooms rooms,
      Summaries summaries,
      DayRounds rounds,
      Snapshots snapshots,
      Memberships memberships,
      CollectionContexts contexts,
      People people,
      BatchStates batches) {
    this.enclosures = enclosures;
    this.rooms = rooms;
    this.summaries = summaries;
    this.rounds = rounds;
    this.snapshots = snapshots;
    this.memberships = memberships;
    this.contexts = contexts;
    this.people = people;
    this.batches = batches;
  }

  /**
   * @param message the worst finding in a few words, and its severity as css
   */
  record Card(long id, String name, String who, String glyph, String message, String css) {}

  /**
   * @param cards none where they come later
   * @param later how many come as the room is scrolled to; 0 where they are here
   * @param times how many times as large as in the other rooms they are drawn; empty where they are
   *     not
   */
  record RoomView(
      long id, String name, String climate, List<Card> cards, int later, String times) {}

  /** A batch that is raised: how many are left, what is to do, what threatens. */
  record Brood(long id, String name, int left, int jobs, String dangers) {
    static Brood of(BatchState s) {
      return new Brood(
          s.batch().id(), s.kind().animal().name(), s.left(), s.jobsLeft(), threats(s));
    }
  }

  private static String threats(BatchState s) {
    List<String> words =
        s.dangers().stream().map(d -> English.lower(d.danger().kind().words())).distinct().toList();
    return words.isEmpty() ? "" : English.capital(English.list(words));
  }

  @GetMapping("/")
  String door(Principal principal) {
    if (!people.any()) {
      return "redirect:/setup";
    }
    List<AnimalCollection> mine = memberships.collectionsOf(principal.getName());
    if (mine.isEmpty()) {
      return "redirect:/none";
    }
    String first = "/c/" + mine.get(0).slug();
    boolean looks =
        contexts
            .find(principal.getName(), mine.get(0).slug())
            .filter(context -> context.may(Role.HELPER))
            .isPresent();
    return "redirect:" + (looks ? first : first + "/rounds");
  }

  /** An enclosure opens where there is most to do: who lives there first, then the design. */
  @GetMapping("/c/{collection}/enclosures/{id}")
  String open(CollectionContext context, @PathVariable long id) {
    EnclosureSnapshot state = snapshots.get(context, id);
    String step = state.occupants().isEmpty() ? "/residents" : "/build";
    return "redirect:" + context.path("/enclosures/" + id + step);
  }

  @GetMapping("/c/{collection}")
  String show(CollectionContext context, Model model) {
    List<EnclosureRecord> all = enclosures.all(context);
    model.addAttribute("rooms", rooms(context, all));
    boolean known = summaries.areKnown(context, all) || all.size() <= AT_ONCE;
    model.addAttribute("waits", !known);
    if (known) {
      addAside(context, all, model);
    }
    return "overview/overview";
  }

  /** The sections of a room that is scrolled to. */
  @GetMapping("/c/{collection}/rooms/{id}/rack")
  String rack(CollectionContext context, @PathVariable long id, Model model) {
    Room room = rooms.get(context, id);
    List<EnclosureRecord> all = enclosures.all(context);
    model.addAttribute("room", view(context, room, in(room, all), scale(context, all)));
    return "overview/room :: rack";
  }

  /** What needs the keeper, where it takes a while to find out. */
  @GetMapping("/c/{collection}/needs")
  String needs(CollectionContext context, Model model) {
    addAside(context, enclosures.all(context), model);
    return "overview/needs :: needs";
  }

  private List<RoomView> rooms(CollectionContext context, List<EnclosureRecord> all) {
    RackScale scale = scale(context, all);
    List<RoomView> views = new ArrayList<>();
    int shown = 0;
    for (Room room : rooms.all(context)) {
      List<EnclosureRecord> inside = in(room, all);
      if (inside.isEmpty() && !all.isEmpty()) {
        continue;
      }
      boolean now = shown + inside.size() <= AT_ONCE;
      shown += now ? inside.size() : 0;
      views.add(
          now
              ? view(context, room, inside, scale)
              : new RoomView(
                  room.id(), room.name(), climate(context, room), List.of(), inside.size(), ""));
    }
    return views;
  }

  private static List<EnclosureRecord> in(Room room, List<EnclosureRecord> all) {
    return all.stream().filter(e -> e.roomId().equals(room.id())).toList();
  }

  private RoomView view(
      CollectionContext context, Room room, List<EnclosureRecord> inside, RackScale scale) {
    List<EnclosureSummary> stand = summaries.of(context, inside);
    RackScale own = scale.orOf(stand);
    return new RoomView(
        room.id(),
        room.name(),
        climate(context, room),
        stand.stream().map(s -> card(s, own)).toList(),
        0,
        own.equals(scale) ? "" : own.timesOf(scale));
  }

  /** Of few enclosures the fullest room just fits its rack; many stand at one scale and wrap. */
  private RackScale scale(CollectionContext context, List<EnclosureRecord> all) {
    return all.size() > AT_ONCE
        ? RackScale.OF_MANY
        : RackScale.fitting(
            summaries.of(context, all).stream()
                .collect(Collectors.groupingBy(EnclosureSummary::roomId))
                .values());
  }

  private static String climate(CollectionContext context, Room room) {
    Units u = context.units();
    return "summer %s, winter nights %s"
        .formatted(u.celsius(room.site().summerDayC()), u.celsius(room.site().winterNightC()));
  }

  private static Card card(EnclosureSummary s, RackScale scale) {
    Optional<Severity> worst = s.worst();
    return new Card(
        s.id(),
        s.name(),
        s.who(),
        s.glyph().scaled(scale.of(s)),
        worst.map(w -> s.ofTheWorst() + " " + w.word()).orElse("All well"),
        worst.map(OverviewController::css).orElse("well"));
  }

  private static String css(Severity severity) {
    return severity.word().toLowerCase(Locale.ROOT);
  }

  private void addAside(CollectionContext context, List<EnclosureRecord> all, Model model) {
    model.addAttribute("broods", batches.open(context).stream().map(Brood::of).toList());
    model.addAttribute(
        "today",
        Today.of(rounds.on(context, all, context.today()), context.today(), context.units()));
  }
}

package app.islet.web.overview;

import app.islet.core.review.Finding;
import app.islet.web.account.PersonRepository;
import app.islet.web.collection.CollectionContext;
import app.islet.web.collection.Membership;
import app.islet.web.collection.MembershipRepository;
import app.islet.web.drawing.SectionDrawing;
import app.islet.web.enclosure.EnclosureSnapshot;
import app.islet.web.enclosure.Enclosures;
import app.islet.web.enclosure.Room;
import app.islet.web.rounds.Rounds;
import app.islet.web.support.Units;
import java.security.Principal;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/**
 * The first page: the rooms, the enclosures as sections at one scale, and what needs the keeper.
 */
@Controller
class OverviewController {
  private static final double RACK_PIXELS = 860;
  private static final double MOST_PIXELS_PER_CM = 2.2;
  private static final int NEEDS_SHOWN = 7;

  private final Enclosures enclosures;
  private final Rounds rounds;
  private final MembershipRepository memberships;
  private final PersonRepository people;

  OverviewController(
      Enclosures enclosures,
      Rounds rounds,
      MembershipRepository memberships,
      PersonRepository people) {
    this.enclosures = enclosures;
    this.rounds = rounds;
    this.memberships = memberships;
    this.people = people;
  }

  /**
   * @param message the worst finding in a few words, and its severity as css
   */
  record Card(long id, String name, String who, String glyph, String message, String css) {}

  record RoomView(String name, String climate, List<Card> cards) {}

  record Need(long id, String enclosure, String severity, String css, String what) {}

  @GetMapping("/")
  String door(Principal principal) {
    if (people.count() == 0) {
      return "redirect:/setup";
    }
    List<Membership> mine = memberships.ofPerson(principal.getName());
    return mine.isEmpty() ? "redirect:/none" : "redirect:/c/" + mine.get(0).collection().slug();
  }

  @GetMapping("/c/{collection}")
  String show(CollectionContext place, Model model) {
    List<Rounds.Stop> stops = rounds.day(place, place.today());
    List<EnclosureSnapshot> states = stops.stream().map(Rounds.Stop::state).toList();
    double scale = scale(states);
    Units u = place.units();
    model.addAttribute(
        "rooms",
        enclosures.rooms(place).stream()
            .map(
                room ->
                    new RoomView(
                        room.name(),
                        climate(u, room),
                        states.stream()
                            .filter(s -> s.room().id().equals(room.id()))
                            .map(s -> card(u, s, scale))
                            .toList()))
            .filter(r -> !r.cards().isEmpty() || states.isEmpty())
            .toList());
    List<Need> needs =
        states.stream()
            .flatMap(
                s ->
                    s.assessment().review().findings().stream()
                        .filter(Finding::isOpen)
                        .map(f -> new Pair(s, f)))
            .sorted(Comparator.comparing(p -> p.finding.severity()))
            .map(p -> need(u, p))
            .toList();
    model.addAttribute("needs", needs.stream().limit(NEEDS_SHOWN).toList());
    model.addAttribute("moreNeeds", Math.max(0, needs.size() - NEEDS_SHOWN));
    long all = stops.stream().mapToLong(s -> s.lines().size()).sum();
    long left = stops.stream().mapToLong(Rounds.Stop::left).sum();
    model.addAttribute("all", all);
    model.addAttribute("done", all - left);
    model.addAttribute("doneWidth", all == 0 ? 0 : Math.round(100.0 * (all - left) / all));
    model.addAttribute(
        "nextStop",
        stops.stream().filter(s -> s.left() > 0).map(Rounds.Stop::state).findFirst().orElse(null));
    model.addAttribute(
        "late",
        stops.stream()
            .flatMap(
                s ->
                    s.lines().stream()
                        .filter(l -> !l.due().settled() && l.due().daysLate() > 0)
                        .map(
                            l ->
                                s.state().name()
                                    + ": "
                                    + u.text(l.due().task().title())
                                    + ", "
                                    + l.due().daysLate()
                                    + (l.due().daysLate() == 1 ? " day late" : " days late")))
            .toList());
    return "overview/overview";
  }

  private record Pair(EnclosureSnapshot state, Finding finding) {}

  private static Need need(Units u, Pair p) {
    return new Need(
        p.state.id(),
        p.state.name(),
        p.finding.severity().word(),
        p.finding.severity().word().toLowerCase(Locale.ROOT),
        u.text(p.finding.what()));
  }

  /** One scale for all, so that the fullest room just fits the rack. */
  private static double scale(List<EnclosureSnapshot> states) {
    double widest =
        states.stream().collect(Collectors.groupingBy(s -> s.room().id())).values().stream()
            .mapToDouble(
                room -> room.stream().mapToDouble(s -> s.design().vessel().lengthCm() + 14).sum())
            .max()
            .orElse(400);
    return Math.min(MOST_PIXELS_PER_CM, RACK_PIXELS / widest);
  }

  private static String climate(Units u, Room room) {
    return "summer %s, winter %s by night"
        .formatted(u.celsius(room.site().summerDayC()), u.celsius(room.site().winterNightC()));
  }

  private static Card card(Units u, EnclosureSnapshot s, double scale) {
    Optional<Finding> worst =
        s.assessment().review().findings().stream().filter(Finding::isOpen).findFirst();
    long same =
        worst
            .map(
                w ->
                    s.assessment().review().findings().stream()
                        .filter(f -> f.isOpen() && f.severity() == w.severity())
                        .count())
            .orElse(0L);
    return new Card(
        s.id(),
        s.name(),
        s.who(),
        SectionDrawing.glyph(s.assessment(), scale),
        worst.map(f -> same + " " + f.severity().word()).orElse("All well"),
        worst.map(f -> f.severity().word().toLowerCase(Locale.ROOT)).orElse("well"));
  }
}

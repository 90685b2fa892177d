package app.islet.web.enclosure;

import app.islet.core.document.DocumentDiff;
import app.islet.web.account.Person;
import app.islet.web.account.PersonRepository;
import app.islet.web.collection.CollectionContext;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Every saved state of a design: what each changed, and bringing one back. */
@Controller
@RequestMapping("/c/{collection}/enclosures/{id}/versions")
class VersionsController {
  private static final DateTimeFormatter TIME =
      DateTimeFormatter.ofPattern("d MMMM yyyy, HH:mm", Locale.ENGLISH);

  private final Enclosures enclosures;
  private final PersonRepository people;

  VersionsController(Enclosures enclosures, PersonRepository people) {
    this.enclosures = enclosures;
    this.people = people;
  }

  /**
   * @param changes what it changed against the one before, field by field
   * @param newest whether it is the design as it is
   */
  record Version(
      int number, String when, String who, List<DocumentDiff.Difference> changes, boolean newest) {}

  @GetMapping
  String list(CollectionContext place, @PathVariable long id, Model model) {
    List<Revision> revisions = enclosures.versions(place, id);
    ZoneId zone = place.collection().zone();
    List<Version> versions = new ArrayList<>();
    for (int n = 0; n < revisions.size(); n++) {
      Revision revision = revisions.get(n);
      versions.add(
          new Version(
              revision.number(),
              revision.savedAt().atZone(zone).format(TIME),
              people.findById(revision.savedBy()).map(Person::name).orElse(""),
              n + 1 < revisions.size()
                  ? DocumentDiff.between(revisions.get(n + 1).document(), revision.document())
                  : List.of(),
              n == 0));
    }
    model.addAttribute("state", enclosures.get(place, id));
    model.addAttribute("versions", versions);
    return "enclosure/versions";
  }

  @PostMapping("/{number}")
  String bringBack(
      CollectionContext place,
      @PathVariable long id,
      @PathVariable int number,
      RedirectAttributes flash) {
    enclosures.bringBack(place, id, number);
    flash.addFlashAttribute("saved", "Version " + number + " is the design again.");
    return "redirect:" + place.path("/enclosures/" + id + "/build");
  }
}

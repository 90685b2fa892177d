package app.islet.web.design;

import app.islet.core.document.DocumentDiff;
import app.islet.core.text.English;
import app.islet.web.account.People;
import app.islet.web.collection.CollectionContext;
import app.islet.web.enclosure.Designs;
import app.islet.web.enclosure.Revision;
import app.islet.web.snapshot.Snapshots;
import app.islet.web.support.Reply;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** Every saved state of a design: what each changed, and bringing one back. */
@Controller
@RequestMapping("/c/{collection}/enclosures/{id}/versions")
class VersionsController {

  private final Snapshots snapshots;
  private final People people;
  private final Designs designs;

  VersionsController(Snapshots snapshots, People people, Designs designs) {
    this.designs = designs;
    this.snapshots = snapshots;
    this.people = people;
  }

  /**
   * @param changes what it changed against the one before, field by field
   * @param newest whether it is the design as it is
   */
  record Version(
      int number, String when, String who, List<DocumentDiff.Difference> changes, boolean newest) {}

  @GetMapping
  String list(CollectionContext context, @PathVariable long id, Model model) {
    List<Revision> revisions = designs.versions(context, id);
    ZoneId zone = context.collection().zone();
    List<Version> versions = new ArrayList<>();
    for (int n = 0; n < revisions.size(); n++) {
      Revision revision = revisions.get(n);
      versions.add(
          new Version(
              revision.number(),
              English.moment(revision.savedAt().atZone(zone)),
              people.name(revision.savedBy()).orElse(""),
              n + 1 < revisions.size()
                  ? DocumentDiff.between(revisions.get(n + 1).document(), revision.document())
                  : List.of(),
              n == 0));
    }
    model.addAttribute("state", snapshots.get(context, id));
    model.addAttribute("versions", versions);
    return "design/versions";
  }

  @PostMapping("/{number}")
  String restore(
      CollectionContext context, @PathVariable long id, @PathVariable int number, Reply reply) {
    designs.restore(context, id, number);
    return reply.saved(
        "Version " + number + " is the design again.",
        context.path("/enclosures/" + id + "/build"));
  }
}

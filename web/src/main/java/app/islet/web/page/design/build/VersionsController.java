package app.islet.web.page.design.build;

import app.islet.core.document.DocumentDiff;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.text.English;
import app.islet.web.base.drawing.SectionDrawing;
import app.islet.web.base.support.Reply;
import app.islet.web.people.account.People;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.Snapshots;
import app.islet.web.store.enclosure.Designs;
import app.islet.web.store.enclosure.Revision;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Every saved state of a design: what each changed, and bringing one back. */
@Controller
@RequestMapping("/c/{collection}/enclosures/{id}/versions")
class VersionsController {

  private static final double PICTURE_PX = 420;

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
  record Version(int number, String when, String who, List<ChangeWords> changes, boolean newest) {}

  /**
   * Two versions side by side, at one scale.
   *
   * @param pictures of the one and the other
   * @param changes from the one to the other
   */
  record Comparison(int one, int other, List<String> pictures, List<ChangeWords> changes) {}

  @GetMapping
  String list(
      CollectionContext context,
      @PathVariable long id,
      @RequestParam(defaultValue = "0") int one,
      @RequestParam(defaultValue = "0") int other,
      Model model) {
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
                  ? changes(revisions.get(n + 1), revision, context)
                  : List.of(),
              n == 0));
    }
    EnclosureSnapshot state = snapshots.get(context, id);
    model.addAttribute("state", state);
    model.addAttribute("versions", versions);
    model.addAttribute("one", one);
    model.addAttribute("other", other);
    model.addAttribute("compared", compared(context, revisions, state, one, other));
    return "design/versions";
  }

  /** Empty where either was not asked for or is not there. */
  private Optional<Comparison> compared(
      CollectionContext context,
      List<Revision> revisions,
      EnclosureSnapshot state,
      int one,
      int other) {
    Optional<Revision> left = revisions.stream().filter(r -> r.number() == one).findFirst();
    Optional<Revision> right = revisions.stream().filter(r -> r.number() == other).findFirst();
    if (left.isEmpty() || right.isEmpty()) {
      return Optional.empty();
    }
    List<Enclosure> designs = Stream.of(left, right).map(r -> design(state, r.get())).toList();
    double longest = designs.stream().mapToDouble(e -> e.vessel().lengthCm()).max().orElseThrow();
    return Optional.of(
        new Comparison(
            one,
            other,
            designs.stream()
                .map(
                    e ->
                        SectionDrawing.picture(
                            state.with(e).assessment(),
                            PICTURE_PX * e.vessel().lengthCm() / longest))
                .toList(),
            changes(left.get(), right.get(), context)));
  }

  private static List<ChangeWords> changes(
      Revision one, Revision other, CollectionContext context) {
    return DocumentDiff.between(one.document(), other.document()).stream()
        .map(d -> ChangeWords.of(d, context.system()))
        .toList();
  }

  private Enclosure design(EnclosureSnapshot state, Revision revision) {
    return designs.read(state.name(), revision, state.design().site());
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

package app.islet.web.page.design.proposal;

import app.islet.core.care.CareSheet;
import app.islet.core.proposal.Placement;
import app.islet.core.review.Finding;
import app.islet.core.review.Severity;
import app.islet.web.base.drawing.SectionDrawing;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.base.support.Units;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.Snapshots;
import app.islet.web.store.care.CareSheetStore;
import app.islet.web.store.enclosure.EnclosureRecord;
import app.islet.web.store.enclosure.EnclosureStore;
import app.islet.web.store.enclosure.Rooms;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;

/** The enclosures there are, ranked by what would have to change for a newcomer. */
@Controller
@RequestMapping("/c/{collection}/new/{species}/where")
class WhereController {
  private static final int MAX_LOOKED_AT = 100;
  private static final int MAX_SHOWN = 12;
  private static final double GLYPH_WIDE = 150;
  private static final double GLYPH_TALL = 90;

  private final CareSheetStore sheets;
  private final Rooms rooms;
  private final EnclosureStore enclosures;
  private final Snapshots snapshots;

  WhereController(
      CareSheetStore sheets, Rooms rooms, EnclosureStore enclosures, Snapshots snapshots) {
    this.sheets = sheets;
    this.rooms = rooms;
    this.enclosures = enclosures;
    this.snapshots = snapshots;
  }

  /**
   * @param who lives there now
   * @param changes what would newly be wrong, and what mends it
   */
  record Place(
      long id, String name, String who, String glyph, boolean fits, List<Change> changes) {}

  record Change(String severity, String css, String what, String remedy) {}

  /** An enclosure with what it would mean. */
  private record Ranked(EnclosureSnapshot state, Placement placement) {}

  @GetMapping
  String where(CollectionContext context, @PathVariable String species, Form form, Model model) {
    context.require(Role.KEEPER);
    CareSheet sheet =
        sheets
            .library(context)
            .find(species)
            .orElseThrow(() -> new NotFoundException("there is no care sheet " + species));
    Asked asked = Asked.read(form, sheet, rooms.all(context), context.today());
    List<EnclosureRecord> all = enclosures.all(context);
    model.addAttribute(
        "places",
        snapshots.all(context, all.stream().limit(MAX_LOOKED_AT).toList()).stream()
            .map(
                state ->
                    new Ranked(state, Placement.of(state.assessment().situation(), asked.who())))
            .sorted(Comparator.comparing(Ranked::placement, Placement.BEST_FIRST))
            .limit(MAX_SHOWN)
            .map(ranked -> place(ranked, context.units()))
            .toList());
    model.addAttribute("who", asked.who().words());
    model.addAttribute("species", sheet.id());
    model.addAttribute("lookedAt", Math.min(MAX_LOOKED_AT, all.size()));
    model.addAttribute("thereAre", all.size());
    return "proposal/where";
  }

  private static Place place(Ranked ranked, Units u) {
    EnclosureSnapshot state = ranked.state();
    return new Place(
        state.id(),
        state.name(),
        state.who(),
        SectionDrawing.glyph(state.assessment()).fitted(GLYPH_WIDE, GLYPH_TALL),
        ranked.placement().fits(),
        ranked.placement().newly().stream()
            .filter(f -> f.severity() != Severity.NOTE)
            .map(f -> change(f, u))
            .toList());
  }

  private static Change change(Finding f, Units u) {
    return new Change(
        f.severity().word(),
        f.severity().word().toLowerCase(Locale.ROOT),
        u.text(f.what()),
        f.remedies().stream().findFirst().map(r -> u.text(r.text())).orElse(""));
  }
}

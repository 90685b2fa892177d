package app.islet.web.page.design.exchange;

import app.islet.core.Assessment;
import app.islet.core.document.DocumentWriter;
import app.islet.core.document.EnclosureDocument;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.quantity.UnitSystem;
import app.islet.web.base.drawing.DrawingFile;
import app.islet.web.base.drawing.PlanDrawing;
import app.islet.web.base.drawing.SectionDrawing;
import app.islet.web.base.support.Downloads;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.Snapshots;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;

/** An enclosure as open files. */
@Controller
@RequestMapping("/c/{collection}/enclosures/{id}")
class ExportController {
  private final Snapshots snapshots;

  ExportController(Snapshots snapshots) {
    this.snapshots = snapshots;
  }

  /** Section and plan as one picture, for any program that draws SVG. */
  @GetMapping("/drawing.svg")
  ResponseEntity<String> drawing(CollectionContext context, @PathVariable long id) {
    EnclosureSnapshot state = snapshots.get(context, id);
    Assessment a = state.assessment();
    Enclosure e = state.design();
    UnitSystem units = context.system();
    double middleCm = e.vessel().widthCm() / 2;
    return Downloads.of(
        state.name() + ".svg",
        MediaType.valueOf("image/svg+xml"),
        DrawingFile.write(
            SectionDrawing.working(a, units, middleCm), PlanDrawing.plain(a, units, middleCm)));
  }

  /** The enclosure and its residents as one open document. */
  @GetMapping("/document.json")
  ResponseEntity<String> document(CollectionContext context, @PathVariable long id) {
    EnclosureSnapshot state = snapshots.get(context, id);
    return Downloads.of(
        state.name() + ".json",
        MediaType.APPLICATION_JSON,
        DocumentWriter.write(new EnclosureDocument(state.design(), state.residents())));
  }
}

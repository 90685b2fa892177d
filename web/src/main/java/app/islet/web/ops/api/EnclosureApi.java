package app.islet.web.ops.api;

import app.islet.core.AssessmentJson;
import app.islet.core.document.DocumentWriter;
import app.islet.core.document.EnclosureDocument;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.Snapshots;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Enclosures over HTTP: the document as docs/format.md has it, and its assessment. */
@RestController
@RequestMapping(
    path = "/api/c/{collection}/enclosures/{id}",
    produces = MediaType.APPLICATION_JSON_VALUE)
class EnclosureApi {
  private final Snapshots snapshots;

  EnclosureApi(Snapshots snapshots) {
    this.snapshots = snapshots;
  }

  @GetMapping
  String document(CollectionContext context, @PathVariable long id) {
    EnclosureSnapshot state = snapshots.get(context, id);
    return DocumentWriter.write(
        new EnclosureDocument(state.design(), state.assessment().residents()));
  }

  @GetMapping("/assessment")
  String assessment(CollectionContext context, @PathVariable long id) {
    return AssessmentJson.write(snapshots.get(context, id).assessment());
  }
}

package app.islet.web.api;

import app.islet.core.AssessmentJson;
import app.islet.core.document.DocumentWriter;
import app.islet.core.document.EnclosureDocument;
import app.islet.web.collection.CollectionContext;
import app.islet.web.enclosure.EnclosureSnapshot;
import app.islet.web.enclosure.Enclosures;
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
  private final Enclosures enclosures;

  EnclosureApi(Enclosures enclosures) {
    this.enclosures = enclosures;
  }

  @GetMapping
  String document(CollectionContext place, @PathVariable long id) {
    EnclosureSnapshot state = enclosures.get(place, id);
    return DocumentWriter.write(
        new EnclosureDocument(state.design(), state.assessment().residents()));
  }

  @GetMapping("/assessment")
  String assessment(CollectionContext place, @PathVariable long id) {
    return AssessmentJson.write(enclosures.get(place, id).assessment());
  }
}

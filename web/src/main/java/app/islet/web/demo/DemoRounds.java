package app.islet.web.demo;

import app.islet.web.collection.CollectionContext;
import app.islet.web.collection.CollectionStore;
import app.islet.web.enclosure.EnclosureStore;
import org.springframework.stereotype.Component;

/** How the mill walks its rounds. */
@Component
class DemoRounds {
  private final CollectionStore collections;
  private final EnclosureStore enclosures;

  DemoRounds(CollectionStore collections, EnclosureStore enclosures) {
    this.collections = collections;
    this.enclosures = enclosures;
  }

  void prepare(CollectionContext context, long quarantine) {
    collections.call(
        context, "The mill office, extension 12, at any hour. Then the vet on the notice board.");
    enclosures.walk(context, quarantine, true, null);
  }
}

package app.islet.web.demo;

import app.islet.web.collection.CollectionContext;
import app.islet.web.collection.CollectionStore;
import app.islet.web.enclosure.EnclosureStore;
import app.islet.web.tasklog.Holidays;
import java.time.LocalDate;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** How the mill walks its rounds. */
@Component
class DemoRounds {
  private final CollectionStore collections;
  private final EnclosureStore enclosures;
  private final Holidays holidays;

  DemoRounds(CollectionStore collections, EnclosureStore enclosures, Holidays holidays) {
    this.collections = collections;
    this.enclosures = enclosures;
    this.holidays = holidays;
  }

  void prepare(CollectionContext context, long quarantine) {
    collections.call(
        context, "The mill office, extension 12, at any hour. Then the vet on the notice board.");
    enclosures.walk(context, quarantine, true, null);
    LocalDate today = context.today();
    holidays.add(
        context,
        today.plusDays(5),
        today.plusDays(9),
        "Mill closed, club feeds",
        UUID.randomUUID());
  }
}

package app.islet.web.page.rearing;

import app.islet.core.text.English;
import app.islet.web.base.support.Messages;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.Animals;
import app.islet.web.store.enclosure.EnclosureStore;
import app.islet.web.store.enclosure.Rooms;
import app.islet.web.store.rearing.Batch;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Where a batch stands, who its parents are, how many of its eggs are fertile. */
@Component
class AboutBatch {
  private final Animals animals;
  private final Rooms rooms;
  private final EnclosureStore enclosures;

  AboutBatch(Animals animals, Rooms rooms, EnclosureStore enclosures) {
    this.animals = animals;
    this.rooms = rooms;
    this.enclosures = enclosures;
  }

  List<String> of(CollectionContext context, Batch batch) {
    List<String> lines = new ArrayList<>();
    Long enclosure = batch.stand().enclosureId();
    Long room = batch.stand().roomId();
    if (enclosure != null) {
      lines.add(Messages.text("rearing.in-enclosure", enclosures.get(context, enclosure).name()));
    } else if (room != null) {
      lines.add(Messages.text("rearing.in-room", rooms.get(context, room).name()));
    }
    List<String> parents =
        Stream.of(batch.origin().motherId(), batch.origin().fatherId())
            .filter(Objects::nonNull)
            .map(id -> animals.get(context, id))
            .map(Animal::name)
            .distinct()
            .toList();
    if (!parents.isEmpty()) {
      lines.add(Messages.text("rearing.parents", English.list(parents)));
    }
    batch.fertile().ifPresent(n -> lines.add(Messages.text("rearing.fertile-eggs", n)));
    if (!batch.note().isEmpty()) {
      lines.add(batch.note());
    }
    return lines;
  }
}

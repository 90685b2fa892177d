package app.islet.web.store.animal;

import app.islet.web.people.collection.CollectionContext;
import java.util.Collection;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Tubs and boxes of batches as places on the books. */
@Service
public class Tubs {
  private final PlaceRepository places;

  Tubs(PlaceRepository places) {
    this.places = places;
  }

  /** A new one; its number tells it from the others. */
  @Transactional
  public PlaceRecord add(
      CollectionContext context,
      @Nullable Long enclosureId,
      long batchId,
      PlaceRecord.Kind kind,
      int number) {
    String word =
        switch (kind) {
          case BOX -> "Box ";
          case EGGS -> "Eggs ";
          default -> "Tub ";
        };
    return places.saveAndFlush(
        PlaceRecord.ofBatch(context.collectionId(), enclosureId, batchId, kind, word + number));
  }

  /** Whether all of these places hold eggs. */
  @Transactional(readOnly = true)
  public boolean holdEggs(Collection<String> keys) {
    return !keys.isEmpty()
        && places.findAllById(keys.stream().map(Long::valueOf).toList()).stream()
            .allMatch(place -> place.kind() == PlaceRecord.Kind.EGGS);
  }

  /** Keys of the places of some batches that hold eggs. */
  @Transactional(readOnly = true)
  public Set<String> eggs(Collection<Long> batchIds) {
    return places.findByBatchIdInAndKind(batchIds, PlaceRecord.Kind.EGGS).stream()
        .map(PlaceRecord::key)
        .collect(Collectors.toSet());
  }

  /** Puts one away. */
  @Transactional
  public void close(long id) {
    places.findById(id).ifPresent(place -> places.saveAndFlush(place.close()));
  }
}

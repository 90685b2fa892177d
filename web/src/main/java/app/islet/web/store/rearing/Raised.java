package app.islet.web.store.rearing;

import app.islet.core.animal.RaisedStage;
import app.islet.core.animal.Sizing;
import app.islet.core.livestock.Census;
import app.islet.web.store.animal.Animal;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How far young that are raised have come.
 *
 * @param batches by the ids of their groups on the books
 * @param tubs the batch of each tub in use, by its key
 * @param sizes what was measured in their tubs, by the ids of their groups
 */
public record Raised(
    Map<Long, BatchState> batches, Map<String, BatchState> tubs, Map<Long, List<Sizing>> sizes) {
  /**
   * The stage of a batch, where the animal is the group of one. Once none is left in its tubs, what
   * the keeper says of the group itself is newer.
   */
  public Optional<RaisedStage> of(Animal animal) {
    return Optional.ofNullable(batches.get(animal.id()))
        .filter(batch -> batch.left() > 0 || animal.statedStage() == null)
        .flatMap(BatchState::raised);
  }

  /** The same, or of one singled out the stage of the tub that it is in. */
  public Optional<RaisedStage> of(Animal animal, Census here) {
    return batches.containsKey(animal.id())
        ? of(animal)
        : here.lines().stream()
            .max(Comparator.comparingInt(Census.Line::count))
            .map(Census.Line::place)
            .flatMap(
                key -> Optional.ofNullable(tubs.get(key)).flatMap(batch -> batch.raisedIn(key)));
  }

  /** The batch whose group it is, or in whose tubs it lives. */
  public Optional<BatchState> batch(Animal animal, Census here) {
    return Optional.ofNullable(batches.get(animal.id()))
        .or(
            () ->
                here.lines().stream()
                    .flatMap(line -> Optional.ofNullable(tubs.get(line.place())).stream())
                    .findFirst());
  }

  /** What was measured in the tubs of a batch. */
  public List<Sizing> sizes(Animal animal) {
    return sizes.getOrDefault(animal.id(), List.of());
  }
}

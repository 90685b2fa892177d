package app.islet.web.store.rearing;

import app.islet.core.animal.Sizing;
import app.islet.core.care.Stage;
import app.islet.core.livestock.Census;
import app.islet.core.livestock.Ledger;
import app.islet.core.rearing.Milestone;
import app.islet.core.rearing.Sizes;
import app.islet.core.rearing.TubEvent;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.PlaceRecord;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Tells of some animals how far they have come as young that are raised. */
@Service
public class RaisedYoung {
  private final BatchRepository batches;
  private final BatchStates states;
  private final TubLogs logs;
  private final TubTaps taps;

  RaisedYoung(BatchRepository batches, BatchStates states, TubLogs logs, TubTaps taps) {
    this.taps = taps;
    this.batches = batches;
    this.states = states;
    this.logs = logs;
  }

  /**
   * @param places of the collection, by their keys
   */
  @Transactional(readOnly = true)
  public Raised of(
      CollectionContext context,
      Collection<Animal> some,
      Ledger ledger,
      Map<String, PlaceRecord> places) {
    Set<Long> ids = some.stream().map(Animal::id).collect(Collectors.toSet());
    Set<Long> inTubs = new HashSet<>();
    for (Animal animal : some) {
      for (Census.Line line : ledger.census(animal.key(), context.today()).lines()) {
        PlaceRecord place = places.get(line.place());
        if (place != null) {
          place.batchId().ifPresent(inTubs::add);
        }
      }
    }
    List<Batch> concerned = batches.concerning(context.collectionId(), ids, inTubs);
    Map<Long, BatchState> byGroup = new HashMap<>();
    Map<String, BatchState> byTub = new HashMap<>();
    Map<Long, List<Sizing>> sizes = new HashMap<>();
    for (BatchState state : states.of(context, concerned)) {
      byGroup.put(state.kind().animal().id(), state);
      state.tubs().forEach(tub -> byTub.put(tub.tub().key(), state));
      if (ids.contains(state.kind().animal().id())) {
        sizes.put(state.kind().animal().id(), sizes(logs.measured(context, state.batch())));
      }
    }
    return new Raised(byGroup, byTub, sizes);
  }

  /**
   * Logs that some animals were seen in a stage of their sheet, in each tub that holds them.
   *
   * @param places where they are, by their keys
   * @return false where no tub of a batch holds them
   */
  public boolean seen(
      CollectionContext context,
      Collection<PlaceRecord> places,
      Stage stage,
      LocalDate day,
      UUID clientId) {
    List<PlaceRecord> tubs =
        places.stream()
            .filter(place -> place.batchId().isPresent() && place.kind() != PlaceRecord.Kind.EGGS)
            .toList();
    if (tubs.isEmpty()) {
      return false;
    }
    BatchState state = states.of(context, tubs.get(0).batchId().orElseThrow());
    Optional<Milestone> first =
        state.kind().guide().milestones().stream()
            .filter(m -> m.stageOf(state.kind().sheet()).filter(stage::equals).isPresent())
            .findFirst();
    first.ifPresent(
        milestone ->
            taps.seen(
                context,
                tubs.stream().map(PlaceRecord::id).toList(),
                milestone.id(),
                // The last second of that day: after all that was entered of it.
                day.plusDays(1)
                    .atStartOfDay(context.collection().zone())
                    .minusSeconds(1)
                    .toInstant(),
                clientId));
    return first.isPresent();
  }

  /** Of all tubs of a batch as of one, a day each. */
  private static List<Sizing> sizes(List<TubEvent> measured) {
    Map<LocalDate, Sizes> byDay = new TreeMap<>();
    for (TubEvent e : measured) {
      e.sizes().ifPresent(s -> byDay.merge(e.at().toLocalDate(), s, Sizes::with));
    }
    List<Sizing> sizes = new ArrayList<>();
    byDay.forEach(
        (day, s) ->
            sizes.add(
                new Sizing(
                    day,
                    OptionalDouble.of(s.largestCm()),
                    s.smallestCm() < s.largestCm()
                        ? OptionalDouble.of(s.smallestCm())
                        : OptionalDouble.empty(),
                    OptionalDouble.empty())));
    return sizes;
  }
}

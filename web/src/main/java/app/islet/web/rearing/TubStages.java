package app.islet.web.rearing;

import app.islet.core.care.Stage;
import app.islet.core.rearing.Milestone;
import app.islet.core.rearing.RearingGuide;
import app.islet.core.rearing.TubEvent;
import app.islet.web.animal.Animal;
import app.islet.web.animal.Animals;
import app.islet.web.collection.CollectionContext;
import app.islet.web.support.RefusedException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Tubs seen in a stage; the group on the books is in the stage of most of them. */
@Service
public class TubStages {
  private final Batches batches;
  private final BatchStates states;
  private final TubLogs logs;
  private final Animals animals;

  TubStages(Batches batches, BatchStates states, TubLogs logs, Animals animals) {
    this.batches = batches;
    this.states = states;
    this.logs = logs;
    this.animals = animals;
  }

  /**
   * @param milestone id of the stage; empty for the one after that it is in
   */
  @Transactional
  public void seen(
      CollectionContext context,
      Collection<Long> placeIds,
      String milestone,
      Instant at,
      UUID clientId) {
    for (Long place : placeIds) {
      TubRecord tub = batches.tub(context, place);
      BatchState state = states.of(context, tub.batchId());
      UUID own =
          placeIds.size() == 1
              ? clientId
              : UUID.nameUUIDFromBytes((clientId + "-" + place).getBytes(StandardCharsets.UTF_8));
      Optional<Milestone> seen = stage(state, tub, milestone);
      seen.ifPresent(
          m ->
              logs.add(
                  context,
                  List.of(place),
                  new TubEntry.What(TubEvent.Kind.STAGE, m.id(), ""),
                  at,
                  own));
    }
    placeIds.stream()
        .map(place -> batches.tub(context, place).batchId())
        .distinct()
        .forEach(batch -> follow(context, states.of(context, batch), clientId));
  }

  private static Optional<Milestone> stage(BatchState state, TubRecord tub, String milestone) {
    RearingGuide guide = state.kind().guide();
    if (!milestone.isEmpty()) {
      return Optional.of(
          guide
              .milestone(milestone)
              .orElseThrow(() -> new RefusedException("That stage is not one of theirs.")));
    }
    return state.tubs().stream()
        .filter(now -> now.record().placeId().equals(tub.placeId()))
        .findFirst()
        .flatMap(now -> guide.next(now.tub().milestone()));
  }

  private void follow(CollectionContext context, BatchState state, UUID clientId) {
    Animal animal = state.kind().animal();
    Optional<Stage> stage = state.stage().stageOf(state.kind().sheet());
    boolean other = stage.isPresent() && !stage.get().id().equals(animal.statedStage());
    if (other && context.mayDesign() && state.timeline().isPresent()) {
      boolean otherForm = animal.statedStage() != null;
      animals.seenAs(
          context,
          animal.id(),
          stage.get(),
          otherForm,
          context.today(),
          UUID.nameUUIDFromBytes((clientId + "-stage").getBytes(StandardCharsets.UTF_8)));
    }
  }
}

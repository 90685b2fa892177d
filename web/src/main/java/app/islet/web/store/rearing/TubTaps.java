package app.islet.web.store.rearing;

import app.islet.core.rearing.Milestone;
import app.islet.core.rearing.RearingGuide;
import app.islet.core.rearing.TubBundle;
import app.islet.core.rearing.TubEvent;
import app.islet.web.base.support.Ids;
import app.islet.web.base.support.RefusedException;
import app.islet.web.people.collection.CollectionContext;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What is tapped on tubs and wants more than an entry: the next stage seen, a job that was done
 * already, and all that is left of a day at once.
 */
@Service
public class TubTaps {
  private final Batches batches;
  private final BatchStates states;
  private final TubLogs logs;

  TubTaps(Batches batches, BatchStates states, TubLogs logs) {
    this.batches = batches;
    this.states = states;
    this.logs = logs;
  }

  /**
   * Logs the stage that was seen in some tubs; their group is in the stage most of its tubs are in.
   *
   * @param milestone id of the stage; empty for the one after that it is in
   */
  public void seen(
      CollectionContext context,
      Collection<Long> placeIds,
      String milestone,
      Instant at,
      UUID clientId) {
    for (Long place : placeIds) {
      TubRecord tub = batches.tub(context, place);
      BatchState state = states.of(context, tub.batchId());
      UUID own = placeIds.size() == 1 ? clientId : Ids.derived(clientId, String.valueOf(place));
      Optional<Milestone> seen = stage(state, tub, milestone);
      seen.ifPresent(m -> logs.add(context, List.of(place), TubEntry.What.stage(m.id()), at, own));
    }
  }

  /**
   * Logs what was done to a tub, unless it was done today as often as it should.
   *
   * @return who had done it, where nothing was added
   */
  @Transactional
  public Optional<TubLog.Last> tap(
      CollectionContext context, long placeId, TubEntry.What what, Instant at, UUID clientId) {
    logs.hold(context, placeId);
    boolean today =
        at.equals(Instant.MAX)
            || at.atZone(context.collection().zone()).toLocalDate().equals(context.today());
    if (today && !logs.has(clientId) && states.bundle(context, placeId).isDone(what.kind())) {
      return logs.today(context, placeId, what.kind());
    }
    logs.add(context, List.of(placeId), what, at, clientId);
    return Optional.empty();
  }

  /**
   * The same of several.
   *
   * @return how many were logged; the others had been done
   */
  @Transactional
  public int tapAll(
      CollectionContext context,
      Collection<Long> placeIds,
      TubEntry.What what,
      Instant at,
      UUID clientId) {
    int logged = 0;
    for (Long place : placeIds.stream().sorted().toList()) {
      UUID own = Ids.derived(clientId, String.valueOf(place));
      logged += tap(context, place, what, at, own).isEmpty() ? 1 : 0;
    }
    return logged;
  }

  /** Logs all that is left to be done of a tub today, in its order. */
  @Transactional
  public void bundle(CollectionContext context, long placeId, Instant at, UUID clientId) {
    logs.hold(context, placeId);
    List<TubBundle.Job> open =
        states.bundle(context, placeId).jobs().stream().filter(job -> job.left() > 0).toList();
    for (int i = 0; i < open.size(); i++) {
      TubEvent.Kind kind = open.get(i).kind().event();
      // The last one carries the id that was sent: sent again, nothing is left to log.
      UUID id = i == open.size() - 1 ? clientId : Ids.derived(clientId, kind.name());
      logs.add(context, List.of(placeId), TubEntry.What.of(kind), at, id);
    }
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
        .flatMap(now -> now.toSee(guide));
  }
}

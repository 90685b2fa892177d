package app.islet.web.store.enclosure;

import app.islet.core.review.Acceptance;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import java.time.Clock;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Findings that keepers live with for a while. */
@Service
public class Acceptances {
  private final EnclosureStore store;
  private final AcceptedFindingRepository accepted;
  private final Clock clock;

  Acceptances(EnclosureStore store, AcceptedFindingRepository accepted, Clock clock) {
    this.store = store;
    this.accepted = accepted;
    this.clock = clock;
  }

  /** By enclosure, the newest first. */
  @Transactional(readOnly = true)
  public Map<Long, List<Acceptance>> of(Collection<Long> enclosureIds) {
    return accepted.findByEnclosureIdInOrderByIdDesc(enclosureIds).stream()
        .collect(
            Collectors.groupingBy(
                AcceptedFinding::enclosureId,
                Collectors.mapping(AcceptedFinding::acceptance, Collectors.toList())));
  }

  @Transactional
  public void accept(CollectionContext context, long id, Acceptance acceptance) {
    context.require(Role.KEEPER);
    store.lock(context, id);
    boolean same =
        newest(id, acceptance.rule(), acceptance.who()).filter(acceptance::equals).isPresent();
    if (!same) {
      add(context, id, acceptance);
    }
  }

  private Optional<Acceptance> newest(long id, String rule, String who) {
    return of(List.of(id)).getOrDefault(id, List.of()).stream()
        .filter(a -> a.rule().equals(rule) && a.who().equals(who))
        .findFirst();
  }

  /** Takes an acceptance back: a new entry that asks again today. */
  @Transactional
  public void reopen(CollectionContext context, long id, String rule, String who) {
    context.require(Role.KEEPER);
    store.lock(context, id);
    newest(id, rule, who)
        .filter(a -> context.today().isBefore(a.askAgain()))
        .ifPresent(
            a ->
                add(
                    context,
                    id,
                    new Acceptance(rule, who, a.severity(), "reopened", context.today())));
  }

  private void add(CollectionContext context, long id, Acceptance acceptance) {
    accepted.save(new AcceptedFinding(id, acceptance, clock.instant(), context.person().id()));
  }
}

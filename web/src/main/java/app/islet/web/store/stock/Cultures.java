package app.islet.web.store.stock;

import app.islet.core.care.CultureKind;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.CollectionStore;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Live food that is grown here, and when somebody saw to it. Helpers see to it too. */
@Service
public class Cultures {
  private final CultureRepository cultures;
  private final CultureCareRepository cares;
  private final CollectionStore collections;
  private final Clock clock;

  Cultures(
      CultureRepository cultures,
      CultureCareRepository cares,
      CollectionStore collections,
      Clock clock) {
    this.cultures = cultures;
    this.cares = cares;
    this.collections = collections;
    this.clock = clock;
  }

  /**
   * A culture, and when it wants a hand.
   *
   * @param last when somebody saw to it; absent where nobody has since it was started
   */
  public record Kept(Culture culture, CultureKind kind, Optional<LocalDate> last) {
    public LocalDate due() {
      return last.orElse(culture.startedOn()).plusDays(kind.everyDays());
    }
  }

  @Transactional(readOnly = true)
  public List<Kept> of(CollectionContext context) {
    List<Culture> all =
        cultures.findByCollectionIdAndEndedOnIsNullOrderById(context.collectionId());
    Map<Long, LocalDate> last =
        all.isEmpty()
            ? Map.of()
            : cares.last(all.stream().map(Culture::id).toList()).stream()
                .collect(
                    Collectors.toMap(
                        CultureCareRepository.Last::cultureId, CultureCareRepository.Last::day));
    return all.stream()
        .flatMap(
            culture ->
                CultureKind.find(culture.kind()).stream()
                    .map(
                        kind ->
                            new Kept(culture, kind, Optional.ofNullable(last.get(culture.id())))))
        .toList();
  }

  /** Starts one, once however often it is sent. */
  @Transactional
  public void start(CollectionContext context, CultureKind kind, LocalDate day, UUID clientId) {
    collections.lock(context);
    if (cultures.findByClientId(clientId).isEmpty()) {
      cultures.saveAndFlush(new Culture(context.collectionId(), kind.id(), day, clientId));
    }
  }

  /** Notes that somebody saw to it that day, once however many say so. */
  @Transactional
  public void seen(CollectionContext context, long id, LocalDate day, UUID clientId) {
    collections.lock(context);
    Culture culture = find(context, id);
    if (cares.findByClientId(clientId).isEmpty() && cares.of(id, day).isEmpty()) {
      cares.saveAndFlush(new CultureCare(culture.id(), day, context.stamp(clock, clientId), null));
    }
  }

  /** Takes that back. */
  @Transactional
  public void unseen(CollectionContext context, long id, LocalDate day, UUID clientId) {
    collections.lock(context);
    find(context, id);
    if (cares.findByClientId(clientId).isEmpty()) {
      cares
          .of(id, day)
          .ifPresent(
              care -> cares.voidOnce(care.id(), () -> care.voided(context.stamp(clock, clientId))));
    }
  }

  /** It is given up, or has died. */
  @Transactional
  public void end(CollectionContext context, long id) {
    collections.lock(context);
    find(context, id).end(context.today());
  }

  private Culture find(CollectionContext context, long id) {
    return cultures
        .findByIdAndCollectionId(id, context.collectionId())
        .orElseThrow(() -> new NotFoundException("the collection has no culture " + id));
  }
}

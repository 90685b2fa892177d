package app.islet.web.store.build;

import app.islet.core.build.Offer;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.CollectionStore;
import app.islet.web.people.collection.Role;
import app.islet.web.store.enclosure.EnclosureStore;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What keepers add to a build sheet: prices, a tariff, steps ticked off. */
@Service
public class BuildLog {
  private final EnclosureStore enclosures;
  private final CollectionStore collections;
  private final TariffRepository tariffs;
  private final ItemPriceRepository prices;
  private final StepTickRepository ticks;
  private final Clock clock;

  BuildLog(
      EnclosureStore enclosures,
      CollectionStore collections,
      TariffRepository tariffs,
      ItemPriceRepository prices,
      StepTickRepository ticks,
      Clock clock) {
    this.enclosures = enclosures;
    this.collections = collections;
    this.tariffs = tariffs;
    this.prices = prices;
    this.ticks = ticks;
    this.clock = clock;
  }

  /** What things cost as they are sold, by the key of the line. */
  @Transactional(readOnly = true)
  public Map<String, Offer> prices(long enclosureId) {
    Map<String, Offer> paid = new HashMap<>();
    prices.findByEnclosureIdOrderById(enclosureId).forEach(p -> keep(paid, p.item(), p.offer()));
    return Map.copyOf(paid);
  }

  /** The days the steps were ticked on, by their key. */
  @Transactional(readOnly = true)
  public Map<String, LocalDate> done(long enclosureId) {
    Map<String, LocalDate> done = new HashMap<>();
    ticks.findByEnclosureIdOrderById(enclosureId).forEach(t -> keep(done, t.step(), t.doneOn()));
    return Map.copyOf(done);
  }

  @Transactional(readOnly = true)
  public Optional<Tariff> tariff(CollectionContext context) {
    return tariffs.findFirstByCollectionIdOrderByIdDesc(context.collectionId());
  }

  /** The newer word counts; one that takes back leaves nothing. */
  private static <T> void keep(Map<String, T> all, String key, Optional<T> newer) {
    newer.ifPresentOrElse(value -> all.put(key, value), () -> all.remove(key));
  }

  /** Keeps the prices that differ from those known; an empty one takes its price back. */
  @Transactional
  public void price(CollectionContext context, long id, Map<String, Optional<Offer>> typed) {
    context.require(Role.KEEPER);
    enclosures.lock(context, id);
    Map<String, Offer> known = prices(id);
    typed.forEach(
        (item, price) -> {
          Offer now = price.orElse(null);
          if (!Objects.equals(known.get(item), now)) {
            prices.save(new ItemPrice(id, item, now, clock.instant(), context.person().id()));
          }
        });
  }

  private static boolean sameAmount(@Nullable BigDecimal one, @Nullable BigDecimal other) {
    return one == null || other == null ? Objects.equals(one, other) : one.compareTo(other) == 0;
  }

  @Transactional
  public void tariff(CollectionContext context, BigDecimal perKwh, String currency) {
    context.require(Role.KEEPER);
    collections.lock(context);
    boolean same =
        tariff(context)
            .filter(t -> sameAmount(t.perKwh(), perKwh))
            .filter(t -> t.currency().equals(currency))
            .isPresent();
    if (!same) {
      tariffs.save(
          new Tariff(
              context.collectionId(), perKwh, currency, clock.instant(), context.person().id()));
    }
  }

  /** Ticks a step of the building, or takes the tick away; helpers build too. */
  @Transactional
  public void tick(CollectionContext context, long id, String step, boolean done) {
    context.require(Role.HELPER);
    enclosures.lock(context, id);
    if (done(id).containsKey(step) != done) {
      ticks.save(
          new StepTick(
              id, step, done ? context.today() : null, clock.instant(), context.person().id()));
    }
  }
}

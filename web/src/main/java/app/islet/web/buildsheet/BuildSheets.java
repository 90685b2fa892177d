package app.islet.web.buildsheet;

import app.islet.core.build.BuildSheet;
import app.islet.web.collection.CollectionContext;
import app.islet.web.collection.Role;
import app.islet.web.enclosure.EnclosureSnapshot;
import app.islet.web.enclosure.Enclosures;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The build sheet of an enclosure, with what its keeper added: prices, a tariff, ticks. */
@Service
public class BuildSheets {
  private final Enclosures enclosures;
  private final TariffRepository tariffs;
  private final ItemPriceRepository prices;
  private final StepTickRepository ticks;
  private final Clock clock;

  BuildSheets(
      Enclosures enclosures,
      TariffRepository tariffs,
      ItemPriceRepository prices,
      StepTickRepository ticks,
      Clock clock) {
    this.enclosures = enclosures;
    this.tariffs = tariffs;
    this.prices = prices;
    this.ticks = ticks;
    this.clock = clock;
  }

  /**
   * @param prices by the key of their line
   * @param done days the steps were ticked on, by their key
   */
  public record Kept(
      EnclosureSnapshot state,
      BuildSheet sheet,
      Optional<Tariff> tariff,
      Map<String, BigDecimal> prices,
      Map<String, LocalDate> done) {}

  @Transactional(readOnly = true)
  public Kept get(CollectionContext place, long id) {
    EnclosureSnapshot state = enclosures.get(place, id);
    Map<String, BigDecimal> paid = new HashMap<>();
    prices.findByEnclosureIdOrderById(id).forEach(p -> keep(paid, p.item(), p.price()));
    Map<String, LocalDate> done = new HashMap<>();
    ticks.findByEnclosureIdOrderById(id).forEach(t -> keep(done, t.step(), t.doneOn()));
    return new Kept(
        state,
        BuildSheet.of(state.assessment().situation()),
        tariffs.findFirstByCollectionIdOrderByIdDesc(place.collectionId()),
        Map.copyOf(paid),
        Map.copyOf(done));
  }

  /** The newer word counts; one that takes back leaves nothing. */
  private static <T> void keep(Map<String, T> all, String key, Optional<T> newer) {
    newer.ifPresentOrElse(value -> all.put(key, value), () -> all.remove(key));
  }

  /** Keeps the prices that differ from those known; an empty one takes its price back. */
  @Transactional
  public void price(CollectionContext place, long id, Map<String, Optional<BigDecimal>> typed) {
    place.require(Role.KEEPER);
    Map<String, BigDecimal> known = get(place, id).prices();
    typed.forEach(
        (item, price) -> {
          BigDecimal now = price.orElse(null);
          if (!sameAmount(known.get(item), now)) {
            prices.save(new ItemPrice(id, item, now, clock.instant(), place.person().id()));
          }
        });
  }

  private static boolean sameAmount(BigDecimal one, BigDecimal other) {
    return one == null || other == null ? Objects.equals(one, other) : one.compareTo(other) == 0;
  }

  @Transactional
  public void tariff(CollectionContext place, BigDecimal perKwh, String currency) {
    place.require(Role.KEEPER);
    Optional<Tariff> known = tariffs.findFirstByCollectionIdOrderByIdDesc(place.collectionId());
    boolean same =
        known
            .filter(t -> sameAmount(t.perKwh(), perKwh))
            .filter(t -> t.currency().equals(currency))
            .isPresent();
    if (!same) {
      tariffs.save(
          new Tariff(place.collectionId(), perKwh, currency, clock.instant(), place.person().id()));
    }
  }

  /** Ticks a step, or takes the tick away; helpers build too. */
  @Transactional
  public void tick(CollectionContext place, long id, String step, boolean done) {
    place.require(Role.HELPER);
    Kept kept = get(place, id);
    boolean known = kept.sheet().steps().stream().anyMatch(s -> s.key().equals(step));
    if (known && kept.done().containsKey(step) != done) {
      ticks.save(
          new StepTick(
              id, step, done ? place.today() : null, clock.instant(), place.person().id()));
    }
  }
}

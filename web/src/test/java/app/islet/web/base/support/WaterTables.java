package app.islet.web.base.support;

import static java.nio.charset.StandardCharsets.UTF_8;

import app.islet.web.people.collection.AnimalCollection;
import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.jdbc.core.JdbcTemplate;

/** Files of thirty water tests, told apart in the database by a pH that only one of them has. */
final class WaterTables implements Writes.Kind {
  private static final int LINES = 30;
  private static final double LOWEST = 3.5;
  private static final double STEP = 0.0001;

  private final Map<UUID, Integer> numbers = new ConcurrentHashMap<>();
  private final AtomicInteger next = new AtomicInteger();
  private final String address;
  private final long enclosureId;
  private final JdbcTemplate sql;

  private WaterTables(String address, long enclosureId, JdbcTemplate sql) {
    this.address = address;
    this.enclosureId = enclosureId;
    this.sql = sql;
  }

  /** For the first enclosure there. */
  static WaterTables of(AnimalCollection collection, JdbcTemplate sql) {
    long enclosureId =
        sql.queryForObject(
            "select min(id) from enclosure where collection_id = ?", Long.class, collection.id());
    return new WaterTables(
        "/c/%s/enclosures/%d/water/import".formatted(collection.slug(), enclosureId),
        enclosureId,
        sql);
  }

  @Override
  public String name() {
    return "a file of " + LINES + " water tests";
  }

  @Override
  public Writes.Answer send(HttpKeeper keeper, UUID id) {
    LocalDate today = TestClock.today();
    String table =
        IntStream.rangeClosed(1, LINES)
            .mapToObj(n -> "%s,test,%.4f".formatted(today.minusDays(n), ph(id)))
            .collect(Collectors.joining("\n", "day,what,ph\n", "\n"));
    return Writes.Answer.of(
        keeper.postFile(
            address, Map.of("use", "true"), "file", "tests.csv", table.getBytes(UTF_8)));
  }

  private double ph(UUID id) {
    return LOWEST + STEP * numbers.computeIfAbsent(id, any -> next.getAndIncrement());
  }

  @Override
  public int rows() {
    return LINES;
  }

  @Override
  public long there(UUID id) {
    return sql.queryForObject(
        "select count(*) from water_test where enclosure_id = ? and abs(ph - ?) < ?",
        Long.class,
        enclosureId,
        ph(id),
        STEP / 2);
  }
}

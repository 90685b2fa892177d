package app.islet.web;

import app.islet.web.support.HttpKeeper;
import app.islet.web.support.Islet;
import app.islet.web.support.OtherServer;
import java.io.UncheckedIOException;
import java.net.http.HttpResponse;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfEnvironmentVariable;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * Kills the application outright, again and again, while several write all kinds of things; what
 * was not acknowledged is sent once more with the same id, as a browser would. Every write must be
 * there exactly once. {@code ISLET_KILLS} says how often (20). Prints a table, and fails if
 * anything was lost or doubled.
 */
@EnabledIfEnvironmentVariable(named = "ISLET_BENCHMARK", matches = ".+")
class KillBenchmark {
  private static final int KILLS =
      Optional.ofNullable(System.getenv("ISLET_KILLS")).map(Integer::parseInt).orElse(20);
  private static final int WRITERS = 4;
  private static final int SHORTEST_MS = 200;
  private static final int LONGEST_MS = 2500;

  private final Islet islet = Islet.running();
  private final JdbcTemplate sql = islet.bean(JdbcTemplate.class);
  private final Random random = new Random(7);

  /**
   * A kind of write.
   *
   * @param table where its client id is found
   */
  private record Kind(String table, String path, Map<String, String> fields) {}

  private record Write(Kind kind, UUID id, boolean acknowledged) {}

  private static List<Kind> kinds() {
    String today = LocalDate.now(ZoneOffset.UTC).minusDays(1).toString();
    return List.of(
        new Kind("life_entry", "/animals/1/happened", Map.of("kind", "SEEN", "happenedOn", today)),
        new Kind("measurement", "/animals/1/growth", Map.of("length", "22", "day", today)),
        new Kind("water_test", "/enclosures/1/water/test", Map.of("nitrate", "5", "day", today)),
        new Kind(
            "water_event",
            "/enclosures/1/water/event",
            Map.of("kind", "RINSED", "eventDay", today)),
        new Kind("health_case", "/health/animals/1", Map.of("signs", "red-skin", "day", "1")),
        new Kind(
            "health_course", "/health/courses", Map.of("animal", "1", "course", "holding-tub")));
  }

  @Test
  void prints_the_table() throws InterruptedException {
    ConcurrentLinkedQueue<Write> writes = new ConcurrentLinkedQueue<>();
    for (int kill = 0; kill < KILLS; kill++) {
      try (OtherServer server = islet.other()) {
        AtomicBoolean going = new AtomicBoolean(true);
        List<Thread> writers = new ArrayList<>();
        for (int n = 0; n < WRITERS; n++) {
          writers.add(new Thread(() -> write(server.address(), going, writes)));
        }
        writers.forEach(Thread::start);
        Thread.sleep(SHORTEST_MS + random.nextInt(LONGEST_MS - SHORTEST_MS));
        server.kill();
        going.set(false);
        for (Thread writer : writers) {
          writer.join();
        }
      }
    }
    HttpKeeper again = new HttpKeeper(islet.base());
    for (Write write : writes) {
      if (!write.acknowledged()) {
        send(again, write.kind(), write.id());
      }
    }
    print(writes);
  }

  private static void write(
      String address, AtomicBoolean going, ConcurrentLinkedQueue<Write> writes) {
    List<Kind> kinds = kinds();
    try {
      HttpKeeper keeper = new HttpKeeper(address);
      for (int i = 0; going.get(); i++) {
        Kind kind = kinds.get(i % kinds.size());
        UUID id = UUID.randomUUID();
        boolean acknowledged = false;
        try {
          acknowledged = send(keeper, kind, id);
        } finally {
          writes.add(new Write(kind, id, acknowledged));
        }
      }
    } catch (UncheckedIOException | IllegalStateException killed) {
      // The line broke with the server; what was on its way is sent again at the end.
      going.set(false);
    }
  }

  private static boolean send(HttpKeeper keeper, Kind kind, UUID id) {
    Map<String, String> fields = new HashMap<>(kind.fields());
    fields.put("clientId", id.toString());
    HttpResponse<String> answer = keeper.post("/c/weir-mill" + kind.path(), fields);
    return answer.statusCode() == 302;
  }

  private void print(ConcurrentLinkedQueue<Write> writes) {
    System.out.println("kind | writes | acknowledged | there once | lost | doubled");
    Map<String, int[]> table = new TreeMap<>();
    for (Write write : writes) {
      Long there =
          sql.queryForObject(
              "select count(*) from " + write.kind().table() + " where client_id = ?",
              Long.class,
              write.id());
      int[] row = table.computeIfAbsent(write.kind().table(), t -> new int[5]);
      row[0]++;
      row[1] += write.acknowledged() ? 1 : 0;
      row[2] += there == 1 ? 1 : 0;
      row[3] += there == 0 ? 1 : 0;
      row[4] += there > 1 ? 1 : 0;
    }
    int wrong = 0;
    for (Map.Entry<String, int[]> each : table.entrySet()) {
      int[] row = each.getValue();
      System.out.printf(
          Locale.ROOT,
          "%s | %d | %d | %d | %d | %d%n",
          each.getKey(),
          row[0],
          row[1],
          row[2],
          row[3],
          row[4]);
      wrong += row[3] + row[4];
    }
    System.out.printf("kills: %d%n", KILLS);
    if (wrong > 0) {
      throw new AssertionError(wrong + " writes were lost or doubled");
    }
  }
}

package app.islet.web;

import app.islet.web.base.support.HttpKeeper;
import app.islet.web.base.support.Islet;
import app.islet.web.base.support.LargeCollection;
import app.islet.web.base.support.TestClock;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * How pages answer in collections of 10, 100, 300 and 1,000 enclosures with a year of history, as
 * ratios to an empty request of the same run. Prints a table; proves nothing by itself.
 */
@Tag("benchmark")
class ScaleBenchmark {
  private static final int WARM_UP = 60;
  private static final int ASKED = 60;

  private final JdbcTemplate sql = Islet.running().bean(JdbcTemplate.class);

  @Test
  void prints_the_table() throws Exception {
    System.out.println(
        "enclosures | empty ms | overview | rounds | tick | two weeks | kitchen | review ms"
            + " | overview kB | rounds kB");
    for (int enclosures : sizes()) {
      HttpKeeper client = new HttpKeeper(Islet.running().base());
      String slug = LargeCollection.of(enclosures);
      row(client, "/c/" + slug, enclosures);
    }
    memory("/c/scale-300");
  }

  /** All, or only those that are named, as {@code ISLET_ENCLOSURES=300}. */
  private static int[] sizes() {
    String asked = System.getenv().getOrDefault("ISLET_ENCLOSURES", "10,100,300,1000");
    return Arrays.stream(asked.split(",")).mapToInt(Integer::parseInt).toArray();
  }

  private void row(HttpKeeper client, String base, int enclosures) throws Exception {
    long first = System.nanoTime();
    length(client.get(base));
    double firstMs = (System.nanoTime() - first) / 1e6;
    client.get(base + "/needs");
    client.get(base + "/rounds");
    double empty = median(() -> length(client.get("/none")));
    double overview = median(() -> length(client.get(base)));
    double rounds = median(() -> length(client.get(base + "/rounds")));
    long id =
        sql.queryForObject(
            "select min(e.id) from enclosure e join collection c on c.id = e.collection_id"
                + " where c.slug = ?",
            Long.class,
            base.substring(3));
    double review = median(() -> length(client.get(base + "/enclosures/" + id + "/review")));
    double tick = median(() -> tick(client, base, id));
    double weeks = median(() -> length(client.get(base + "/weeks")));
    double kitchen = median(() -> length(client.get(base + "/kitchen")));
    System.out.printf(
        Locale.ROOT,
        "%d | %.1f | %.1f x | %.1f x | %.1f x | %.1f x | %.1f x | %.0f | %d | %d | first overview"
            + " %.0f ms%n",
        enclosures,
        empty,
        overview / empty,
        rounds / empty,
        tick / empty,
        weeks / empty,
        kitchen / empty,
        review,
        length(client.get(base)) / 1000,
        length(client.get(base + "/rounds")) / 1000,
        firstMs);
  }

  private void memory(String base) throws Exception {
    List<Callable<Void>> clients = new ArrayList<>();
    for (int i = 0; i < 20; i++) {
      clients.add(
          () -> {
            HttpKeeper client = new HttpKeeper(Islet.running().base());
            for (int n = 0; n < 50; n++) {
              client.get(base + (n % 2 == 0 ? "" : "/rounds"));
            }
            return null;
          });
    }
    long before = used();
    ExecutorService pool = Executors.newFixedThreadPool(20);
    for (Future<Void> done : pool.invokeAll(clients)) {
      done.get();
    }
    pool.shutdown();
    pool.awaitTermination(1, TimeUnit.MINUTES);
    System.out.printf(
        Locale.ROOT,
        "1,000 requests by 20 clients: heap %d MB before, %d MB after%n",
        before >> 20,
        used() >> 20);
  }

  private static long used() {
    System.gc();
    return Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory();
  }

  private static double median(Callable<?> work) throws Exception {
    for (int i = 0; i < WARM_UP; i++) {
      work.call();
    }
    List<Double> ms = new ArrayList<>();
    for (int i = 0; i < ASKED; i++) {
      long from = System.nanoTime();
      work.call();
      ms.add((System.nanoTime() - from) / 1e6);
    }
    return ms.stream().sorted().toList().get(ASKED / 2);
  }

  private int ticked;

  private int tick(HttpKeeper keeper, String collection, long enclosure) {
    int daysAgo = 1 + ticked++ % 390;
    return keeper
        .post(
            collection + "/rounds",
            Map.of(
                "enclosure",
                String.valueOf(enclosure),
                "task",
                "spot-clean",
                "slot",
                "1",
                "how",
                "done",
                "day",
                TestClock.today().minusDays(daysAgo).toString(),
                "clientId",
                UUID.randomUUID().toString()))
        .statusCode();
  }

  private static int length(HttpResponse<String> answer) {
    if (answer.statusCode() != 200) {
      throw new IllegalStateException(answer.uri() + " answered " + answer.statusCode());
    }
    return answer.body().length();
  }
}

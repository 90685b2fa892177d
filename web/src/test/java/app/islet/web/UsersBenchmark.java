package app.islet.web;

import app.islet.web.base.support.HttpKeeper;
import app.islet.web.base.support.Islet;
import app.islet.web.base.support.LargeCollection;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * Fifty signed-in keepers who look at pages, read, and look at the next one: how long each waits,
 * beside somebody who asks for an empty page meanwhile. Prints a table; proves nothing by itself.
 * {@code ISLET_USERS}, {@code ISLET_ENCLOSURES}, {@code ISLET_SECONDS} and {@code ISLET_PAUSE_S}
 * (the longest; 0: no pause) change the load.
 */
@Tag("benchmark")
class UsersBenchmark {
  private static final int USERS = number("ISLET_USERS", 50);
  private static final int SECONDS = number("ISLET_SECONDS", 60);

  /** Before anything is measured: a server that has just started compiles itself. */
  private static final int WARM_S = number("ISLET_WARM_S", 40);

  private static final int PAUSE_S = number("ISLET_PAUSE_S", 8);

  /** 0: the demo's own; else in a collection of so many, with a year of history. */
  private static final int ENCLOSURES = number("ISLET_ENCLOSURES", 0);

  private static final int HEAP_EVERY_S = 300;

  private static final List<String> OF_ALL =
      List.of("", "/rounds", "/animals", "/health", "/rearing");
  private static final List<String> OF_ONE = List.of("/review", "/water", "/climate", "/plan", "");

  private static int number(String name, int usual) {
    return Optional.ofNullable(System.getenv(name)).map(Integer::parseInt).orElse(usual);
  }

  private final Islet islet = Islet.running();
  private final String collection =
      "/c/" + (ENCLOSURES == 0 ? "weir-mill" : LargeCollection.of(ENCLOSURES));
  private final List<Long> enclosures = ids("enclosure");
  private final List<Long> animals = ids("animal");

  private List<Long> ids(String table) {
    return islet
        .bean(JdbcTemplate.class)
        .queryForList(
            "select t.id from "
                + table
                + " t join collection c on c.id = t.collection_id where c.slug = ? order by 1 limit 1000",
            Long.class,
            collection.substring(3));
  }

  /** Half of them about the whole collection, the others about one of those in it. */
  private String page(ThreadLocalRandom random) {
    if (random.nextBoolean()) {
      return collection + OF_ALL.get(random.nextInt(OF_ALL.size()));
    }
    String what = OF_ONE.get(random.nextInt(OF_ONE.size()));
    return what.isEmpty()
        ? collection + "/animals/" + animals.get(random.nextInt(animals.size()))
        : collection + "/enclosures/" + enclosures.get(random.nextInt(enclosures.size())) + what;
  }

  @Test
  void prints_the_table() throws InterruptedException {
    List<HttpKeeper> keepers = new ArrayList<>();
    for (int i = 0; i < USERS; i++) {
      keepers.add(new HttpKeeper(islet.base()));
    }
    // What is kept of each enclosure is there already where a collection has grown by and by.
    OF_ALL.forEach(rest -> keepers.get(0).get(collection + rest));
    ConcurrentLinkedQueue<Double> waits = new ConcurrentLinkedQueue<>();
    ConcurrentLinkedQueue<Double> empties = new ConcurrentLinkedQueue<>();
    AtomicInteger errors = new AtomicInteger();
    long from = System.nanoTime() + WARM_S * 1_000_000_000L;
    long end = from + SECONDS * 1_000_000_000L;
    List<Thread> threads = new ArrayList<>();
    for (HttpKeeper keeper : keepers) {
      threads.add(new Thread(() -> look(keeper, from, end, waits, errors)));
    }
    HttpKeeper other = new HttpKeeper(islet.base());
    threads.add(
        new Thread(
            () -> {
              while (System.nanoTime() < end) {
                keep(empties, from, asked(other, "/none", errors));
                sleep(200);
              }
            }));
    threads.forEach(Thread::start);
    sleep(WARM_S * 1000);
    long before = used();
    printHeap(end);
    for (Thread thread : threads) {
      thread.join();
    }
    System.out.println(
        "users | longest pause s | pages/s | p50 ms | p95 | p99 | empty p50 | empty p95 | errors | heap MB before, after");
    System.out.printf(
        Locale.ROOT,
        "%d | %d | %.1f | %.0f | %.0f | %.0f | %.0f | %.0f | %d | %d, %d%n",
        USERS,
        PAUSE_S,
        waits.size() / (double) SECONDS,
        share(waits, 0.5),
        share(waits, 0.95),
        share(waits, 0.99),
        share(empties, 0.5),
        share(empties, 0.95),
        errors.get(),
        before,
        used());
  }

  private static void printHeap(long end) {
    while (end - System.nanoTime() > HEAP_EVERY_S * 1_000_000_000L) {
      System.out.println("heap MB: " + used());
      sleep(HEAP_EVERY_S * 1000);
    }
  }

  private static void keep(ConcurrentLinkedQueue<Double> waits, long from, double ms) {
    if (System.nanoTime() > from) {
      waits.add(ms);
    }
  }

  private void look(
      HttpKeeper keeper,
      long from,
      long end,
      ConcurrentLinkedQueue<Double> waits,
      AtomicInteger errors) {
    ThreadLocalRandom random = ThreadLocalRandom.current();
    sleep(PAUSE_S == 0 ? 0 : random.nextInt(PAUSE_S * 1000));
    while (System.nanoTime() < end) {
      keep(waits, from, asked(keeper, page(random), errors));
      sleep(PAUSE_S == 0 ? 0 : random.nextInt(1000, PAUSE_S * 1000));
    }
  }

  private static double asked(HttpKeeper keeper, String page, AtomicInteger errors) {
    long begin = System.nanoTime();
    int status = keeper.get(page).statusCode();
    if (status != 200) {
      errors.incrementAndGet();
    }
    return (System.nanoTime() - begin) / 1e6;
  }

  private static void sleep(int ms) {
    try {
      Thread.sleep(ms);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private static double share(ConcurrentLinkedQueue<Double> all, double share) {
    List<Double> sorted = new ArrayList<>(all);
    Collections.sort(sorted);
    return sorted.get((int) Math.min(sorted.size() - 1.0, share * sorted.size()));
  }

  /** After a collection: what is still reachable. */
  private static long used() {
    System.gc();
    Runtime runtime = Runtime.getRuntime();
    return (runtime.totalMemory() - runtime.freeMemory()) / 1_000_000;
  }
}

package app.islet.web;

import app.islet.web.support.HttpKeeper;
import app.islet.web.support.Islet;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfEnvironmentVariable;

/**
 * Fifty signed-in keepers who look at pages, read, and look at the next one: how long each waits,
 * beside somebody who asks for an empty page meanwhile. Prints a table; proves nothing by itself.
 * {@code ISLET_USERS}, {@code ISLET_SECONDS} and {@code ISLET_PAUSE_S} (the longest; 0: no pause)
 * change the load.
 */
@EnabledIfEnvironmentVariable(named = "ISLET_BENCHMARK", matches = ".+")
class UsersBenchmark {
  private static final int USERS = number("ISLET_USERS", 50);
  private static final int SECONDS = number("ISLET_SECONDS", 60);

  /** Before anything is measured: a server that has just started compiles itself. */
  private static final int WARM_S = number("ISLET_WARM_S", 40);

  private static final int PAUSE_S = number("ISLET_PAUSE_S", 8);
  private static final List<String> PAGES =
      List.of(
          "/c/weir-mill",
          "/c/weir-mill/rounds",
          "/c/weir-mill/animals",
          "/c/weir-mill/enclosures/1/review",
          "/c/weir-mill/enclosures/4/water",
          "/c/weir-mill/enclosures/1/climate",
          "/c/weir-mill/animals/4",
          "/c/weir-mill/health",
          "/c/weir-mill/rearing",
          "/c/weir-mill/enclosures/5/plan");

  private static int number(String name, int usual) {
    return Optional.ofNullable(System.getenv(name)).map(Integer::parseInt).orElse(usual);
  }

  private final Islet islet = Islet.running();

  @Test
  void prints_the_table() throws InterruptedException {
    List<HttpKeeper> keepers = new ArrayList<>();
    for (int i = 0; i < USERS; i++) {
      keepers.add(new HttpKeeper(islet.base()));
    }
    PAGES.forEach(page -> keepers.get(0).get(page));
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
    long before = used();
    threads.forEach(Thread::start);
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

  private static void keep(ConcurrentLinkedQueue<Double> waits, long from, double ms) {
    if (System.nanoTime() > from) {
      waits.add(ms);
    }
  }

  private static void look(
      HttpKeeper keeper,
      long from,
      long end,
      ConcurrentLinkedQueue<Double> waits,
      AtomicInteger errors) {
    ThreadLocalRandom random = ThreadLocalRandom.current();
    sleep(PAUSE_S == 0 ? 0 : random.nextInt(PAUSE_S * 1000));
    while (System.nanoTime() < end) {
      keep(waits, from, asked(keeper, PAGES.get(random.nextInt(PAGES.size())), errors));
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

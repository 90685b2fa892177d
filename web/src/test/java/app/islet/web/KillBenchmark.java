package app.islet.web;

import app.islet.web.base.support.Islet;
import app.islet.web.base.support.OtherServer;
import app.islet.web.base.support.Writes;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * Kills the application outright, and PostgreSQL, again and again, while several write all kinds of
 * things; what was not acknowledged is sent once more with the same id, as a browser would. Every
 * write must be there exactly once. {@code ISLET_KILLS} says how often (20). Prints a table, and
 * fails if anything was lost or doubled.
 */
@Tag("benchmark")
class KillBenchmark {
  private static final int KILLS =
      Optional.ofNullable(System.getenv("ISLET_KILLS")).map(Integer::parseInt).orElse(20);
  private static final int WRITERS = 4;
  private static final int SHORTEST_MS = 200;
  private static final int LONGEST_MS = 2500;

  private final Islet islet = Islet.running();
  private final JdbcTemplate sql = islet.bean(JdbcTemplate.class);
  private final Random random = new Random(7);

  private void sleep() throws InterruptedException {
    Thread.sleep(SHORTEST_MS + random.nextInt(LONGEST_MS - SHORTEST_MS));
  }

  private static void join(List<Thread> writers) throws InterruptedException {
    for (Thread writer : writers) {
      writer.join();
    }
  }

  /** The next one starts while this one is written to: starting takes longest. */
  @Test
  void application() throws InterruptedException {
    Writes writes = new Writes();
    OtherServer next = islet.startingSoon();
    for (int kill = 1; kill <= KILLS; kill++) {
      try (OtherServer server = next.ready()) {
        next = kill < KILLS ? islet.startingSoon() : server;
        AtomicBoolean going = new AtomicBoolean(true);
        List<Thread> writers = writes.begin(WRITERS, server.address(), going::get, false);
        sleep();
        server.kill();
        going.set(false);
        join(writers);
      }
    }
    writes.sendAgain();
    System.out.printf("%nThe application killed %d times%n", KILLS);
    writes.print();
  }

  /**
   * A server process of PostgreSQL that dies takes all others with it: memory is thrown away and
   * the write-ahead log read again, as after a kill of the whole.
   */
  @Test
  void postgresql() throws InterruptedException {
    Writes writes = new Writes();
    AtomicBoolean going = new AtomicBoolean(true);
    List<Thread> writers = writes.begin(WRITERS, islet.base(), going::get, true);
    int killed = 0;
    while (killed < KILLS) {
      sleep();
      killed += killOne() ? 1 : 0;
    }
    sleep();
    going.set(false);
    join(writers);
    awaitDatabase();
    writes.sendAgain();
    System.out.printf("%nPostgreSQL killed %d times%n", KILLS);
    writes.print();
  }

  /** One that is at work for us, outright. */
  private boolean killOne() {
    try {
      List<Long> processes =
          sql.queryForList(
              "select pid from pg_stat_activity where datname = current_database() and pid <> pg_backend_pid()",
              Long.class);
      return !processes.isEmpty()
          && ProcessHandle.of(processes.get(random.nextInt(processes.size())))
              .map(ProcessHandle::destroyForcibly)
              .orElse(false);
    } catch (DataAccessException stillAway) {
      return false;
    }
  }

  private void awaitDatabase() throws InterruptedException {
    for (int tries = 0; tries < 60; tries++) {
      try {
        sql.queryForObject("select 1", Integer.class);
        return;
      } catch (DataAccessException notYet) {
        Thread.sleep(500);
      }
    }
    throw new AssertionError("PostgreSQL did not come back");
  }
}

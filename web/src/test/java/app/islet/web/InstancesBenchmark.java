package app.islet.web;

import app.islet.web.base.support.Islet;
import app.islet.web.base.support.OtherServer;
import app.islet.web.base.support.Proxy;
import app.islet.web.base.support.Writes;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * Three servers behind a balancer on one database: keepers write all kinds of things, any server
 * answering any request, while one server after the other is stopped and started anew. No request
 * may go unanswered, and every write must be there exactly once. Prints a table.
 */
@Tag("benchmark")
class InstancesBenchmark {
  private static final int SERVERS = 3;
  private static final int WRITERS = 4;
  private static final int AT_WORK_MS = 3000;

  private final Islet islet = Islet.running();

  @Test
  void rolling_restart() throws InterruptedException {
    Writes writes = new Writes();
    List<OtherServer> servers = Stream.generate(islet::other).limit(SERVERS).toList();
    try (Proxy balancer = Proxy.plain(servers.stream().map(OtherServer::address).toList())) {
      AtomicBoolean going = new AtomicBoolean(true);
      List<Thread> writers = writes.begin(WRITERS, balancer.address(), going::get, true);
      for (OtherServer server : servers) {
        Thread.sleep(AT_WORK_MS);
        server.stop();
        Thread.sleep(AT_WORK_MS);
        server.start();
      }
      Thread.sleep(AT_WORK_MS);
      going.set(false);
      for (Thread writer : writers) {
        writer.join();
      }
    } finally {
      servers.forEach(OtherServer::close);
    }
    long unanswered = writes.unanswered();
    writes.sendAgain();
    System.out.printf(
        "%n%d servers, each restarted under load: %d requests unanswered%n", SERVERS, unanswered);
    writes.print();
    if (unanswered > 0) {
      throw new AssertionError(unanswered + " requests were not answered");
    }
  }
}

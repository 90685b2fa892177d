package app.islet.web.base.support;

import app.islet.web.IsletApplication;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.HttpURLConnection;
import java.net.ServerSocket;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/** A second server on the same database, in a process of its own, that can be killed. */
public final class OtherServer implements AutoCloseable {
  private static final Duration PATIENCE = Duration.ofMinutes(2);

  private final int port;
  private final List<String> command;
  private final Path log;
  private Process process;

  /** Another program than the one under test, as a rule the same one as it is shipped. */
  private static final String PROGRAM = System.getenv("ISLET_PROGRAM");

  OtherServer(String databaseUrl, String password, List<String> arguments) {
    port = freePort();
    log = log();
    command =
        new ArrayList<>(
            List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xmx512m",
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                "-D" + TestClock.AHEAD + "=" + TestClock.aheadMs(),
                "-cp",
                PROGRAM == null ? System.getProperty("java.class.path") : PROGRAM + "/*",
                PROGRAM == null ? ServerOfTheDay.class.getName() : IsletApplication.class.getName(),
                "--server.port=" + port,
                "--spring.datasource.url=" + databaseUrl,
                "--spring.datasource.password=" + password,
                "--spring.datasource.hikari.maximum-pool-size=3"));
    command.addAll(arguments);
    process = launched();
  }

  private Process launched() {
    try {
      return new ProcessBuilder(command)
          .redirectErrorStream(true)
          .redirectOutput(log.toFile())
          .start();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Once more, after it was stopped. */
  public void start() {
    process = launched();
    awaitAnswer();
  }

  /** Returns when it serves pages. */
  public OtherServer ready() {
    awaitAnswer();
    return this;
  }

  /** As whoever runs it would: what is under way is finished. */
  public void stop() {
    process.destroy();
    awaitEnd();
  }

  private static Path log() {
    try {
      return Files.createTempFile("other-server", ".log");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private String said() {
    try {
      return Files.readString(log);
    } catch (IOException e) {
      return e.getMessage();
    }
  }

  private static int freePort() {
    try (ServerSocket any = new ServerSocket(0)) {
      return any.getLocalPort();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void awaitAnswer() {
    Instant until = Instant.now().plus(PATIENCE);
    while (!answers()) {
      if (Instant.now().isAfter(until) || !process.isAlive()) {
        throw new IllegalStateException("the other server did not start: " + said());
      }
      try {
        Thread.sleep(200);
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
        throw new IllegalStateException(e);
      }
    }
  }

  private boolean answers() {
    try {
      HttpURLConnection asked =
          (HttpURLConnection)
              URI.create("http://127.0.0.1:" + port + "/login").toURL().openConnection();
      return asked.getResponseCode() == 200;
    } catch (IOException notYet) {
      return false;
    }
  }

  public String address() {
    return "http://127.0.0.1:" + port;
  }

  public int port() {
    return port;
  }

  /** At once, without a chance to finish anything. */
  public void kill() {
    process.destroyForcibly();
    awaitEnd();
  }

  private void awaitEnd() {
    try {
      process.waitFor();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(e);
    }
  }

  @Override
  public void close() {
    kill();
  }
}

package app.islet.web.ops.demo;

import app.islet.web.people.account.People;
import app.islet.web.people.account.Person;
import app.islet.web.people.collection.AnimalCollection;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Memberships;
import app.islet.web.people.collection.NewCollections;
import app.islet.web.people.collection.Role;
import app.islet.web.reading.archive.TakeIn;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The invented collection of a small museum in a converted mill: what was taken out of it on a day,
 * read in as if that day were today.
 */
@Component
@ConditionalOnProperty("islet.demo")
class DemoCollection implements SmartLifecycle {
  private static final String FILE = "/demo/weir-mill.zip";
  private static final LocalDate TAKEN_OUT = LocalDate.of(2026, 11, 26);

  /** For whoever looks around; no secret. */
  private static final String PASSWORD = "quiet water";

  private final People people;
  private final NewCollections collections;
  private final Memberships memberships;
  private final TakeIn takeIn;
  private final Clock clock;
  private final TransactionTemplate transactions;
  private boolean running;

  DemoCollection(
      People people,
      NewCollections collections,
      Memberships memberships,
      TakeIn takeIn,
      Clock clock,
      TransactionTemplate transactions) {
    this.people = people;
    this.collections = collections;
    this.memberships = memberships;
    this.takeIn = takeIn;
    this.clock = clock;
    this.transactions = transactions;
  }

  /**
   * Before the pages are served (the web server starts in a later phase), so that nobody meets half
   * a collection.
   */
  @Override
  public int getPhase() {
    return 0;
  }

  @Override
  public void start() {
    running = true;
    transactions.executeWithoutResult(status -> collections.first(this::load));
  }

  @Override
  public void stop() {
    running = false;
  }

  @Override
  public boolean isRunning() {
    return running;
  }

  private AnimalCollection load() {
    Person owner = people.register("mill", "Orla Fenwick", PASSWORD);
    Person club = people.register("club", "School club", PASSWORD);
    LocalDate today = LocalDate.now(clock.withZone(ZoneOffset.UTC));
    Path file = unpacked();
    try {
      AnimalCollection mill =
          takeIn.read(
              owner,
              List.of(club),
              file,
              UUID.randomUUID(),
              (int) ChronoUnit.DAYS.between(TAKEN_OUT, today));
      memberships.enrol(new CollectionContext(owner, mill, Role.OWNER, today), club, Role.HELPER);
      return mill;
    } finally {
      delete(file);
    }
  }

  /** A ZIP file is read by its end first, so it lies on the disk meanwhile. */
  private static Path unpacked() {
    try (InputStream in =
        Objects.requireNonNull(DemoCollection.class.getResourceAsStream(FILE), FILE)) {
      Path file = Files.createTempFile("weir-mill", ".zip");
      Files.copy(in, file, StandardCopyOption.REPLACE_EXISTING);
      return file;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static void delete(Path file) {
    try {
      Files.delete(file);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}

package app.islet.web.base.backup;

import java.io.IOException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.format.DateTimeParseException;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import net.javacrumbs.shedlock.spring.annotation.SchedulerLock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.jdbc.autoconfigure.DataSourceProperties;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Every night a backup, read again whole; older ones are kept ever more sparsely. */
@Component
public class NightlyBackup {
  private static final Logger LOG = LoggerFactory.getLogger(NightlyBackup.class);
  private static final String BEGIN = "islet-";
  private static final String END = ".backup";
  private static final int LONGEST_ERROR = 400;

  private final Database database;
  private final JdbcTemplate sql;
  private final Clock clock;
  private final String folder;

  NightlyBackup(
      DataSourceProperties database,
      JdbcTemplate sql,
      Clock clock,
      @Value("${islet.backup.folder:}") String folder) {
    this.database =
        new Database(
            database.determineUrl(), database.determineUsername(), database.determinePassword());
    this.sql = sql;
    this.clock = clock;
    this.folder = folder;
  }

  /** How the newest went, and when the last good one was; empty while none was tried. */
  public record Status(Instant tried, String error, Optional<Instant> lastGood, long bytes) {}

  /** Whether backups are made here at all. */
  public boolean isOn() {
    return !folder.isEmpty();
  }

  @Scheduled(cron = "${islet.backup.cron:0 20 3 * * *}")
  @SchedulerLock(name = "backup", lockAtLeastFor = "5m")
  public void run() {
    if (isOn()) {
      run(Path.of(folder), LocalDate.now(clock.withZone(ZoneOffset.UTC)));
    }
  }

  /** Writes the one of a day, and takes out what is no longer needed. */
  void run(Path into, LocalDate day) {
    Path file = into.resolve(BEGIN + day + END);
    try {
      Manifest manifest = Backups.write(database, file);
      note(file, Files.size(file), manifest.all(), "");
      for (LocalDate old : Rotation.old(days(into).keySet())) {
        Files.deleteIfExists(into.resolve(BEGIN + old + END));
      }
      LOG.info("Backup written: {}, {} rows", file, manifest.all());
    } catch (BackupException | IOException e) {
      LOG.error("The nightly backup failed: {}", e.getMessage());
      note(file, 0, 0, String.valueOf(e.getMessage()));
    }
  }

  private void note(Path file, long bytes, long rows, String error) {
    sql.update(
        "insert into backup_run (at, file, bytes, rows, error) values (now(), ?, ?, ?, ?)",
        file.toString(),
        bytes,
        rows,
        error.substring(0, Math.min(LONGEST_ERROR, error.length())));
  }

  private static Map<LocalDate, Path> days(Path folder) throws IOException {
    Map<LocalDate, Path> days = new HashMap<>();
    try (DirectoryStream<Path> files = Files.newDirectoryStream(folder, BEGIN + "*" + END)) {
      for (Path file : files) {
        String name = file.getFileName().toString();
        try {
          days.put(
              LocalDate.parse(name.substring(BEGIN.length(), name.length() - END.length())), file);
        } catch (DateTimeParseException e) {
          // Somebody's own file; it stays.
          LOG.debug("{} is not of a night", name);
        }
      }
    }
    return days;
  }

  public Optional<Status> status() {
    return sql
        .query(
            """
            select at, error, bytes, (select max(at) from backup_run where error = '') as good
            from backup_run order by id desc limit 1""",
            (row, n) ->
                new Status(
                    row.getTimestamp("at").toInstant(),
                    row.getString("error"),
                    Optional.ofNullable(row.getTimestamp("good")).map(t -> t.toInstant()),
                    row.getLong("bytes")))
        .stream()
        .findFirst();
  }
}

package app.islet.web.base.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.islet.web.base.support.Islet;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.IntStream;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationVersion;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.core.env.Environment;
import org.springframework.jdbc.core.JdbcTemplate;

/** What was backed up is what comes back, table by table; what is damaged is refused. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class BackupsTest {
  @TempDir Path folder;

  private static Database demo() {
    Islet.running();
    Environment environment = Islet.running().bean(Environment.class);
    return new Database(
        environment.getRequiredProperty("spring.datasource.url"),
        "islet",
        environment.getRequiredProperty("spring.datasource.password"));
  }

  private static Database fresh() throws SQLException {
    String server = System.getenv("ISLET_TEST_DB");
    String password = System.getenv("ISLET_TEST_DB_PASSWORD");
    String name = "back_" + Long.toHexString(System.nanoTime());
    try (Connection connection =
        DriverManager.getConnection(
            "jdbc:postgresql://" + server + "/postgres", "islet", password)) {
      connection.createStatement().execute("create database " + name);
    }
    return new Database("jdbc:postgresql://" + server + "/" + name, "islet", password);
  }

  /** A checksum of all rows of each table, whatever their order. */
  private static Map<String, String> content(Database database) throws SQLException {
    Map<String, String> sums = new TreeMap<>();
    try (Connection connection = database.connect();
        Statement statement = connection.createStatement()) {
      for (String table : Database.rows(connection).keySet()) {
        try (ResultSet sum =
            statement.executeQuery(
                "select coalesce(md5(string_agg(r, '|' order by r)), '') from (select t::text as r from \""
                    + table
                    + "\" t) x")) {
          sum.next();
          sums.put(table, sum.getString(1));
        }
      }
    }
    return sums;
  }

  @Test
  void every_table_comes_back_as_it_was() throws SQLException, IOException {
    Database demo = copyOfDemo();
    Path file = folder.resolve("one.backup");
    Manifest written = Backups.write(demo, file);
    assertThat(written.rows()).containsKeys("animal", "movement", "enclosure_revision");
    assertThat(written.all()).isGreaterThan(1000);
    assertThat(Backups.verify(file)).isEqualTo(written);
    Database other = fresh();
    Backups.restore(file, other, KnownSchema.newest());
    assertThat(content(other)).isEqualTo(content(demo));
    assertThat(Files.list(folder)).as("nothing is left beside it").containsExactly(file);
  }

  /** The demo as nobody else writes in it. */
  private Database copyOfDemo() throws SQLException {
    Path file = folder.resolve("demo.backup");
    Backups.write(demo(), file);
    Database copy = fresh();
    Backups.restore(file, copy, 1000);
    assertThat(file.toFile().delete()).isTrue();
    return copy;
  }

  @Test
  void a_backup_is_of_one_moment_while_others_write() throws SQLException, InterruptedException {
    Database database = copyOfDemo();
    Map<String, Long> before = Backups.write(database, folder.resolve("before.backup")).rows();
    AtomicBoolean done = new AtomicBoolean();
    List<Throwable> wrong = new ArrayList<>();
    Thread writer =
        new Thread(
            () -> {
              // Two rows that belong together, in one transaction each time.
              try (Connection c = database.connect();
                  Statement s = c.createStatement()) {
                c.setAutoCommit(false);
                for (int i = 0; !done.get(); i++) {
                  s.execute("insert into bucket (id) values ('left " + i + "')");
                  s.execute(
                      "insert into shedlock values ('right " + i + "', now(), now(), 'test')");
                  c.commit();
                }
              } catch (SQLException e) {
                wrong.add(e);
              }
            });
    writer.start();
    for (int round = 0; round < 3; round++) {
      Path file = folder.resolve("busy" + round + ".backup");
      Manifest manifest = Backups.write(database, file);
      assertThat(manifest.rows().get("bucket") - before.get("bucket"))
          .isEqualTo(manifest.rows().get("shedlock") - before.get("shedlock"));
    }
    done.set(true);
    writer.join();
    assertThat(wrong).isEmpty();
  }

  @Test
  void a_file_with_a_changed_byte_a_cut_one_and_any_other_are_refused()
      throws SQLException, IOException {
    Path file = folder.resolve("one.backup");
    Backups.write(copyOfDemo(), file);
    byte[] whole = Files.readAllBytes(file);
    byte[] changed = whole.clone();
    changed[whole.length / 2] ^= 1;
    Path damaged = Files.write(folder.resolve("damaged.backup"), changed);
    assertThatThrownBy(() -> Backups.verify(damaged))
        .isInstanceOf(BackupException.class)
        .hasMessageContaining("damaged");
    Path cut = Files.write(folder.resolve("cut.backup"), Arrays.copyOf(whole, 5000));
    assertThatThrownBy(() -> Backups.verify(cut)).hasMessageContaining("no backup of Islet");
    Path text = Files.writeString(folder.resolve("text.backup"), "hello");
    assertThatThrownBy(() -> Backups.verify(text)).hasMessageContaining("no backup of Islet");
    Database other = fresh();
    assertThatThrownBy(() -> Backups.restore(damaged, other, 1000))
        .isInstanceOf(BackupException.class);
    assertThat(content(other)).as("nothing of it was read").isEmpty();
  }

  @Test
  void a_newer_one_and_one_over_data_are_refused_with_a_sentence() throws SQLException {
    Database demo = copyOfDemo();
    Path file = folder.resolve("one.backup");
    Backups.write(demo, file);
    Database empty = fresh();
    assertThatThrownBy(() -> Backups.restore(file, empty, 3))
        .hasMessageContaining("of a newer Islet");
    assertThatThrownBy(() -> Backups.restore(file, demo, 1000))
        .hasMessageContaining("There is data already");
  }

  @Test
  void one_of_an_older_islet_is_read_and_then_migrated() throws SQLException, IOException {
    Database old = fresh();
    Flyway.configure()
        .dataSource(old.url(), old.user(), old.password())
        .target(MigrationVersion.fromVersion("11"))
        .load()
        .migrate();
    Path file = folder.resolve("old.backup");
    assertThat(Backups.write(old, file).schema()).isEqualTo(11);
    Database other = fresh();
    Backups.restore(file, other, KnownSchema.newest());
    Flyway flyway =
        Flyway.configure().dataSource(other.url(), other.user(), other.password()).load();
    flyway.migrate();
    try (Connection connection = other.connect()) {
      assertThat(Database.schema(connection)).isEqualTo(KnownSchema.newest());
    }
  }

  @Test
  void a_night_leaves_a_file_and_a_line_and_takes_out_what_is_old() throws IOException {
    NightlyBackup nightly = Islet.running().bean(NightlyBackup.class);
    LocalDate today = LocalDate.of(2027, 3, 1);
    for (int n = 1; n <= 30; n++) {
      Files.writeString(folder.resolve("islet-" + today.minusDays(n) + ".backup"), "old");
    }
    Path own = Files.writeString(folder.resolve("islet-before-the-move.backup"), "mine");
    nightly.run(folder, today);
    assertThat(folder.resolve("islet-2027-03-01.backup")).exists();
    assertThat(own).as("no night's file").exists();
    try (var files = Files.list(folder)) {
      assertThat(files.count()).isLessThanOrEqualTo(7 + 4 + 2 + 1);
    }
    assertThat(nightly.status().orElseThrow().error()).isEmpty();
    nightly.run(Path.of("/proc/nowhere"), today);
    NightlyBackup.Status failed = nightly.status().orElseThrow();
    assertThat(failed.error()).contains("could not be written");
    assertThat(failed.lastGood()).isPresent();
    Islet.running().bean(JdbcTemplate.class).update("delete from backup_run");
  }

  @Test
  void of_a_year_of_nights_the_last_days_weeks_and_months_are_kept() {
    LocalDate today = LocalDate.of(2027, 6, 30);
    List<LocalDate> year = IntStream.range(0, 400).mapToObj(today::minusDays).toList();
    List<LocalDate> old = Rotation.old(year);
    List<LocalDate> kept = year.stream().filter(day -> !old.contains(day)).toList();
    assertThat(kept)
        .startsWith(IntStream.range(0, 7).mapToObj(today::minusDays).toArray(LocalDate[]::new));
    assertThat(kept).contains(LocalDate.of(2027, 5, 31), LocalDate.of(2026, 7, 31));
    assertThat(kept).doesNotContain(LocalDate.of(2026, 6, 30));
    assertThat(kept.size()).isBetween(18, 23);
  }

  @Test
  void the_shell_gets_a_sentence_and_a_status() {
    ByteArrayOutputStream err = new ByteArrayOutputStream();
    PrintStream words = new PrintStream(err, true, StandardCharsets.UTF_8);
    int status =
        BackupTool.run(
            List.of("verify", folder.resolve("none").toString()), Map.of(), words, words);
    assertThat(status).isEqualTo(1);
    assertThat(err.toString(StandardCharsets.UTF_8)).startsWith("islet: ").contains("no backup");
  }
}

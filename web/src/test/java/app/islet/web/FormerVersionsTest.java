package app.islet.web;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.web.base.backup.Backups;
import app.islet.web.base.backup.Database;
import app.islet.web.base.backup.Manifest;
import app.islet.web.base.support.Islet;
import app.islet.web.base.support.Rows;
import app.islet.web.people.account.People;
import app.islet.web.people.account.Person;
import app.islet.web.people.collection.AnimalCollection;
import app.islet.web.people.collection.CollectionContexts;
import app.islet.web.reading.archive.TakeIn;
import app.islet.web.reading.archive.TakeOut;
import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfEnvironmentVariable;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.core.env.Environment;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/**
 * What former versions wrote is read by this one: a backup and an archive of the demo of each, kept
 * in {@code former/}. {@code ISLET_KEEP=FOLDER} writes those of this version.
 */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class FormerVersionsTest {
  private static final Islet ISLET = Islet.running();
  private static final int NEWEST = 10_000;

  /** What the server itself counts and forgets. */
  private static final Set<String> PASSING =
      Set.of("flyway_schema_history", "spring_session", "spring_session_attributes", "bucket");

  private static Stream<Path> kept(String ending) throws IOException, URISyntaxException {
    Path folder =
        Path.of(Objects.requireNonNull(FormerVersionsTest.class.getResource("former")).toURI());
    try (Stream<Path> files = Files.list(folder)) {
      List<Path> found = files.filter(f -> f.toString().endsWith(ending)).sorted().toList();
      assertThat(found).isNotEmpty();
      return found.stream();
    }
  }

  static Stream<Path> backups() throws IOException, URISyntaxException {
    return kept(".backup");
  }

  static Stream<Path> archives() throws IOException, URISyntaxException {
    return kept(".zip");
  }

  private static Database demo() {
    Environment environment = ISLET.bean(Environment.class);
    return new Database(
        environment.getRequiredProperty("spring.datasource.url"),
        "islet",
        environment.getRequiredProperty("spring.datasource.password"));
  }

  private static String emptyDatabase() throws SQLException {
    String server = System.getenv("ISLET_TEST_DB");
    String name = "former_" + Long.toHexString(System.nanoTime());
    try (Connection connection =
        DriverManager.getConnection(
            "jdbc:postgresql://" + server + "/postgres", "islet", demo().password())) {
      connection.createStatement().execute("create database " + name);
    }
    return "jdbc:postgresql://" + server + "/" + name;
  }

  @ParameterizedTest
  @MethodSource("backups")
  void a_backup_of_a_former_version_is_restored_and_brought_up_to_date(Path file)
      throws SQLException {
    String url = emptyDatabase();
    Manifest manifest =
        Backups.restore(file, new Database(url, "islet", demo().password()), NEWEST);
    DriverManagerDataSource database = new DriverManagerDataSource(url, "islet", demo().password());
    Flyway.configure().dataSource(database).load().migrate();
    JdbcTemplate sql = new JdbcTemplate(database);
    manifest
        .rows()
        .forEach(
            (table, rows) -> {
              if (!PASSING.contains(table)) {
                assertThat(sql.queryForObject("select count(*) from " + table, Long.class))
                    .as(table)
                    .isEqualTo(rows);
              }
            });
    assertThat(manifest.rows().get("movement")).isPositive();
  }

  @ParameterizedTest
  @MethodSource("archives")
  void an_archive_of_a_former_version_is_read_in(Path file) {
    Person owner =
        ISLET
            .bean(People.class)
            .register("former-" + System.nanoTime(), "Former", "stones of a former year");
    AnimalCollection read = ISLET.bean(TakeIn.class).read(owner, file, UUID.randomUUID());
    Map<String, Long> rows = Rows.of(read, owner).count();
    assertThat(rows.get("animal")).isEqualTo(17);
    assertThat(rows.get("enclosure")).isEqualTo(10);
    assertThat(rows.get("photo_image")).isEqualTo(2);
    assertThat(rows.get("round_entry")).isGreaterThan(1000);
  }

  @Test
  @EnabledIfEnvironmentVariable(named = "ISLET_KEEP", matches = ".+")
  void writes_what_this_version_writes() {
    Path folder = Path.of(System.getenv("ISLET_KEEP"));
    String version = Optional.ofNullable(System.getenv("ISLET_KEEP_AS")).orElse("now");
    Backups.write(demo(), folder.resolve(version + ".backup"));
    ISLET
        .bean(TakeOut.class)
        .write(
            ISLET.bean(CollectionContexts.class).find("mill", "weir-mill").orElseThrow(),
            folder.resolve(version + ".zip"));
  }
}

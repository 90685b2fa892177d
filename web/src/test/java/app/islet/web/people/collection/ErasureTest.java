package app.islet.web.people.collection;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.islet.web.base.backup.Backups;
import app.islet.web.base.backup.Database;
import app.islet.web.base.support.Hands;
import app.islet.web.base.support.Islet;
import app.islet.web.people.account.People;
import app.islet.web.people.account.Person;
import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.ZoneId;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.core.env.Environment;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;

/** What is deleted is gone from every table, and nothing else is. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class ErasureTest {
  private static final Islet ISLET = Islet.running();

  /** Tables that belong to no collection. */
  private static final Set<String> OTHERS =
      Set.of(
          "person",
          "bucket",
          "shedlock",
          "spring_session",
          "spring_session_attributes",
          "flyway_schema_history",
          "backup_run",
          "password_reset");

  @TempDir Path folder;

  private JdbcTemplate copyOfDemo() throws SQLException {
    Environment environment = ISLET.bean(Environment.class);
    String password = environment.getRequiredProperty("spring.datasource.password");
    String server = System.getenv("ISLET_TEST_DB");
    String name = "erase_" + Long.toHexString(System.nanoTime());
    try (Connection connection =
        DriverManager.getConnection(
            "jdbc:postgresql://" + server + "/postgres", "islet", password)) {
      connection.createStatement().execute("create database " + name);
    }
    String url = "jdbc:postgresql://" + server + "/" + name;
    Path file = folder.resolve("demo.backup");
    Backups.write(
        new Database(environment.getRequiredProperty("spring.datasource.url"), "islet", password),
        file);
    Backups.restore(file, new Database(url, "islet", password), 1000);
    return new JdbcTemplate(new SingleConnectionDataSource(url, "islet", password, true));
  }

  private static Set<String> tablesWithRows(JdbcTemplate sql) {
    return sql
        .queryForList(
            "select table_name from information_schema.tables where table_schema = 'public' and table_type = 'BASE TABLE'",
            String.class)
        .stream()
        .filter(
            table -> sql.queryForObject("select count(*) from \"" + table + "\"", Long.class) > 0)
        .collect(Collectors.toSet());
  }

  @Test
  void a_deleted_collection_is_in_no_table_any_more_and_another_is_untouched() throws SQLException {
    JdbcTemplate sql = copyOfDemo();
    assertThat(tablesWithRows(sql))
        .contains("movement", "photo_image", "tub_entry", "course_entry");
    long mill =
        sql.queryForObject("select id from collection where slug = 'weir-mill'", Long.class);
    Long other =
        sql.queryForObject(
            "insert into collection (slug, name, zone) values ('kept', 'Kept', 'UTC') returning id",
            Long.class);
    sql.update(
        "insert into room (collection_id, name, summer_day_c, summer_night_c, winter_day_c, winter_night_c, humidity_percent) values (?, 'Kept room', 24, 20, 20, 17, 50)",
        other);
    List<Long> others =
        sql.queryForList("select id from collection where id <> ?", Long.class, mill);
    long rooms =
        sql.queryForObject("select count(*) from room where collection_id <> ?", Long.class, mill);
    Erasure.delete(sql, mill);
    assertThat(sql.queryForList("select id from collection", Long.class))
        .containsExactlyInAnyOrderElementsOf(others);
    assertThat(sql.queryForObject("select count(*) from room", Long.class)).isEqualTo(rooms);
    others.forEach(id -> Erasure.delete(sql, id));
    assertThat(tablesWithRows(sql)).as("nothing of any is left").isSubsetOf(OTHERS);
    assertThat(sql.queryForObject("select count(*) from person", Long.class)).isPositive();
  }

  @Test
  void an_owner_deletes_a_collection_by_typing_its_name() {
    People people = ISLET.bean(People.class);
    Person owner = people.register("eraser", "Eraser", "nine damp mossy stones");
    AnimalCollection pond =
        ISLET.bean(NewCollections.class).create("Short pond", ZoneId.of("UTC"), owner);
    Page page = ISLET.signedIn("eraser", "nine damp mossy stones");
    page.navigate("/c/" + pond.slug() + "/collection");
    page.getByText("Delete this collection").click();
    page.locator("form[action$='/erase'] input[name=confirm]").fill("short");
    Hands.press(page, "Delete for good");
    assertThat(page.locator(".flash.refused")).containsText("Nothing was deleted");
    assertThatThrownBy(() -> ISLET.bean(Erasure.class).person(owner))
        .hasMessageContaining("only owner of Short pond");
    page.getByText("Delete this collection").click();
    page.locator("form[action$='/erase'] input[name=confirm]").fill("Short pond");
    Hands.press(page, "Delete for good");
    assertThat(page.locator("h1")).hasText("No collection");
    assertThat(page.navigate("/c/" + pond.slug()).status()).isEqualTo(404);

    page.navigate("/account");
    page.getByText("Delete your account").click();
    page.locator("form[action$='/erase'] input[name=confirm]").fill("not it");
    Hands.press(page, "Delete my account");
    assertThat(page.locator(".flash.refused")).hasText("That is not your password.");
    page.getByText("Delete your account").click();
    page.locator("form[action$='/erase'] input[name=confirm]").fill("nine damp mossy stones");
    Hands.press(page, "Delete my account");
    assertThat(page.locator("h1")).hasText("Sign in");
    assertThat(people.find("eraser")).isEmpty();
    assertThat(people.name(owner.id())).contains("Somebody who left");
  }
}

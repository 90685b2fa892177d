package app.islet.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.List;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationVersion;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** What keepers wrote down with an older version is there with the newest. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class MigrationTest {
  private static DriverManagerDataSource database() throws SQLException {
    String server = System.getenv("ISLET_TEST_DB");
    String password = System.getenv("ISLET_TEST_DB_PASSWORD");
    String name = "old_" + Long.toHexString(System.nanoTime());
    try (Connection connection =
        DriverManager.getConnection(
            "jdbc:postgresql://" + server + "/postgres", "islet", password)) {
      connection.createStatement().execute("create database " + name);
    }
    return new DriverManagerDataSource(
        "jdbc:postgresql://" + server + "/" + name, "islet", password);
  }

  @Test
  void residents_their_measurements_and_who_left_go_on_the_books() throws SQLException {
    DriverManagerDataSource database = database();
    Flyway.configure()
        .dataSource(database)
        .target(MigrationVersion.fromVersion("11"))
        .load()
        .migrate();
    JdbcTemplate sql = new JdbcTemplate(database);
    sql.execute(
        """
        insert into person (login, name, password_hash, units, theme) values ('kim', 'Kim', 'x', 'METRIC', 'AUTO');
        insert into collection (slug, name, zone) values ('pond', 'Pond', 'UTC');
        insert into membership (collection_id, person_id, role) values (1, 1, 'OWNER');
        insert into room (collection_id, name, summer_day_c, summer_night_c, winter_day_c, winter_night_c,
          humidity_percent) values (1, 'Room', 24, 20, 20, 17, 50);
        insert into enclosure (collection_id, room_id, name, started_on, client_id)
          values (1, 1, 'One', '2026-01-01', gen_random_uuid()), (1, 1, 'Two', '2026-01-01', gen_random_uuid());
        insert into resident (enclosure_id, species, name, head_count, males, females, since, left_on, client_id)
          values (1, 'axolotl', 'Ember', 1, 1, 0, '2026-02-01', null, gen_random_uuid()),
                 (2, 'dwarf-frog', 'Choir', 7, 3, 4, '2026-03-01', null, gen_random_uuid()),
                 (2, 'dwarf-frog', 'Gone', 2, 0, 0, '2026-03-01', '2026-04-05', gen_random_uuid());
        insert into measurement (resident_id, day, length_cm, client_id, entered_at, entered_by)
          values (2, '2026-03-02', 3.1, gen_random_uuid(), now(), 1);
        """);
    Flyway.configure().dataSource(database).load().migrate();
    assertThat(moves(sql))
        .containsExactly(
            "Ember 1 2026-02-01 BEGUN>KEPT One",
            "Choir 7 2026-03-01 BEGUN>KEPT Two",
            "Gone 2 2026-03-01 BEGUN>KEPT Two",
            "Gone 2 2026-04-05 KEPT>GONE Two");
    assertThat(
            sql.queryForList(
                "select name || ' ' || single || ' ' || collection_id from animal order by id",
                String.class))
        .containsExactly("Ember true 1", "Choir false 1", "Gone false 1");
    assertThat(
            sql.queryForObject(
                "select length_cm from measurement where animal_id = 2", Double.class))
        .isEqualTo(3.1);
    // An enclosure made from now on is a place too.
    sql.execute(
        "insert into enclosure (collection_id, room_id, name, started_on, client_id) values (1, 1, 'Three', '2026-05-01', gen_random_uuid())");
    assertThat(sql.queryForObject("select count(*) from place", Long.class)).isEqualTo(3);
  }

  private static List<String> moves(JdbcTemplate sql) {
    return sql.queryForList(
        """
        select a.name || ' ' || m.head_count || ' ' || m.day || ' ' || m.from_kind || '>' || m.to_kind || ' ' || e.name
        from movement m join animal a on a.id = m.animal_id
        join place p on p.id = coalesce(m.from_place, m.to_place) join enclosure e on e.id = p.enclosure_id
        order by m.day, a.id""",
        String.class);
  }
}

package app.islet.web;

import app.islet.web.base.support.HttpKeeper;
import app.islet.web.base.support.Islet;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * How the pages of the animals answer in a collection of 1,000 with 20,000 entries, half of them
 * movements, beside a request that does nothing. Prints, and judges nothing.
 */
@Tag("benchmark")
class BooksBenchmark {
  private static final int ANIMALS = 1000;
  private static final int MOVES_EACH = 10;
  private static final int EVENTS_EACH = 10;
  private static final int TIMES = 60;

  private final JdbcTemplate sql = Islet.running().bean(JdbcTemplate.class);

  @Test
  void prints_the_table() throws Exception {
    HttpKeeper keeper = new HttpKeeper(Islet.running().base());
    long first = fill();
    String animals = "/c/books/animals";
    double empty = median(() -> keeper.get("/none"));
    print("the list", median(() -> keeper.get(animals)), empty);
    print("an animal's page", median(() -> keeper.get(animals + "/" + (first + 500))), empty);
    print("the census of a past day", median(() -> keeper.get(animals + "?on=2026-04-04")), empty);
    print(
        "the list after an entry",
        median(
            () -> {
              sql.update(
                  "update collection set books_version = books_version + 1 where slug = 'books'");
              return keeper.get(animals);
            }),
        empty);
  }

  private static void print(String what, double ms, double empty) {
    System.out.printf(
        Locale.ROOT, "%s: median %.1f ms, %.1f times an empty request%n", what, ms, ms / empty);
  }

  private static double median(Callable<?> work) throws Exception {
    List<Double> ms = new ArrayList<>();
    for (int n = 0; n < 2 * TIMES; n++) {
      long from = System.nanoTime();
      work.call();
      ms.add((System.nanoTime() - from) / 1e6);
    }
    return ms.subList(TIMES, 2 * TIMES).stream().sorted().toList().get(TIMES / 2);
  }

  /** Animals that go to and fro between two enclosures; answers the first one's number. */
  private long fill() {
    sql.execute(
        """
        do $$ declare
          c bigint; r bigint; one bigint; two bigint; p1 bigint; p2 bigint; who bigint; a bigint;
        begin
          select id into who from person where login = 'mill';
          insert into collection (slug, name, zone) values ('books', 'Books', 'UTC') returning id into c;
          insert into membership values (c, who, 'OWNER');
          insert into room (collection_id, name, summer_day_c, summer_night_c, winter_day_c, winter_night_c,
            humidity_percent) values (c, 'Room', 24, 20, 20, 17, 50) returning id into r;
          insert into enclosure (collection_id, room_id, name, started_on, client_id)
            values (c, r, 'One', '2026-01-01', gen_random_uuid()) returning id into one;
          insert into enclosure (collection_id, room_id, name, started_on, client_id)
            values (c, r, 'Two', '2026-01-01', gen_random_uuid()) returning id into two;
          select id into p1 from place where enclosure_id = one;
          select id into p2 from place where enclosure_id = two;
          set local session_replication_role = replica;
          for n in 1..%d loop
            insert into animal (collection_id, species, name, single, males, females, client_id)
              values (c, 'axolotl', 'Animal ' || n, true, 0, 0, gen_random_uuid()) returning id into a;
            insert into movement (animal_id, day, head_count, from_kind, to_kind, to_place, cause, note, act,
                client_id, entered_at, entered_by)
              values (a, '2026-01-01', 1, 'BEGUN', 'KEPT', p1, '', '', gen_random_uuid(), gen_random_uuid(), now(), who);
            insert into movement (animal_id, day, head_count, from_kind, from_place, to_kind, to_place, cause, note,
                act, client_id, entered_at, entered_by)
              select a, date '2026-01-01' + 20 * d, 1, 'KEPT', case when d %% 2 = 1 then p1 else p2 end, 'KEPT',
                case when d %% 2 = 1 then p2 else p1 end, '', '', gen_random_uuid(), gen_random_uuid(), now(), who
              from generate_series(1, %d) d;
            insert into life_entry (animal_id, day, kind, note, client_id, entered_at, entered_by)
              select a, date '2026-01-01' + 7 * d, 'FED', '', gen_random_uuid(), now(), who
              from generate_series(1, %d) d;
          end loop;
        end $$"""
            .formatted(ANIMALS, MOVES_EACH - 1, EVENTS_EACH));
    sql.execute("analyze");
    return sql.queryForObject(
        "select min(a.id) from animal a join collection c on c.id = a.collection_id where c.slug = 'books'",
        Long.class);
  }
}

package app.islet.web;

import app.islet.web.support.Islet;
import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfEnvironmentVariable;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * How pages answer in collections of 10, 100, 300 and 1,000 enclosures with a year of history, as
 * ratios to an empty request of the same run. Prints a table; proves nothing by itself.
 */
@EnabledIfEnvironmentVariable(named = "ISLET_BENCHMARK", matches = ".+")
class ScaleBenchmark {
  private static final int TICKS_EACH = 800;
  private static final int WATER_LINES_EACH = 100;
  private static final int WARM_UP = 60;
  private static final int ASKED = 60;

  private final JdbcTemplate sql = Islet.running().bean(JdbcTemplate.class);

  @Test
  void prints_the_table() throws Exception {
    System.out.println(
        "enclosures | empty ms | overview | rounds | tick | review ms | overview kB | rounds kB");
    for (int enclosures : new int[] {10, 100, 300, 1000}) {
      Client client = new Client(Islet.running().base());
      String slug = fill(enclosures);
      row(client, "/c/" + slug, enclosures);
    }
    memory("/c/scale-300");
  }

  private void row(Client client, String base, int enclosures) throws Exception {
    long first = System.nanoTime();
    client.get(base);
    double firstMs = (System.nanoTime() - first) / 1e6;
    client.get(base + "/needs");
    client.get(base + "/rounds");
    double empty = median(() -> client.get("/none").length());
    double overview = median(() -> client.get(base).length());
    double rounds = median(() -> client.get(base + "/rounds").length());
    long id =
        sql.queryForObject(
            "select min(e.id) from enclosure e join collection c on c.id = e.collection_id"
                + " where c.slug = ?",
            Long.class,
            base.substring(3));
    double review = median(() -> client.get(base + "/enclosures/" + id + "/review").length());
    String csrf = client.csrf(base + "/collection");
    double tick = median(() -> client.tick(base, id, csrf));
    System.out.printf(
        Locale.ROOT,
        "%d | %.1f | %.1f x | %.1f x | %.1f x | %.0f | %d | %d | first overview %.0f ms%n",
        enclosures,
        empty,
        overview / empty,
        rounds / empty,
        tick / empty,
        review,
        client.get(base).length() / 1000,
        client.get(base + "/rounds").length() / 1000,
        firstMs);
  }

  private void memory(String base) throws Exception {
    List<Callable<Void>> clients = new ArrayList<>();
    for (int i = 0; i < 20; i++) {
      clients.add(
          () -> {
            Client client = new Client(Islet.running().base());
            for (int n = 0; n < 50; n++) {
              client.get(base + (n % 2 == 0 ? "" : "/rounds"));
            }
            return null;
          });
    }
    long before = used();
    ExecutorService pool = Executors.newFixedThreadPool(20);
    for (Future<Void> done : pool.invokeAll(clients)) {
      done.get();
    }
    pool.shutdown();
    pool.awaitTermination(1, TimeUnit.MINUTES);
    System.out.printf(
        Locale.ROOT,
        "1,000 requests by 20 clients: heap %d MB before, %d MB after%n",
        before >> 20,
        used() >> 20);
  }

  private static long used() {
    System.gc();
    return Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory();
  }

  private static double median(Callable<?> work) throws Exception {
    for (int i = 0; i < WARM_UP; i++) {
      work.call();
    }
    List<Double> ms = new ArrayList<>();
    for (int i = 0; i < ASKED; i++) {
      long from = System.nanoTime();
      work.call();
      ms.add((System.nanoTime() - from) / 1e6);
    }
    return ms.stream().sorted().toList().get(ASKED / 2);
  }

  /** Copies of the demo's enclosures and those who live in them, with a year of ticks and tests. */
  private String fill(int enclosures) {
    String slug = "scale-" + enclosures;
    sql.update(
        "insert into collection (slug, name, zone) values (?, ?, 'UTC')", slug, "Scale " + slug);
    sql.update(
        "insert into membership select c.id, p.id, 'OWNER' from collection c, person p"
            + " where c.slug = ? and p.login = 'mill'",
        slug);
    sql.update(
        "insert into room (collection_id, name, summer_day_c, summer_night_c, winter_day_c,"
            + " winter_night_c, humidity_percent) select c.id, 'Room ' || n, 25, 20, 20, 17, 50"
            + " from collection c, generate_series(1, 10) n where c.slug = ?",
        slug);
    sql.execute(
        """
        do $$ declare
          c bigint; source record; made bigint; who bigint; n int := 0; rooms bigint[];
          sources bigint[]; person bigint;
        begin
          set local session_replication_role = replica;
          select id into c from collection where slug = '%s';
          select array_agg(id) into rooms from room where collection_id = c;
          select array_agg(e.id order by e.id) into sources from enclosure e
            join collection d on d.id = e.collection_id where d.slug = 'weir-mill' and e.id <= 10;
          select id into person from person where login = 'mill';
          while n < %d loop
            select * into source from enclosure where id = sources[1 + n %% array_length(sources, 1)];
            insert into enclosure (collection_id, room_id, name, started_on, client_id, version)
              values (c, rooms[1 + n %% 10], source.name || ' ' || n, source.started_on,
                gen_random_uuid(), 1) returning id into made;
            insert into enclosure_revision (enclosure_id, number, document, saved_at, saved_by)
              select made, 1, document, now(), person from enclosure_revision
              where enclosure_id = source.id order by number desc limit 1;
            insert into resident (enclosure_id, species, name, head_count, males, females,
                stated_stage, since, client_id)
              select made, species, name, head_count, males, females, 'adult', since,
                gen_random_uuid() from resident where enclosure_id = source.id;
            insert into round_entry (enclosure_id, task_key, title, day, slot, kind, client_id,
                entered_at, entered_by)
              select made, t.task_key, t.task_key, current_date - d, 1, 'DONE', gen_random_uuid(),
                now(), person
              from (select distinct task_key from round_entry where enclosure_id = source.id
                limit 4) t, generate_series(1, %d / 4) d;
            insert into water_test (enclosure_id, day, nitrate, ph, as_ion, client_id, entered_at,
                entered_by)
              select made, current_date - 3 * d, 5 + d %% 7, 7.4, true, gen_random_uuid(), now(),
                person from generate_series(1, %d) d;
            n := n + 1;
          end loop;
        end $$"""
            .formatted(slug, enclosures, TICKS_EACH, WATER_LINES_EACH));
    sql.execute("analyze");
    return slug;
  }

  /** A signed-in keeper, without a browser. */
  private static final class Client {
    private static final Pattern CSRF = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"");

    private final String base;
    private final HttpClient http =
        HttpClient.newBuilder()
            .cookieHandler(new CookieManager())
            .followRedirects(HttpClient.Redirect.NEVER)
            .build();

    Client(String base) throws IOException, InterruptedException {
      this.base = base;
      post(
          "/login",
          "username=mill&password=quiet+water&_csrf="
              + URLEncoder.encode(csrf("/login"), StandardCharsets.UTF_8));
    }

    String get(String path) throws IOException, InterruptedException {
      HttpResponse<String> answer =
          http.send(
              HttpRequest.newBuilder(URI.create(base + path)).build(),
              HttpResponse.BodyHandlers.ofString());
      if (answer.statusCode() != 200) {
        throw new IllegalStateException(path + " answered " + answer.statusCode());
      }
      return answer.body();
    }

    private int post(String path, String form) throws IOException, InterruptedException {
      return http.send(
              HttpRequest.newBuilder(URI.create(base + path))
                  .header("Content-Type", "application/x-www-form-urlencoded")
                  .POST(HttpRequest.BodyPublishers.ofString(form))
                  .build(),
              HttpResponse.BodyHandlers.ofString())
          .statusCode();
    }

    String csrf(String path) throws IOException, InterruptedException {
      Matcher found = CSRF.matcher(get(path));
      if (!found.find()) {
        throw new IllegalStateException("no token on " + path);
      }
      return found.group(1);
    }

    private int ticked;

    int tick(String collection, long enclosure, String csrf)
        throws IOException, InterruptedException {
      int daysAgo = 1 + ticked++ % 390;
      String day = java.time.LocalDate.now().minusDays(daysAgo).toString();
      return post(
          collection + "/rounds",
          "enclosure=%d&task=spot-clean&slot=1&how=done&day=%s&clientId=%s&_csrf=%s"
              .formatted(
                  enclosure,
                  day,
                  UUID.randomUUID(),
                  URLEncoder.encode(csrf, StandardCharsets.UTF_8)));
    }
  }
}

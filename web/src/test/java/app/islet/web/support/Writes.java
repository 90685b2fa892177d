package app.islet.web.support;

import app.islet.web.account.People;
import app.islet.web.account.Person;
import app.islet.web.collection.AnimalCollection;
import java.io.UncheckedIOException;
import java.net.http.HttpResponse;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.function.BooleanSupplier;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * Several who write without a pause, all kinds of things that pages send with an id of their own,
 * and a count afterwards of what became of each.
 */
public final class Writes {
  private static final String LOGIN = "writes";
  private static final String PASSWORD = "ink that does not run";
  private static final int REFUSAL = 400;
  private static final int FAULT = 500;

  private final JdbcTemplate sql = Islet.running().bean(JdbcTemplate.class);
  private final List<String> tables =
      sql.queryForList(
          "select table_name from information_schema.columns where table_schema = 'public' and column_name = 'client_id' order by 1",
          String.class);
  private final ConcurrentLinkedQueue<Write> done = new ConcurrentLinkedQueue<>();
  private final List<Kind> kinds;

  /**
   * @param table where what it adds is found by its id
   */
  private record Kind(PageForms.Filled form, String table) {}

  private record Write(Kind kind, UUID id, Answer answer) {}

  private enum Answer {
    SAVED,
    /** With a sentence: there is nothing to undo any more, or there are enough of them. */
    REFUSED,
    NONE
  }

  /** On a copy of the demo. */
  public Writes() {
    Islet islet = Islet.running();
    Person owner = islet.bean(People.class).register(LOGIN, "Writes", PASSWORD);
    AnimalCollection mine = Demo.copyFor(owner);
    HttpKeeper keeper = keeper(islet.base());
    kinds =
        PageForms.of(keeper, "/c/" + mine.slug(), LocalDate.now(ZoneOffset.UTC).toString()).stream()
            .filter(form -> form.file().isEmpty() && form.fields().containsKey("clientId"))
            .flatMap(form -> kind(keeper, form).stream())
            .toList();
  }

  private static HttpKeeper keeper(String address) {
    return new HttpKeeper(address, LOGIN, PASSWORD);
  }

  /** A form that can be sent again and again, each time for something new. */
  private Optional<Kind> kind(HttpKeeper keeper, PageForms.Filled form) {
    UUID first = UUID.randomUUID();
    UUID second = UUID.randomUUID();
    boolean taken =
        send(keeper, form, first) == Answer.SAVED && send(keeper, form, second) == Answer.SAVED;
    return tables.stream()
        .filter(table -> taken && count(table, first) == 1 && count(table, second) == 1)
        .findFirst()
        .map(table -> new Kind(form, table));
  }

  private long count(String table, UUID id) {
    return sql.queryForObject(
        "select count(*) from " + table + " where client_id = ?", Long.class, id);
  }

  private static Answer send(HttpKeeper keeper, PageForms.Filled form, UUID id) {
    Map<String, String> fields = new LinkedHashMap<>(form.fields());
    fields.put("clientId", id.toString());
    HttpResponse<String> answer = keeper.postAsScript(form.action(), fields);
    boolean signedOut = answer.headers().firstValue("Location").orElse("").contains("/login");
    if (answer.statusCode() >= FAULT || signedOut) {
      return Answer.NONE;
    }
    return answer.statusCode() < REFUSAL ? Answer.SAVED : Answer.REFUSED;
  }

  /**
   * Writers at work.
   *
   * @param going until it says no
   * @param staying whether a writer goes on when a request of its was not answered
   */
  public List<Thread> begin(int writers, String address, BooleanSupplier going, boolean staying) {
    List<Thread> all = new ArrayList<>();
    for (int n = 0; n < writers; n++) {
      int first = n * kinds.size() / writers;
      Thread writer = new Thread(() -> write(address, first, going, staying));
      writer.start();
      all.add(writer);
    }
    return all;
  }

  private void write(String address, int first, BooleanSupplier going, boolean staying) {
    HttpKeeper keeper = null;
    for (int i = first; going.getAsBoolean(); i++) {
      Kind kind = kinds.get(i % kinds.size());
      UUID id = UUID.randomUUID();
      Answer answer = Answer.NONE;
      try {
        keeper = keeper == null ? keeper(address) : keeper;
        answer = send(keeper, kind.form(), id);
      } catch (UncheckedIOException | IllegalStateException broken) {
        if (!staying) {
          return;
        }
      } finally {
        done.add(new Write(kind, id, answer));
      }
    }
  }

  /** How many requests got no answer, or one that says that Islet is at fault. */
  public long unanswered() {
    return done.stream().filter(w -> w.answer() == Answer.NONE).count();
  }

  /** What a browser would do: what was not answered is sent again with the same id. */
  public void sendAgain() {
    HttpKeeper keeper = keeper(Islet.running().base());
    List<Write> again =
        done.stream()
            .map(
                w ->
                    w.answer() == Answer.NONE
                        ? new Write(w.kind(), w.id(), send(keeper, w.kind().form(), w.id()))
                        : w)
            .toList();
    done.clear();
    done.addAll(again);
  }

  /**
   * Prints what became of them.
   *
   * @throws AssertionError if anything was lost or doubled
   */
  public void print() {
    System.out.println("kind of write | sent | refused | there once | lost | doubled");
    Map<String, int[]> table = new TreeMap<>();
    for (Write write : done) {
      long there = count(write.kind().table(), write.id());
      boolean refused = write.answer() == Answer.REFUSED;
      String name = write.kind().form().kind().replaceAll("^/c/[^/]+", "");
      int[] row = table.computeIfAbsent(name, t -> new int[5]);
      row[0]++;
      row[1] += refused && there == 0 ? 1 : 0;
      row[2] += there == 1 ? 1 : 0;
      row[3] += !refused && there == 0 ? 1 : 0;
      row[4] += there > 1 ? 1 : 0;
    }
    table.forEach((name, row) -> print(name, row));
    int[] sum = new int[5];
    table.values().forEach(row -> Arrays.setAll(sum, i -> sum[i] + row[i]));
    print("all " + table.size() + " kinds", sum);
    if (sum[3] + sum[4] > 0) {
      throw new AssertionError(sum[3] + " writes were lost, " + sum[4] + " doubled");
    }
  }

  private static void print(String name, int[] row) {
    System.out.printf(
        Locale.ROOT, "%s | %d | %d | %d | %d | %d%n", name, row[0], row[1], row[2], row[3], row[4]);
  }
}

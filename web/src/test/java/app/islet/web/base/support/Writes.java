package app.islet.web.base.support;

import app.islet.web.people.account.People;
import app.islet.web.people.account.Person;
import app.islet.web.people.collection.AnimalCollection;
import java.io.UncheckedIOException;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ThreadLocalRandom;
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

  private record Write(Kind kind, UUID id, Answer answer) {}

  /** Something that can be sent again and again, each time with a new id for something new. */
  interface Kind {
    String name();

    Answer send(HttpKeeper keeper, UUID id);

    /** How many rows it makes, all at once. */
    int rows();

    /** How many of them are there. */
    long there(UUID id);
  }

  enum Answer {
    SAVED,
    /** With a sentence: there is nothing to undo any more, or there are enough of them. */
    REFUSED,
    NONE;

    static Answer of(HttpResponse<String> answer) {
      boolean signedOut = answer.headers().firstValue("Location").orElse("").contains("/login");
      if (answer.statusCode() >= FAULT || signedOut) {
        return NONE;
      }
      return answer.statusCode() < REFUSAL ? SAVED : REFUSED;
    }
  }

  /**
   * @param table where what it adds is found by its id
   */
  private record FormKind(PageForms.Filled form, String table, JdbcTemplate sql) implements Kind {
    @Override
    public String name() {
      return form.kind().replaceAll("^/c/[^/]+", "");
    }

    @Override
    public Answer send(HttpKeeper keeper, UUID id) {
      Map<String, String> fields = new LinkedHashMap<>(form.fields());
      fields.put("clientId", id.toString());
      return Answer.of(keeper.postAsScript(form.action(), fields));
    }

    @Override
    public int rows() {
      return 1;
    }

    @Override
    public long there(UUID id) {
      return sql.queryForObject(
          "select count(*) from " + table + " where client_id = ?", Long.class, id);
    }
  }

  /** On a copy of the demo. */
  public Writes() {
    Islet islet = Islet.running();
    Person owner = islet.bean(People.class).register(LOGIN, "Writes", PASSWORD);
    AnimalCollection mine = Demo.copyFor(owner);
    HttpKeeper keeper = keeper(islet.base());
    kinds = new ArrayList<>();
    PageForms.of(keeper, "/c/" + mine.slug(), TestClock.today().toString()).stream()
        .filter(form -> form.file().isEmpty() && form.fields().containsKey("clientId"))
        .flatMap(form -> kind(keeper, form).stream())
        .forEach(kinds::add);
    kinds.add(WaterTables.of(mine, sql));
  }

  private static HttpKeeper keeper(String address) {
    return new HttpKeeper(address, LOGIN, PASSWORD);
  }

  /** A form that can be sent again and again, each time for something new. */
  private Optional<Kind> kind(HttpKeeper keeper, PageForms.Filled form) {
    UUID first = UUID.randomUUID();
    UUID second = UUID.randomUUID();
    Kind any = new FormKind(form, "", sql);
    if (any.send(keeper, first) != Answer.SAVED || any.send(keeper, second) != Answer.SAVED) {
      return Optional.empty();
    }
    return tables.stream()
        .map(table -> (Kind) new FormKind(form, table, sql))
        .filter(kind -> kind.there(first) == 1 && kind.there(second) == 1)
        .findFirst();
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
      // A server that is killed soon sees each writer's first alone.
      int first = ThreadLocalRandom.current().nextInt(kinds.size());
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
        answer = kind.send(keeper, id);
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
                        ? new Write(w.kind(), w.id(), w.kind().send(keeper, w.id()))
                        : w)
            .toList();
    done.clear();
    done.addAll(again);
  }

  /**
   * Prints what became of them.
   *
   * @throws AssertionError if anything was lost, doubled or saved in part
   */
  public void print() {
    System.out.println("kind of write | sent | refused | there once | lost | in part | doubled");
    Map<String, Sum> table = new TreeMap<>();
    for (Write write : done) {
      table.merge(write.kind().name(), Sum.of(write), Sum::and);
    }
    table.forEach((name, sum) -> sum.print(name));
    Sum all = table.values().stream().reduce(Sum.NOTHING, Sum::and);
    all.print("all " + table.size() + " kinds");
    if (all.lost + all.inPart + all.doubled > 0) {
      throw new AssertionError(
          "%d writes were lost, %d saved in part, %d doubled"
              .formatted(all.lost, all.inPart, all.doubled));
    }
  }

  private record Sum(int sent, int refused, int once, int lost, int inPart, int doubled) {
    static final Sum NOTHING = new Sum(0, 0, 0, 0, 0, 0);

    static Sum of(Write write) {
      long there = write.kind().there(write.id());
      int rows = write.kind().rows();
      boolean refused = write.answer() == Answer.REFUSED && there == 0;
      return new Sum(
          1,
          refused ? 1 : 0,
          there == rows ? 1 : 0,
          there == 0 && !refused ? 1 : 0,
          there > 0 && there < rows ? 1 : 0,
          there > rows ? 1 : 0);
    }

    Sum and(Sum other) {
      return new Sum(
          sent + other.sent,
          refused + other.refused,
          once + other.once,
          lost + other.lost,
          inPart + other.inPart,
          doubled + other.doubled);
    }

    void print(String name) {
      System.out.printf(
          Locale.ROOT,
          "%s | %d | %d | %d | %d | %d | %d%n",
          name,
          sent,
          refused,
          once,
          lost,
          inPart,
          doubled);
    }
  }
}

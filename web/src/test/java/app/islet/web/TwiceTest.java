package app.islet.web;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.web.account.People;
import app.islet.web.account.Person;
import app.islet.web.archive.TakeIn;
import app.islet.web.archive.TakeOut;
import app.islet.web.collection.AnimalCollection;
import app.islet.web.collection.Belongings;
import app.islet.web.collection.CollectionContexts;
import app.islet.web.support.HttpKeeper;
import app.islet.web.support.Islet;
import app.islet.web.support.PageForms;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;

/** Whatever a page sends is kept once, however often it arrives. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class TwiceTest {
  private static final Islet ISLET = Islet.running();
  private static final JdbcTemplate SQL = ISLET.bean(JdbcTemplate.class);
  private static final String PASSWORD = "twice the same dry stone";

  /** After these nothing more can be sent. */
  private static final List<String> LAST = List.of("/erase", "/leave", "/logout");

  /** Enough of them that the test means something; some need more than a page has to offer. */
  private static final int MOST_ROUTES = 40;

  @TempDir Path folder;

  private AnimalCollection copyOfDemo(Person owner) {
    Path file = folder.resolve("mill.zip");
    ISLET
        .bean(TakeOut.class)
        .write(ISLET.bean(CollectionContexts.class).find("mill", "weir-mill").orElseThrow(), file);
    return ISLET.bean(TakeIn.class).read(owner, file, UUID.randomUUID());
  }

  /** How many rows each table has of a collection, and how many collections its keeper has. */
  private static String counting(long collection, Person keeper) {
    String tables =
        Belongings.of(SQL).of(collection).entrySet().stream()
            .map(
                t ->
                    "select '%1$s' as name, count(*) as rows from %1$s where %2$s"
                        .formatted(t.getKey(), t.getValue()))
            .collect(Collectors.joining(" union all "));
    return tables
        + " union all select 'collections', count(*) from membership where person_id = "
        + keeper.id();
  }

  private static Map<String, Long> rows(String counting) {
    Map<String, Long> rows = new TreeMap<>();
    SQL.query(
        counting,
        row -> {
          rows.put(row.getString(1), row.getLong(2));
        });
    return rows;
  }

  /** What became of a form that was sent three times, the last two at the same moment. */
  private record Sent(
      PageForms.Filled form, List<Integer> answers, boolean kept, Map<String, Long> keptAgain) {
    boolean isFault() {
      return !keptAgain.isEmpty() || answers.stream().anyMatch(a -> a >= 500);
    }
  }

  private static Sent send(HttpKeeper keeper, PageForms.Filled form, String counting) {
    Map<String, Long> before = rows(counting);
    int first = keeper.post(form.action(), form.fields()).statusCode();
    Map<String, Long> once = rows(counting);
    Supplier<Integer> again = () -> keeper.post(form.action(), form.fields()).statusCode();
    CompletableFuture<Integer> second = CompletableFuture.supplyAsync(again);
    CompletableFuture<Integer> third = CompletableFuture.supplyAsync(again);
    List<Integer> answers = List.of(first, second.join(), third.join());
    Map<String, Long> more = rows(counting);
    boolean kept = !once.equals(before);
    more.replaceAll((table, rows) -> rows - once.get(table));
    more.values().removeIf(rows -> rows == 0);
    return new Sent(form, answers, kept, more);
  }

  @Test
  void what_a_page_sends_is_kept_once_however_often_it_arrives() {
    Person owner = ISLET.bean(People.class).register("twice", "Twice", PASSWORD);
    AnimalCollection mine = copyOfDemo(owner);
    String counting = counting(mine.id(), owner);
    HttpKeeper keeper = new HttpKeeper(ISLET.base(), "twice", PASSWORD);
    List<PageForms.Filled> forms =
        PageForms.of(keeper, "/c/" + mine.slug(), LocalDate.now(ZoneOffset.UTC).toString());

    List<Sent> sent =
        forms.stream()
            .filter(form -> form.file().isEmpty())
            .filter(form -> LAST.stream().noneMatch(form.action()::endsWith))
            .map(form -> send(keeper, form, counting))
            .toList();

    assertThat(sent).filteredOn(Sent::isFault).isEmpty();
    assertThat(sent.stream().filter(Sent::kept).map(s -> s.form().kind()).distinct())
        .as("routes that kept something")
        .hasSizeGreaterThan(MOST_ROUTES);
  }
}

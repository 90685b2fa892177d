package app.islet.web;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.web.base.support.Demo;
import app.islet.web.base.support.HttpKeeper;
import app.islet.web.base.support.Islet;
import app.islet.web.base.support.PageForms;
import app.islet.web.base.support.Rows;
import app.islet.web.base.support.TestClock;
import app.islet.web.people.account.People;
import app.islet.web.people.account.Person;
import app.islet.web.people.collection.AnimalCollection;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.function.Supplier;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** Whatever a page sends is kept once, however often it arrives. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class TwiceTest {
  private static final Islet ISLET = Islet.running();
  private static final String PASSWORD = "twice the same dry stone";

  /** Enough of them that the test means something; some need more than a page has to offer. */
  private static final int MAX_ROUTES = 40;

  /** What became of a form that was sent three times, the last two at the same moment. */
  private record Sent(
      PageForms.Filled form, List<Integer> answers, boolean kept, Map<String, Long> keptAgain) {
    boolean isFault() {
      return !keptAgain.isEmpty() || answers.stream().anyMatch(a -> a >= 500);
    }
  }

  private static Sent send(HttpKeeper keeper, PageForms.Filled form, Rows rows) {
    Map<String, Long> before = rows.count();
    int first = keeper.post(form.action(), form.fields()).statusCode();
    Map<String, Long> once = rows.count();
    Supplier<Integer> again = () -> keeper.post(form.action(), form.fields()).statusCode();
    CompletableFuture<Integer> second = CompletableFuture.supplyAsync(again);
    CompletableFuture<Integer> third = CompletableFuture.supplyAsync(again);
    List<Integer> answers = List.of(first, second.join(), third.join());
    Map<String, Long> more = rows.count();
    boolean kept = !once.equals(before);
    more.replaceAll((table, count) -> count - once.get(table));
    more.values().removeIf(count -> count == 0);
    return new Sent(form, answers, kept, more);
  }

  @Test
  void what_a_page_sends_is_kept_once_however_often_it_arrives() {
    Person owner = ISLET.bean(People.class).register("twice", "Twice", PASSWORD);
    AnimalCollection mine = Demo.copyFor(owner);
    Rows rows = Rows.of(mine, owner);
    HttpKeeper keeper = new HttpKeeper(ISLET.base(), "twice", PASSWORD);
    List<PageForms.Filled> forms =
        PageForms.of(keeper, "/c/" + mine.slug(), TestClock.today().toString());

    List<Sent> sent =
        forms.stream()
            .filter(form -> form.file().isEmpty())
            .filter(PageForms.Filled::isHarmless)
            .map(form -> send(keeper, form, rows))
            .toList();

    assertThat(sent).filteredOn(Sent::isFault).isEmpty();
    assertThat(sent.stream().filter(Sent::kept).map(s -> s.form().kind()).distinct())
        .as("routes that kept something")
        .hasSizeGreaterThan(MAX_ROUTES);
  }
}

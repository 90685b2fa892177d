package app.islet.web.fuzz;

import app.islet.web.base.support.Demo;
import app.islet.web.base.support.HttpKeeper;
import app.islet.web.base.support.Islet;
import app.islet.web.base.support.PageForms;
import app.islet.web.base.support.Rows;
import app.islet.web.base.support.TestClock;
import app.islet.web.people.account.People;
import app.islet.web.people.account.Person;
import app.islet.web.people.collection.AnimalCollection;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/**
 * Whatever is sent to a page is kept, or refused with nothing of it kept; it is never our fault.
 */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class FormsFuzzTest {
  private static final Islet ISLET = Islet.running();
  private static final String PASSWORD = "mangled by a wet thumb";

  private static HttpKeeper keeper;
  private static Rows rows;
  private static List<PageForms.Filled> forms;

  @BeforeAll
  static void a_collection_to_spoil() {
    Person owner = ISLET.bean(People.class).register("fuzz", "Fuzz", PASSWORD);
    AnimalCollection mine = Demo.copyFor(owner);
    keeper = new HttpKeeper(ISLET.base(), "fuzz", PASSWORD);
    rows = Rows.of(mine, owner);
    forms =
        PageForms.of(keeper, "/c/" + mine.slug(), TestClock.today().toString()).stream()
            .filter(PageForms.Filled::isHarmless)
            .toList();
  }

  @Test
  void forms() {
    List<PageForms.Filled> typed = forms.stream().filter(f -> f.file().isEmpty()).toList();
    Fuzz.run("forms", 60, mutator -> attempt(mutator.oneOf(typed), mutator));
  }

  private static Optional<String> attempt(PageForms.Filled form, Mutator mutator) {
    Map<String, String> fields = new LinkedHashMap<>(form.fields());
    List<String> names = List.copyOf(fields.keySet());
    for (int n = 1 + mutator.below(3); n > 0 && !names.isEmpty(); n--) {
      String name = mutator.oneOf(names);
      fields.computeIfPresent(name, (f, old) -> mutator.value(old));
      if (mutator.below(20) == 0) {
        fields.remove(name);
      }
    }
    Map<String, Long> before = rows.count();
    return judged(keeper.post(form.action(), fields), before, form.action() + " " + fields);
  }

  private static Optional<String> judged(
      HttpResponse<String> answer, Map<String, Long> before, String what) {
    int status = answer.statusCode();
    if (status >= 500) {
      return Optional.of("%d for %s".formatted(status, what));
    }
    if (answer.body().contains("it is outside what can be kept")) {
      return Optional.of("only the store refused it: " + what);
    }
    if (status >= 400 && !rows.count().equals(before)) {
      return Optional.of("%d, and something was kept: %s".formatted(status, what));
    }
    return Optional.empty();
  }

  @Test
  void files() {
    List<PageForms.Filled> filed = forms.stream().filter(f -> !f.file().isEmpty()).toList();
    List<String> seeds = Seeds.texts();
    Fuzz.run(
        "files",
        30,
        mutator -> {
          PageForms.Filled form = mutator.oneOf(filed);
          byte[] file = mutator.spoiled(mutator.oneOf(seeds)).getBytes(StandardCharsets.UTF_8);
          Map<String, Long> before = rows.count();
          return judged(
              keeper.postFile(form.action(), form.fields(), form.file(), "fuzz.txt", file),
              before,
              form.action() + " " + new String(file, StandardCharsets.UTF_8));
        });
  }

  /** Addresses with what is no number, no day and no choice in them. */
  @Test
  void addresses() {
    List<String> pages = forms.stream().map(PageForms.Filled::page).distinct().toList();
    Fuzz.run(
        "addresses",
        30,
        mutator -> {
          String page = mutator.oneOf(pages);
          String asked =
              page
                  + (page.contains("?") ? "&" : "?")
                  + mutator.oneOf(
                      List.of("span", "day", "curve", "days", "then", "species", "number"))
                  + "="
                  + HttpKeeper.encoded(mutator.value("2"));
          HttpResponse<String> answer = keeper.get(asked);
          return answer.statusCode() >= 500
              ? Optional.of("%d for %s".formatted(answer.statusCode(), asked))
              : Optional.empty();
        });
  }
}

package app.islet.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.web.base.support.Hands;
import app.islet.web.base.support.Islet;
import app.islet.web.base.support.TestClock;
import app.islet.web.page.work.rounds.Ticks;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.CollectionContexts;
import app.islet.web.reading.summary.DayRounds;
import app.islet.web.store.enclosure.EnclosureRecord;
import app.islet.web.store.enclosure.EnclosureStore;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** The order of the walk, and a day that stays as it was. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class WalkTest {
  private final Page page = Islet.running().owner();

  private String tank(String collection, String name, String lengthCm) {
    String base =
        collection.isEmpty()
            ? Hands.enclosure(page, name, "80", "40", "40")
            : Hands.enclosure(page, collection, name, "80", "40", "40");
    page.selectOption("#species", "axolotl");
    page.fill("#length", lengthCm);
    page.fill("#name", name + " one");
    page.locator("form[action$='/residents'] > button").click();
    return base;
  }

  private static String id(String base) {
    return base.substring(base.lastIndexOf('/') + 1);
  }

  private void walkBy(String rounds, String order) {
    page.navigate(rounds + "/order");
    page.check("input[value=" + order + "]");
    page.getByText("Save order").click();
    assertThat(page.locator(".flash")).hasText("Order saved.");
  }

  @Test
  void the_walk_goes_young_grown_quarantine_or_by_room_or_by_hand() {
    String sick = tank("", "Sick tank", "22");
    String slug = Hands.collection(sick).substring("/c/".length());
    String grown = tank(slug, "Grown tank", "22");
    String young = tank(slug, "Young tank", "8");
    String rounds = Hands.collection(sick) + "/rounds";
    page.navigate(rounds + "/order");
    page.locator("[name=apart" + id(sick) + "]").check();
    page.locator("[name=place" + id(grown) + "]").fill("first");
    page.getByText("Save order").click();
    assertThat(page.locator(".note.error"))
        .hasText("\"first\" should be a whole number from 1 to 9999.");
    assertThat(page.locator("[name=apart" + id(sick) + "]")).isChecked();
    page.locator("[name=place" + id(grown) + "]").fill("1");
    page.getByText("Save order").click();

    Locator stops = page.locator(".stop h3");
    Locator groups = page.locator(".walk-group h2");
    assertThat(stops).hasText(new String[] {"Young tank", "Grown tank", "Sick tank"});
    assertThat(groups)
        .hasText(new String[] {"Young animals", "Grown animals", "Quarantine and sick animals"});
    assertThat(page.locator(".walk-group").last()).containsText("Wash your hands");

    walkBy(rounds, "ROOM");
    assertThat(stops).hasText(new String[] {"Sick tank", "Grown tank", "Young tank"});
    assertThat(groups.first()).hasText("Room of Sick tank: Quarantine and sick animals");
    walkBy(rounds, "OWN");
    assertThat(stops).hasText(new String[] {"Grown tank", "Sick tank", "Young tank"});
    // A weekday of its own for the water change: the lists of the weeks ahead follow it.
    page.navigate(rounds + "/order");
    page.selectOption("[name=change" + id(grown) + "]", "WEDNESDAY");
    page.getByText("Save order").click();
    page.navigate(rounds + "/order");
    assertThat(page.locator("[name=change" + id(grown) + "]")).hasValue("WEDNESDAY");
    LocalDate wednesday =
        TestClock.today().plusDays(4).with(TemporalAdjusters.nextOrSame(DayOfWeek.WEDNESDAY));
    page.navigate(rounds + "?day=" + wednesday);
    assertThat(page.locator("#e" + id(grown) + " [data-task=water-change]")).hasCount(1);
    page.navigate(rounds + "?day=" + wednesday.minusDays(1));
    assertThat(page.locator("#e" + id(grown) + " [data-task=water-change]")).hasCount(0);
  }

  @Test
  void yesterday_reads_as_it_was_though_the_plan_has_changed_since() {
    Islet islet = Islet.running();
    String base = tank("", "Old tank", "9");
    String slug = Hands.collection(base).substring("/c/".length());
    CollectionContext today = islet.bean(CollectionContexts.class).find("mill", slug).orElseThrow();
    long id = Long.parseLong(id(base));
    islet
        .bean(Ticks.class)
        .settle(today, id, Ticks.Tick.done("spot-clean", today.today(), UUID.randomUUID()));
    List<String> before = titles(today, id);
    assertThat(before).anyMatch(title -> title.contains("for Old tank one"));

    page.navigate(base + "/residents");
    page.selectOption("#species", "slider");
    page.fill("#length", "9");
    page.fill("#name", "Somebody else");
    page.locator("form[action$='/residents'] > button").click();
    CollectionContext tomorrow =
        new CollectionContext(
            today.person(), today.collection(), today.role(), today.today().plusDays(1));
    assertThat(titles(today, id)).anyMatch(title -> title.contains("Somebody else"));
    assertThat(titles(tomorrow, id)).as("as it was written down").isEqualTo(before);
  }

  /** Of the list of today, as it reads on the day of that context. */
  private static List<String> titles(CollectionContext context, long id) {
    Islet islet = Islet.running();
    EnclosureRecord record = islet.bean(EnclosureStore.class).get(context, id);
    CollectionContext now =
        islet
            .bean(CollectionContexts.class)
            .find("mill", context.collection().slug())
            .orElseThrow();
    return islet
        .bean(DayRounds.class)
        .on(context, List.of(record), now.today())
        .get(0)
        .lines()
        .stream()
        .map(line -> context.units().text(line.due().task().title()))
        .toList();
  }
}

package app.islet.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.web.base.support.Hands;
import app.islet.web.base.support.Islet;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** Young raised in tubs, entered on a phone with one thumb. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class RearingTest {
  /** So many taps and fields a step may take. */
  private static final int MAX_TAPS = 10;

  private final Page page = Islet.running().owner();
  private String rearing = "";
  private int taps;

  @BeforeEach
  void a_phone_in_a_collection_of_its_own() {
    String base = Hands.enclosure(page, "Hum", "75", "35", "45");
    rearing = Hands.collection(base) + "/rearing";
    page.setViewportSize(390, 800);
  }

  private void tap(Locator button) {
    button.click();
    taps++;
  }

  private void tap(String name) {
    Hands.send(page, name);
    taps++;
  }

  private void type(String field, String text) {
    page.locator(field).first().fill(text);
    taps++;
  }

  private void choose(String field, String value) {
    page.locator(field).selectOption(value);
    taps++;
  }

  /** What was done since the last step took fewer taps than that. */
  private void step() {
    assertThat(taps).isPositive().isLessThan(MAX_TAPS);
    taps = 0;
  }

  private void begin(String species, String count, String housing, String tubs) {
    page.navigate(rearing + "/new");
    choose("#species", species);
    type("#count", count);
    choose("#housing", housing);
    if (!tubs.isEmpty()) {
      type("#tubs", tubs);
    }
    tap("Begin batch");
    step();
  }

  private Locator sum() {
    return page.locator(".balance-sum b");
  }

  private Locator open(String what) {
    Locator details =
        page.locator(".counting details")
            .filter(new Locator.FilterOptions().setHasText(what))
            .first();
    tap(details.locator("summary"));
    return details;
  }

  private void share(String tub, String count, String into) {
    tap(page.getByText("Share out").first());
    Locator row = page.locator("tr").filter(new Locator.FilterOptions().setHasText(tub));
    row.locator("[data-take]").fill(count);
    taps++;
    if (!into.isEmpty()) {
      type("#newTubs", into);
    }
  }

  @Test
  void of_twenty_six_larvae_nineteen_are_left_by_cause_and_week() {
    begin("fire-salamander", "26", "TOGETHER", "1");
    assertThat(sum()).hasText("26 left of 26, 100 % survived");

    Locator lost = open("Lost");
    lost.locator("[name=count]").fill("5");
    taps++;
    tap(lost.getByText("bitten"));
    assertThat(page.locator(".flash")).hasText("Lost 5 (bitten).");
    step();
    assertThat(sum()).hasText("21 left of 26, 81 % survived");

    share("Tub 1", "21", "21");
    tap("Share out");
    step();

    page.navigate(rearing);
    for (String cause : new String[] {"escaped", "did not eat"}) {
      Locator card = page.locator("[data-tub]").nth(cause.equals("escaped") ? 3 : 7);
      tap(card.locator("summary").first());
      tap(card.locator("[name=cause]", new Locator.LocatorOptions().setHasText(cause)));
      assertThat(page.locator(".flash")).containsText("Lost 1 (" + cause + ") out of tub");
      step();
    }
    undoneOnTheBoardAndLostAgain();
    page.navigate(rearing);
    page.locator(".batch-lines a").click();
    assertThat(sum()).hasText("19 left of 26, 73 % survived");
    assertThat(page.locator(".balance")).containsText("bitten: 5");
    assertThat(page.locator(".balance")).containsText("escaped: 1");
    assertThat(page.locator(".balance-panel")).containsText("week 1: 7");

    // One was found behind the shelf, alive: the last entry is undone.
    page.getByText("Undo the last entry").click();
    assertThat(page.locator(".flash")).hasText("Undone.");
    assertThat(sum()).hasText("20 left of 26, 77 % survived");
  }

  /** A slip of the thumb: the same card takes it back. */
  private void undoneOnTheBoardAndLostAgain() {
    page.navigate(rearing + "?show=EMPTY");
    Locator card =
        page.locator("[data-tub]")
            .filter(new Locator.FilterOptions().setHasText("did not eat"))
            .first();
    String id = card.getAttribute("id");
    card.locator(".tub-undo button").click();
    assertThat(page.locator(".flash")).hasText("Undone.");
    page.navigate(rearing);
    Locator again = page.locator("#" + id);
    assertThat(again.locator(".tub-count b")).hasText("1");
    again.locator("summary").first().click();
    again.locator("[name=cause]", new Locator.LocatorOptions().setHasText("did not eat")).click();
    assertThat(page.locator(".flash")).containsText("Lost 1 (did not eat) out of tub");
  }

  @Test
  void sixty_two_tadpoles_add_up_from_the_siphon_to_seven_boxes() {
    begin("dwarf-frog", "35", "BOXES", "1");
    share("Box 1", "12", "2");
    tap("Share out");
    step();
    assertThat(page.locator(".flash")).hasText("Shared out: 12 into 2.");

    Locator found = open("Found more");
    found.locator("[name=count]").fill("27");
    taps++;
    tap(found.getByText("Add"));
    step();
    assertThat(sum()).hasText("62 left of 62, 100 % survived");

    // 39 into seven: 27 more, and the twelve of the two boxes there are.
    tap(page.getByText("Share out").first());
    Locator rows = page.locator("tbody tr");
    rows.nth(0).locator("[data-take]").fill("27");
    taps++;
    for (int box = 1; box <= 2; box++) {
      tap(rows.nth(box).locator("[data-take-all]"));
      tap(rows.nth(box).locator("[type=checkbox]"));
    }
    type("#newTubs", "5");
    page.locator("#counts").fill("6, 6, 6, 6, 5, 5, 4");
    Hands.send(page, "Share out");
    assertThat(page.locator("#counts-note"))
        .hasText("Together that is 38, but there are 39 to share out.");
    assertThat(rows.nth(1).locator("[data-take]")).hasValue("6");
    page.locator("#counts").fill("");
    tap("Share out");
    step();
    assertThat(page.locator(".flash")).hasText("Shared out: 39 into 7.");
    assertThat(sum()).hasText("62 left of 62, 100 % survived");
    page.navigate(rearing + "?order=NUMBER");
    assertThat(page.locator(".tub-count b"))
        .hasText(new String[] {"23", "6", "6", "6", "6", "5", "5", "5"});
  }

  @Test
  void a_tap_is_logged_once_and_the_second_keeper_is_told_who_was_first() {
    begin("fire-salamander", "3", "SINGLY", "");
    page.navigate(rearing);
    Page second = Islet.running().owner();
    second.navigate(rearing);
    Locator card = page.locator("[data-tub]").first();
    card.locator("[data-act=FED]").click();
    assertThat(card.locator(".tick.done")).hasText("Fed");
    assertThat(card.locator("[data-act=LEFT_OVER]")).containsText("look at");

    second.locator("[data-tub]").first().locator("[data-act=FED]").click();
    assertThat(second.locator("[data-told]")).containsText("Tub 1: Fed at");
    assertThat(second.locator("[data-told]")).containsText("already. Nothing was added.");

    card.locator(".tub-undo button").click();
    assertThat(page.locator(".flash")).hasText("Undone: Fed.");
    assertThat(card.locator("[data-act=FED]")).isVisible();

    // Several at once, by keyboard: x chooses, an arrow goes on.
    card.focus();
    page.keyboard().press("x");
    page.keyboard().press("ArrowRight");
    page.keyboard().press("x");
    assertThat(page.locator("[data-chosen-words]")).hasText("2 chosen");
    page.locator("#many").getByText("Next stage").click();
    assertThat(page.locator(".flash")).hasText("Next stage: 2 tubs.");
    page.navigate(rearing);
    assertThat(page.locator(".batch-lines")).containsText("Ridge on the back");
    assertThat(page.locator(".board-column h2").first()).containsText("Born");
    page.locator("[name=number]").fill("2");
    page.getByText("Open tub").click();
    assertThat(page.locator("h1")).hasText("Tub 2");
    assertThat(page.locator(".tub-stage")).hasText("Ridge on the back");
  }

  @Test
  void eggs_hatch_into_boxes_and_what_was_miscounted_is_no_loss() {
    page.navigate(rearing + "/new");
    page.locator("#species").selectOption("axolotl");
    page.locator("#what").selectOption("EGGS");
    page.locator("#housing").selectOption("BOXES");
    Hands.send(page, "Begin batch");
    assertThat(page.locator("#count-note")).hasText("Say how many, as a whole number.");
    page.locator("#count").fill("120");
    page.getByText("Name, size of the tubs").click();
    page.locator("#estimated").check();
    page.locator("#batchName").fill("Moss eggs");
    Hands.send(page, "Begin batch");
    assertThat(sum()).hasText("About 120 left of 120, 100 % survived");
    assertThat(page.locator(".batch")).containsText("The eggs hatch between");
    assertThat(page.locator(".batch")).containsText("Start the first brine shrimp on");
    Locator anew = open("Correct the count");
    anew.locator("form[action$='/counted'] [name=count]").fill("100");
    anew.getByText("Save count").click();
    assertThat(page.locator(".flash")).hasText("Counted 100; the books had 120.");
    Locator lost = open("Lost");
    lost.locator("[name=count]").fill("10");
    lost.getByText("fungus").click();
    assertThat(sum()).hasText("About 90 left of 100, 90 % survived");
    share("Eggs 1", "30", "5");
    Hands.send(page, "Share out");
    assertThat(page.locator(".balance")).containsText("Eggs: 60");
    assertThat(page.locator(".balance")).containsText("On the yolk: 30");
    assertThat(page.locator("h1 + p")).containsText("Hatched on");
    page.getByText("How they are kept, finish").click();
    page.locator("[name=waterC]").fill("25");
    page.locator("form[action$='/keep'] button").click();
    assertThat(page.locator(".is-warning")).containsText("Too warm: 25 °C; they tolerate up to");
    page.getByText("How they are kept, finish").click();
    page.getByText("Finish batch").click();
    assertThat(page.locator(".flash.refused")).containsText("There are animals in its tubs still");
  }
}

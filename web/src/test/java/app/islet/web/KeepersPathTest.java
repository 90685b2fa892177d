package app.islet.web;

import static app.islet.web.base.support.Hands.enclosure;
import static app.islet.web.base.support.Hands.more;
import static app.islet.web.base.support.Hands.press;
import static app.islet.web.base.support.Hands.send;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.web.base.support.Hands;
import app.islet.web.base.support.Islet;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/**
 * The main job, as a keeper does it in the browser: from an empty room to a plan that follows the
 * animal.
 */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class KeepersPathTest {
  private static final String MILL = "/c/weir-mill";

  @Test
  void from_an_empty_room_to_a_plan_that_follows_the_animal() {
    Page page = Islet.running().owner();
    String base = enclosure(page, "Path tank", "90", "45", "45");

    // 1 Residents: the stage follows the measured length.
    page.selectOption("#species", "axolotl");
    page.fill("#count", "2");
    page.fill("#length", "14.2");
    more(page);
    page.fill("#males", "1");
    page.fill("#females", "1");
    page.fill("#name", "Twins");
    send(page, "Add");
    assertThat(page.locator(".resident")).containsText("2 axolotls (juvenile), 1 male, 1 female");
    assertThat(page.locator(".resident")).containsText("14.2 cm total length");

    // 2 Site.
    page.navigate(base + "/site");
    assertThat(page.locator("#summerDay")).hasValue("24");
    page.fill("#summerDay", "19");
    page.fill("#summerNight", "18");
    send(page, "Save");
    assertThat(page.locator(".flash")).containsText("Saved.");

    // 3 Design: the drawing, the figures and the findings follow the form as it is typed.
    page.navigate(base + "/build");
    page.fill("#depth", "30");
    assertThat(page.locator(".headline .big")).hasText("122");
    assertThat(page.locator("svg.working:not(.plan) title"))
        .hasText("Section of Path tank: 90 by 45 cm, 122 L of water");
    page.selectOption("#material", "GRAVEL");
    assertThat(page.locator(".finding[data-rule=harmful-ground] summary"))
        .containsText("Danger Gravel under 2 axolotls (juvenile).");
    page.selectOption("#material", "BARE");
    assertThat(page.locator(".finding[data-rule=harmful-ground]")).hasCount(0);
    page.selectOption("#lid", "MESH");
    page.fill("#filter", "250");
    page.fill("#filterSince", "2025-01-01");

    // 4 Assessment: a remedy that is a number is applied to what is typed, and clears its
    // finding.
    page.fill("#depth", "5");
    Locator shallow = page.locator(".finding[data-rule=water-too-shallow]");
    assertThat(shallow).containsText("5 cm deep; at least 8 cm");
    assertThat(shallow)
        .containsText("School: Steady cold on a bare floor. Source: common practice, no source");
    shallow.locator(".remedies button").click();
    assertThat(page.locator("#depth")).hasValue("8");
    assertThat(page.locator("#filter")).hasValue("250");
    assertThat(page.locator(".finding[data-rule=water-too-shallow]")).hasCount(0);
    page.fill("#depth", "30");
    send(page, "Save design");
    page.navigate(base + "/review");
    assertThat(page.locator(".finding.danger, .finding.wrong")).hasCount(0);
    assertThat(page.locator("ul.shopping")).containsText("Filter 122 L/h or more in the design");

    // 5 Plan.
    page.navigate(base + "/plan");
    assertThat(page.locator(".plan-table"))
        .containsText("3 pieces of earthworm as long as the head is wide each, 6 in all");
    assertThat(page.locator(".plan-table")).containsText("30.4 L of 122 L (25 %)");
    assertThat(page.locator(".fortnight > li")).hasCount(14);

    // 7 Measure: it has grown; the stage and the plan follow, and the page says what changed
    // and why.
    page.navigate(base + "/residents");
    page.fill(".measure [name$=-length]", "15.4");
    page.click(".measure summary");
    page.fill(".measure [name$=-mass]", "31");
    press(page, "Log the length of Twins");
    assertThat(page.locator("#changed"))
        .containsText("Twins: from the stage \"juvenile\" to \"adult\"");
    assertThat(page.locator("#changed"))
        .containsText(
            "New: Earthworm for Twins, 4 pieces of earthworm as long as the head is wide each, 8 in all, 3-4 a week.");
    assertThat(page.locator("#changed")).containsText("No longer: Chopped earthworm for Twins");
    page.navigate(base + "/plan");
    assertThat(page.locator(".plan-table")).containsText("4 pieces of earthworm");
    page.navigate(base + "/residents");
    page.click(".folds summary:has-text('Measured')");
    page.locator(".sizes button").first().click();
    assertThat(page.locator(".resident")).containsText("2 axolotls (juvenile)");
    press(page, "Undo");
    assertThat(page.locator(".resident")).containsText("2 axolotls (adult)");
    assertThat(page.locator(".sizes li")).hasCount(2);
  }

  @Test
  void rounds_are_ticked_once_taken_back_and_skipped_with_a_reason() {
    Page page = Islet.running().owner();
    String base = enclosure(page, "Rounds tank", "60", "30", "30");
    page.selectOption("#species", "dwarf-frog");
    more(page);
    page.selectOption("#stage", "dwarf-frog/tadpole");
    page.fill("#count", "3");
    page.fill("#name", "Hummers");
    send(page, "Add");
    String id = base.substring(base.lastIndexOf('/') + 1);
    page.navigate(Hands.collection(base) + "/rounds");
    Locator stop = page.locator("#e" + id);
    assertThat(stop).containsText("30 live nauplii each, 90 in all");
    Locator meal = stop.locator("[data-task='feed:hummers:baby-brine-shrimp']").first();
    assertThat(meal).containsText("Baby brine shrimp for Hummers (1 of 2)");
    meal.locator("[data-done]").dblclick();
    assertThat(meal.locator(".tick.done")).containsText("done");
    // The server alone keeps it once, too: the same click sent again, as after a lost
    // connection.
    assertThat(sendTwice(page, id, "spot-clean")).isEqualTo("200 200");
    page.reload();
    assertThat(stop.locator("[data-task='spot-clean'] .tick.done")).containsText("done");
    page.locator(".rounds-head").getByText("Undo").click();
    assertThat(page.locator(".flash")).containsText("Undone: Spot clean.");
    assertThat(stop.locator("[data-task='spot-clean'] .tick.done")).hasCount(0);
    assertThat(meal.locator(".tick.done")).hasCount(1);

    Locator test = stop.locator("[data-task='test']");
    test.locator("summary").click();
    test.getByText("Skip today").click();
    assertThat(test.locator("[data-problem]")).hasText("Say why it is skipped, in a word or two.");
    test.locator("input[name=note]").fill("kit is empty");
    test.getByText("Skip today").click();
    assertThat(test.locator(".tick.done")).hasText("skipped: kit is empty");
    test.getByText("Undo").click();
    assertThat(test.locator("[data-done]")).isVisible();

    Locator second = stop.locator("[data-task='feed:hummers:baby-brine-shrimp']").nth(1);
    second.locator("summary").click();
    second.locator("input[name=note]").fill("half was left");
    second.getByText("Done, with this note").click();
    assertThat(second.locator(".tick.done")).containsText(": half was left");
  }

  private static Object sendTwice(Page page, String enclosure, String task) {
    return page.evaluate(
        """
                async ([enclosure, task]) => {
                  const form = document.querySelector(`#e${enclosure} [data-task="${task}"] form`);
                  const body = new URLSearchParams(new FormData(form));
                  body.set("how", "done");
                  const send = () => fetch(form.action, { method: "POST", body }).then(r => r.status);
                  return (await Promise.all([send(), send()])).join(" ");
                }""",
        List.of(enclosure, task));
  }

  @Test
  void what_is_late_says_so_and_days_can_be_walked() {
    Page page = Islet.running().owner();
    page.navigate(MILL + "/rounds");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Day after")).click();
    assertThat(page.locator(".flash")).containsText("A day in the future");
    assertThat(page.locator("[data-done]")).hasCount(0);
    page.navigate(MILL + "/rounds?day=2019-01-01");
    assertThat(page.locator("h1")).containsText("Page not found");
  }

  @Test
  void bad_numbers_get_a_sentence_beside_their_field_and_nothing_typed_is_lost() {
    Page page = Islet.running().owner();
    String base = enclosure(page, "Typo tank", "60", "30", "30");
    page.navigate(base + "/build");
    page.fill("#length", "sixty");
    page.fill("#depth", "12,5");
    assertThat(page.locator("#length-note"))
        .hasText("\"sixty\" is not a number. It should be 1 to 2000 cm.");
    send(page, "Save design");
    assertThat(page.locator("#length-note"))
        .hasText("\"sixty\" is not a number. It should be 1 to 2000 cm.");
    assertThat(page.locator("#length")).hasValue("sixty");
    assertThat(page.locator("#length")).hasAttribute("aria-invalid", "true");
    assertThat(page.locator("#depth")).hasValue("12,5");
    page.fill("#length", "60");
    page.fill("#groundDepth", "20");
    assertThat(page.locator("#depth-note"))
        .hasText(
            "Ground and water together would stand 32.5 cm, above the rim at 30 cm. At most 10 cm over this ground.");
    page.fill("#groundDepth", "2");
    send(page, "Save design");
    assertThat(page.locator(".flash")).containsText("Saved.");
    assertThat(page.locator("#depth")).hasValue("12.5");
  }

  @Test
  void two_who_type_at_once_do_not_overwrite_each_other_unasked() {
    Page one = Islet.running().owner();
    String base = enclosure(one, "Shared tank", "60", "30", "30");
    one.navigate(base + "/build");
    Page two = Islet.running().owner();
    two.navigate(base + "/build");
    two.fill("#depth", "20");
    send(two, "Save design");
    assertThat(two.locator(".flash")).containsText("Saved.");
    one.fill("#depth", "12");
    send(one, "Save design");
    assertThat(one.locator(".flash.refused"))
        .containsText(
            "Somebody changed the same and saved while you typed: Water depth (theirs 20, yours 12).");
    assertThat(one.locator("#depth")).hasValue("12");
    send(one, "Save design");
    assertThat(one.locator(".flash")).containsText("Saved.");
    two.reload();
    assertThat(two.locator("#depth")).hasValue("12");
  }

  @Test
  void two_who_change_different_fields_at_once_both_have_their_way() {
    Page one = Islet.running().owner();
    String base = enclosure(one, "Both at once", "60", "30", "30");
    one.navigate(base + "/build");
    Page two = Islet.running().owner();
    two.navigate(base + "/build");
    two.fill("#depth", "20");
    send(two, "Save design");
    assertThat(two.locator(".flash")).containsText("Saved.");
    one.fill("#filter", "240");
    send(one, "Save design");
    assertThat(one.locator(".flash")).containsText("Saved.");
    assertThat(one.locator("#depth")).hasValue("20");
    assertThat(one.locator("#filter")).hasValue("240");
  }

  @Test
  void a_part_added_after_somebody_saved_leaves_what_they_saved() {
    Page one = Islet.running().owner();
    String base = enclosure(one, "Part between", "60", "30", "30");
    one.navigate(base + "/build");
    Page two = Islet.running().owner();
    two.navigate(base + "/build");
    two.fill("#depth", "20");
    send(two, "Save design");
    one.locator("details.tray summary").first().click();
    one.locator("details.tray[open] button").first().click();
    assertThat(one.locator("form [data-row]")).hasCount(1);
    send(one, "Save design");
    assertThat(one.locator(".flash")).containsText("Saved.");
    assertThat(one.locator("form [data-row]")).hasCount(1);
    assertThat(one.locator("#depth")).hasValue("20");
  }

  @Test
  void what_was_typed_without_a_network_is_laid_over_what_somebody_saved_meanwhile() {
    Page away = Islet.running().owner();
    String base = enclosure(away, "Out of reach", "60", "30", "30");
    away.navigate(base + "/build");
    away.context().setOffline(true);
    away.fill("#filter", "240");
    away.locator("#filter").blur();
    away.waitForFunction("Object.values(localStorage).some(kept => kept.includes('240'))");
    Page other = Islet.running().owner();
    other.navigate(base + "/build");
    other.fill("#depth", "20");
    send(other, "Save design");
    away.context().setOffline(false);
    away.reload();
    assertThat(away.locator("[data-preview-state]")).containsText("Somebody saved since you typed");
    assertThat(away.locator("#filter")).hasValue("240");
    send(away, "Save design");
    assertThat(away.locator(".flash")).containsText("Saved.");
    assertThat(away.locator("#depth")).hasValue("20");
    assertThat(away.locator("#filter")).hasValue("240");
    away.reload();
    assertThat(away.locator("#depth")).hasValue("20");
    assertThat(away.locator("[data-preview-state]")).not().containsText("Somebody saved");
  }

  @Test
  void a_design_survives_a_lost_connection() {
    Page page = Islet.running().owner();
    String base = enclosure(page, "Lost tank", "60", "30", "30");
    page.navigate(base + "/build");
    page.context().setOffline(true);
    page.fill("#depth", "17");
    assertThat(page.locator("[data-preview-state]"))
        .hasText("No connection: the drawing waits. Nothing typed is lost.");
    page.context().setOffline(false);
    page.fill("#depth", "18");
    assertThat(page.locator("[data-preview-state]")).hasText("Not saved yet");
    assertThat(page.locator(".headline .big")).hasText("32.4");
    send(page, "Save design");
    assertThat(page.locator("#depth")).hasValue("18");
  }

  @Test
  void a_keeper_of_inches_sees_and_types_inches() {
    Page page = Islet.running().owner();
    String base = enclosure(page, "Inch tank", "121.92", "60.96", "25.4");
    page.navigate(MILL + "/collection");
    page.selectOption("#units", "US");
    page.click("main form >> text=Save");
    page.navigate(base + "/build");
    assertThat(page.locator("#length")).hasValue("48");
    page.fill("#depth", "6");
    assertThat(page.locator(".headline")).containsText("29.9");
    assertThat(page.locator(".headline")).containsText("gal of water");
    page.navigate(base + "/site");
    assertThat(page.locator("#summerDay")).hasValue("75.2");
    page.navigate(base + "/build");
    send(page, "Save design");
    String file = page.request().get(Islet.running().base() + base + "/document.json").text();
    assertThat(file)
        .as("saving in inches moves nothing")
        .contains(
            "\"lengthCm\" : 121.92",
            "\"widthCm\" : 60.96",
            "\"heightCm\" : 25.4",
            "\"depthCm\" : 12.7");
    page.navigate(MILL + "/calculators/tank-volume?lengthCm=48&widthCm=24&heightCm=10");
    assertThat(page.locator(".results")).containsText("49.9 gal");
    page.navigate(MILL + "/collection");
    page.selectOption("#units", "METRIC");
    page.click("main form >> text=Save");
  }
}

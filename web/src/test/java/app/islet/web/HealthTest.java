package app.islet.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.text.English;
import app.islet.web.base.support.CutNetwork;
import app.islet.web.base.support.Hands;
import app.islet.web.base.support.Islet;
import app.islet.web.base.support.TestClock;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.SelectOption;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** Something looks wrong: three taps to what to do first, then a course, then the vet's sheet. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class HealthTest {
  private final Islet islet = Islet.running();
  private final Page page = islet.owner();
  private String home = "";

  @BeforeEach
  void an_axolotl_in_poisoned_water() {
    String base = Hands.enclosure(page, "Slate tank", "80", "40", "40");
    home = Hands.collection(base);
    page.selectOption("#species", "axolotl");
    page.fill("#length", "22");
    page.fill("#name", "Ember");
    page.locator("form[action$='/residents'] > button").click();
    page.navigate(base + "/water");
    page.locator("[name=ammonia]").first().fill("1.5");
    page.locator("[name=ph]").first().fill("8");
    Hands.send(page, "Log test");
    // The page stands at what to do now.
    assertThat(page.locator("#now")).isFocused();
    assertThat(page.locator("#now")).isInViewport();
    page.setViewportSize(390, 800);
  }

  /** Three taps from Health to what to do first, with no animal on the books. */
  @Test
  void whoever_keeps_no_records_chooses_a_kind_and_a_sign() {
    page.navigate(home + "/health");
    page.click("summary:has-text('Salamanders and newts')");
    page.click("main >> a:text-is('Axolotl')");
    assertThat(page.locator("h1")).hasText("Axolotl: something looks wrong");
    page.locator(".health-sign").first().click();
    Locator answer = page.locator(".health-answer:target");
    assertThat(answer.locator(".aid-steps li").first()).isVisible();
    assertThat(answer.locator("form")).hasCount(0);
    page.click("nav.spans >> text=Larva");
    assertThat(page.locator("nav.spans [aria-current]")).containsText("Larva");
  }

  @Test
  void three_taps_from_the_rounds_lead_to_what_to_do_first_and_on_to_the_vet() {
    page.navigate(home + "/rounds");
    page.getByText("Something looks wrong").first().click();
    page.locator("a[href='#s-gills-forward']").click();
    Locator answer = page.locator("#s-gills-forward");
    assertThat(answer.locator(".aid-steps li").first())
        .hasText(
            "Put it into a clean, shallow tub with conditioned water of its temperature, in the shade.");
    assertThat(answer.locator(".health-causes li").first())
        .containsText("Ammonia 1.16 mg/L as nitrogen");
    assertThat(page.locator("#s-hangs-at-surface")).isHidden();

    answer.locator("[name=note]").fill("since this morning");
    answer.getByText("Write it down").click();
    assertThat(page.locator(".flash")).hasText("Written down.");
    page.locator("[name=course]").selectOption("holding-tub");
    Hands.press(page, "Begin course");
    assertThat(page.locator(".health-course h3"))
        .containsText("Ember: Holding tub with daily change");
    assertThat(page.locator(".health-course"))
        .containsText("Day 1; such courses take 3 to 14 days.");

    page.navigate(home + "/rounds");
    assertThat(page.getByText("Health: 1 due")).hasCount(0);
    Locator course = page.locator("[data-task^='course:']");
    assertThat(course).containsText("Holding tub with daily change, day 1 of 3 to 14");
    assertThat(page.locator("[data-task^='case:']")).containsText("gills curled forward, since");
    course.locator("[data-done]").click();
    assertThat(course).containsText("done");
    course.getByText("Undo").click();
    course.locator("[data-done]").click();
    assertThat(course.locator("[data-done]")).hasCount(0);
    page.navigate(home + "/health");
    assertThat(page.locator(".health-course .chip")).hasText("Done today");
    page.locator(".needs a").first().click();
    page.getByText("Sheet for the vet").click();
    assertThat(page.locator("main")).containsText("Axolotl (Ambystoma mexicanum)");
    assertThat(page.locator("main")).containsText("Gills curled forward");
    assertThat(page.locator("main")).containsText("Ammonia 1.16 mg/L as nitrogen");
    assertThat(page.locator("main")).containsText("since this morning");
    page.goBack();
    page.getByText("Well again").click();
    assertThat(page.locator("main")).containsText("Nobody looks ill.");
    page.navigate(home + "/rounds");
    assertThat(page.locator("[data-task^='case:']")).hasCount(0);
  }

  @Test
  void what_is_held_off_is_declined_for_some_days_with_a_reason() {
    page.setViewportSize(1280, 800);
    page.navigate(home + "/rounds");
    Locator hold = page.locator("[data-task='hold:food']");
    assertThat(hold).containsText("again when ammonia shows none");
    assertThat(meals(2)).isZero();
    page.navigate(home + "/rounds");
    hold.getByText("Decline").first().click();
    hold.locator("[name=note]").fill("The vet wants it fed.");
    hold.locator("[name=days]").selectOption("3");
    hold.getByText("Decline it").click();
    assertThat(hold)
        .containsText(
            "Declined until "
                + English.shortDay(TestClock.today().plusDays(3))
                + ": The vet wants it fed.");
    assertThat(meals(2)).isPositive();
    page.navigate(home + "/rounds/helper-sheet");
    assertThat(page.locator("main")).containsText("The vet wants it fed.");
    page.navigate(home + "/rounds");
    hold.getByText("Undo").click();
    assertThat(hold).containsText("again when ammonia shows none");
  }

  /** Today and on so many days in all. */
  private int meals(int days) {
    int all = 0;
    for (int n = 0; n < days; n++) {
      page.navigate(home + "/rounds?day=" + TestClock.today().plusDays(n));
      all += page.locator("[data-task^='feed:']").count();
    }
    return all;
  }

  @Test
  void several_signs_on_a_later_day_are_judged_together() {
    page.navigate(home + "/rounds");
    page.getByText("Something looks wrong").first().click();
    page.getByText("Several signs, or for some days").click();
    page.locator("input[type=checkbox][value=bloated]").check();
    page.locator("input[type=checkbox][value=gaping]").check();
    page.locator("details [name=day]").fill("3");
    page.getByText("What to do", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(page.locator(".health-verdict.is-urgent")).containsText("Call the vet now.");
    assertThat(page.locator(".health-answer")).containsText("Day 3");
    assertThat(page.locator(".health-answer")).containsText("Swallowed stones or a blocked gut");
  }

  @Test
  void the_answers_come_with_the_page_and_stand_there_without_a_network() {
    CutNetwork line = islet.line();
    Page phone = islet.ownerOver(line);
    phone.navigate(home + "/rounds");
    phone.waitForSelector("main[data-kept-here]");
    line.cut();
    phone.getByText("Something looks wrong").first().click();
    phone.locator("a[href='#s-red-skin']").click();
    assertThat(phone.locator("#s-red-skin .aid-steps li").first())
        .containsText("clean, shallow tub");
    line.close();
  }

  @Test
  void eight_crabs_two_at_a_time_are_bathed_in_twenty_seven_minutes() {
    page.setViewportSize(1280, 800);
    String base =
        Hands.enclosure(page, home.substring("/c/".length()), "Dune box", "90", "45", "45");
    page.selectOption("#species", "land-hermit");
    page.fill("#count", "8");
    page.fill("#length", "3");
    page.fill("#name", "Walkers");
    page.locator("form[action$='/residents'] > button").click();
    assertThat(page.locator("main")).containsText("Walkers");
    page.navigate(home + "/health");
    page.getByText("Bath: Dune box").click();
    assertThat(page.locator(".balance-sum b")).hasText("27 min in all");
    assertThat(page.locator(".bath-steps li")).hasCount(4);
    page.getByText("Start the clock").click();
    assertThat(page.locator("[data-clock]").first()).containsText("bathes 2:5");
    assertThat(page.locator("[data-clock]").nth(1)).containsText("waits");
    page.locator(".bath-note input").fill("all feelers there");
    Hands.send(page, "Log bath");
    assertThat(page.locator("main")).containsText("Next not before");
    assertThat(page.locator(".flash")).hasText("Bath logged.");
    assertThat(page.locator(".flash")).isFocused();
  }

  @Test
  void a_parcel_from_a_warm_van_is_cooled_by_steps() {
    page.navigate(home + "/health");
    page.getByText("A new animal").click();
    page.locator("#species").selectOption("eastern-newt");
    page.locator("#parcelC").fill("24");
    page.locator("#tubC").fill("18");
    Hands.send(page, "Show what to do");
    assertThat(page.locator("main")).containsText("Throw the shipping water away");
    assertThat(page.locator(".health-causes li")).hasCount(6);
    assertThat(page.locator(".health-causes li").last()).hasText("Day 6: 18 °C");
    assertThat(page.locator("main")).containsText("Quarantine: 6 to 12 weeks");
  }

  @Test
  void the_body_is_drawn_and_a_tap_on_a_part_leads_to_its_signs() {
    page.navigate(home + "/rounds");
    page.getByText("Something looks wrong").first().click();
    assertThat(page.locator(".body-map a")).hasCount(4);
    page.locator(".body-map a[aria-label=Gills]").click();
    assertThat(page.locator("#part-gills")).isInViewport();
    assertThat(page.locator("#part-gills .sign-picture")).hasCount(3);
    page.locator("#part-gills a[href='#s-gills-forward']").click();
    assertThat(page.locator("#s-gills-forward .aid-steps li").first()).isVisible();
  }

  @Test
  void one_tap_puts_it_into_a_hospital_tub_that_is_judged_as_one_and_changed_daily() {
    page.setViewportSize(1280, 800);
    page.navigate(home + "/rounds");
    page.getByText("Something looks wrong").first().click();
    page.locator("a[href='#s-red-skin']").click();
    page.locator("#s-red-skin").getByText("Write it down").click();
    Hands.press(page, "Into a hospital tub of its own");
    Locator held = page.locator(".needs li", new Page.LocatorOptions().setHasText("Hospital tub"));
    assertThat(held).containsText("Ember Hospital tub, day 1 of 0 to 14. Belongs in Slate tank.");

    page.navigate(home + "/rounds");
    assertThat(page.locator("main")).containsText("3.8 L of 3.8 L (100 %)");
  }

  @Test
  void an_animal_found_outdoors_waits_longest_and_whom_it_will_meet_is_judged() {
    page.navigate(home + "/health/arrival");
    page.locator("#species").selectOption("axolotl");
    page.locator("#source").selectOption("FOUND");
    page.locator("#meets").selectOption(new SelectOption().setLabel("Slate tank"));
    Hands.send(page, "Show what to do");
    assertThat(page.locator("main")).containsText("Quarantine: 8 to 12 weeks");
    assertThat(page.locator("main")).containsText("Who it will meet");
    assertThat(page.locator("main")).containsText("Amphibian chytrid (Bd)");
    Hands.send(page, "Make quarantine tub");
    assertThat(page.locator("#name")).hasValue("Quarantine: Axolotl");
    assertThat(page.locator("#purpose")).hasValue("QUARANTINE");
  }

  @Test
  void a_crab_that_digs_in_is_left_alone_and_its_lost_limb_watched() {
    page.setViewportSize(1280, 800);
    Hands.enclosure(page, home.substring("/c/".length()), "Dune box", "90", "45", "45");
    page.selectOption("#species", "land-hermit");
    page.fill("#length", "3");
    page.fill("#name", "Pebble");
    page.locator("form[action$='/residents'] > button").click();
    page.navigate(home + "/animals");
    page.getByText("Pebble", new Page.GetByTextOptions().setExact(true)).first().click();
    page.locator(".taps").getByText("Limb missing").click();
    page.locator(".taps").getByText("Dug in").click();
    page.navigate(home + "/health");
    Locator line = page.locator(".needs li", new Page.LocatorOptions().setHasText("Pebble"));
    assertThat(line).containsText("day 1. One of its size is left alone for 28 to 42 days.");
    assertThat(line).containsText("nothing can be seen of it yet");
    line.locator("a").click();
    assertThat(page.locator("main")).containsText("never dig it out");
  }

  @Test
  void a_course_that_ended_is_compared_and_the_case_counts_in_its_groups() {
    page.setViewportSize(1280, 800);
    page.navigate(home + "/rounds");
    page.getByText("Something looks wrong").first().click();
    page.locator("a[href='#s-red-skin']").click();
    page.locator("#s-red-skin").getByText("Write it down").click();
    page.locator("[name=course]").selectOption("holding-tub");
    Hands.press(page, "Begin course");
    page.locator(".health-course summary").click();
    page.getByText("Stopped before").click();
    page.getByText("Lessons from earlier cases").click();
    Locator row = page.locator("tr", new Page.LocatorOptions().setHasText("Holding tub"));
    assertThat(row.locator("td").nth(3)).hasText("1");
    assertThat(page.locator("section", new Page.LocatorOptions().setHasText("By source")))
        .containsText("Not known");
    page.navigate(home + "/health/tables");
    assertThat(page.locator("main")).containsText("Ammonia or nitrite in the water");
    assertThat(page.locator("main")).not().containsText("null");
  }

  @Test
  void a_table_is_copied_and_changed_and_what_does_not_fit_is_refused_whole() {
    page.setViewportSize(1280, 800);
    page.navigate(home + "/health/tables/courses");
    Locator text = page.locator("#text");
    String bundled = text.inputValue().strip();
    text.fill(bundled.replace("Holding tub with daily change", "Cool tub in the cellar"));
    Hands.send(page, "Use this table");
    assertThat(page.locator("#reason-note")).containsText("Say in a few words why");
    assertThat(text)
        .hasValue(bundled.replace("Holding tub with daily change", "Cool tub in the cellar"));
    page.fill("#reason", "our cellar is colder than any fridge");
    Hands.send(page, "Use this table");
    assertThat(page.locator(".flash")).hasText("Your table is in use.");
    assertThat(page.locator("main")).containsText("our cellar is colder than any fridge");
    assertThat(page.locator("main")).containsText("Cool tub in the cellar");

    page.navigate(home + "/health/tables/courses");
    page.fill("#text", "courses:\n  - {id: x, name: X}\n");
    page.fill("#reason", "short");
    Hands.send(page, "Use this table");
    assertThat(page.locator("main")).containsText("Line 2");
    assertThat(page.locator("#text")).hasValue("courses:\n  - {id: x, name: X}");

    page.navigate(home + "/health/tables/courses");
    Hands.send(page, "Go back to Islet's table");
    assertThat(page.locator("main")).containsText("Holding tub with daily change");
  }
}

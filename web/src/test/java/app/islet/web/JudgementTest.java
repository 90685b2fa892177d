package app.islet.web;

import static app.islet.web.base.support.Hands.press;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.review.Step;
import app.islet.web.base.support.Hands;
import app.islet.web.base.support.Islet;
import app.islet.web.base.support.TestClock;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.Media;
import java.util.Arrays;
import java.util.Comparator;
import java.util.regex.Pattern;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** The review as a keeper works with it: filtered, followed, accepted for a while, printed. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class JudgementTest {
  private static Locator finding(Page page, String rule) {
    return page.locator(".finding[data-rule=" + rule + "]");
  }

  /** A musk turtle hatchling between four panes, deep and bare. */
  private static String bareTank(Page page, String name) {
    String base = Hands.made(name, "76", "30", "30");
    Hands.settle(base, "common-musk", "Button", 1, 3.2);
    page.navigate(base + "/review");
    return base;
  }

  @Test
  void findings_stand_in_working_order_and_can_be_filtered() {
    Page page = Islet.running().owner();
    bareTank(page, "Filter tank");
    assertThat(page.locator(".step-name").allTextContents())
        .isSortedAccordingTo(
            Comparator.comparing(
                word ->
                    Arrays.stream(Step.values())
                        .filter(step -> step.word().equals(word))
                        .findFirst()
                        .orElseThrow()));
    int all = page.locator(".finding").count();
    page.locator(".filters a", new Page.LocatorOptions().setHasText("Danger")).click();
    assertThat(page.locator(".filters [aria-current]")).containsText("Danger");
    int dangers = page.locator(".finding").count();
    assertThat(dangers).isPositive().isLessThan(all);
    assertThat(page.locator(".finding.danger")).hasCount(dangers);
    page.locator(".filters a", new Page.LocatorOptions().setHasText("All")).click();
    assertThat(page.locator(".finding")).hasCount(all);
  }

  @Test
  void a_finding_leads_to_what_it_concerns() {
    Page page = Islet.running().owner();
    bareTank(page, "Link tank");
    Locator deep = finding(page, "water-too-deep");
    deep.locator("a").click();
    assertThat(page).hasURL(Pattern.compile(".*/build#depth$"));
    assertThat(page.locator("#depth")).isVisible();
  }

  @Test
  void a_remedy_of_two_numbers_sets_both() {
    Page page = Islet.running().owner();
    String base = bareTank(page, "Two numbers");
    page.navigate(base + "/build");
    page.fill("#depth", "8");
    page.fill("#landShare", "40");
    page.fill("#landHeight", "5");
    page.fill("#ramp", "2");
    Locator trapped = finding(page, "no-way-out");
    assertThat(trapped).containsText("the land lies 3 cm under the water line");
    // Pressed by a slow hand while the drawing and its pins are still being set: nothing moves
    // under the finger.
    trapped.locator(".remedies button").first().click(new Locator.ClickOptions().setDelay(900));
    assertThat(page.locator("#landHeight")).hasValue("10");
    assertThat(page.locator("#ramp")).hasValue("12");
    assertThat(finding(page, "no-way-out")).hasCount(0);
  }

  @Test
  void a_finding_is_accepted_with_a_reason_and_a_day_and_stays_visible() {
    Page page = Islet.running().owner();
    String base = bareTank(page, "Acceptance");
    Locator lamp = finding(page, "no-basking-lamp");
    lamp.locator(".accept summary").click();
    lamp.locator("[name=askAgain]").fill("2001-01-01");
    lamp.locator("[name=reason]").fill("The lamp is ordered.");
    lamp.locator(".accept button").click();
    assertThat(finding(page, "no-basking-lamp").locator(".note.error"))
        .containsText("A day from tomorrow");
    assertThat(finding(page, "no-basking-lamp").locator("[name=reason]"))
        .hasValue("The lamp is ordered.");
    String day = TestClock.today().plusDays(20).toString();
    lamp.locator("[name=askAgain]").fill(day);
    lamp.locator(".accept button").click();
    assertThat(page.locator(".flash")).containsText("Accepted for now.");
    assertThat(lamp.locator("summary").first()).containsText("accepted");
    lamp.locator("summary").first().click();
    assertThat(lamp).containsText("The lamp is ordered.");
    page.navigate(base + "/build");
    assertThat(lamp.locator("summary").first()).containsText("accepted");
    page.navigate(base + "/review");
    lamp.locator("summary").first().click();
    press(page, lamp.locator("form[action$=reopen] button").getAttribute("aria-label"));
    assertThat(lamp.locator("summary").first()).not().containsText("accepted");
  }

  @Test
  void a_danger_cannot_be_accepted() {
    Page page = Islet.running().owner();
    String base = bareTank(page, "No hiding");
    Locator deep = finding(page, "water-too-deep");
    assertThat(deep.locator(".accept")).hasCount(0);
    int status =
        (int)
            page.evaluate(
                """
                        async address => {
                          const form = new URLSearchParams({rule: 'water-too-deep', who: 'Button', reason: 'no', askAgain: '%s',
                            _csrf: document.querySelector('[name=_csrf]').value});
                          return (await fetch(address, {method: 'POST', body: form})).status;
                        }"""
                    .formatted(TestClock.today().plusDays(9)),
                base + "/accept");
    assertThat(status).isEqualTo(422);
    page.navigate(base + "/review");
    assertThat(deep.locator("summary").first()).not().containsText("accepted");
  }

  @Test
  void the_report_says_everything_on_paper() {
    Page page = Islet.running().owner();
    String base = bareTank(page, "Paper");
    int all = page.locator(".finding").count();
    page.navigate(base + "/report");
    assertThat(page.locator(".report .finding")).hasCount(all);
    assertThat(page.locator(".report")).containsText("Lower the water to");
    assertThat(page.locator(".report")).containsText("Source: common practice, no source");
    page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
    assertThat(page.locator(".top")).isHidden();
    assertThat(page.locator("[data-print]")).isHidden();
    page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.SCREEN));
  }
}

package app.islet.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.web.base.support.Hands;
import app.islet.web.base.support.Islet;
import app.islet.web.base.support.TestClock;
import com.microsoft.playwright.Page;
import java.time.LocalDate;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** Two weeks ahead: big jobs apart from one another, and a holiday in between. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class WeeksTest {
  private final Page page = Islet.running().owner();

  private String tank(String collection, String name) {
    String base =
        collection.isEmpty()
            ? Hands.enclosure(page, name, "80", "40", "40")
            : Hands.enclosure(page, collection, name, "80", "40", "40");
    page.selectOption("#species", "axolotl");
    page.fill("#length", "22");
    page.fill("#name", "One of " + name);
    page.locator("form[action$='/residents'] > button").click();
    return base;
  }

  @Test
  void jobs_are_put_on_days_around_a_holiday_and_the_rounds_follow() {
    String first = tank("", "First tank");
    String slug = Hands.collection(first).substring("/c/".length());
    tank(slug, "Second tank");
    tank(slug, "Third tank");
    String weeks = "/c/" + slug + "/weeks";
    page.navigate(weeks);
    assertThat(page.locator("main")).containsText("Each job on the day it falls due would make");

    LocalDate today = TestClock.today();
    page.fill("#note", "Holiday");
    page.fill("#firstDay", today.plusDays(3).toString());
    page.fill("#lastDay", today.plusDays(1).toString());
    page.getByText("Add days").click();
    assertThat(page.locator("#lastDay-note"))
        .containsText("A day from the first day to a year later");
    assertThat(page.locator("#note")).hasValue("Holiday");
    page.fill("#lastDay", today.plusDays(8).toString());
    page.getByText("Add days").click();
    assertThat(page.locator(".weeks .is-off")).hasCount(6);
    assertThat(page.locator(".weeks .is-off a")).hasCount(0);

    page.getByText("Put the jobs on these days").click();
    assertThat(page.locator(".chip", new Page.LocatorOptions().setHasText("The rounds follow")))
        .isVisible();
    // The list of today has what was put on today, and no more; by the last day before they are
    // off, all.
    int putOnToday =
        page.locator(".weeks > li").first().locator("li:has-text('Test the water')").count();
    page.navigate("/c/" + slug + "/rounds?day=" + today);
    assertThat(page.locator("[data-task=test]")).hasCount(putOnToday);
    page.navigate("/c/" + slug + "/rounds?day=" + today.plusDays(2));
    assertThat(page.locator("[data-task=test]")).hasCount(3);
    page.navigate(weeks);
    page.getByText("Each job when it falls due").click();
    page.navigate("/c/" + slug + "/rounds?day=" + today);
    assertThat(page.locator("[data-task=test]")).hasCount(3);
    page.navigate(weeks);
    page.getByText("Remove").click();
    assertThat(page.locator(".weeks .is-off")).hasCount(0);
  }
}

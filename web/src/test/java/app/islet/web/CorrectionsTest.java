package app.islet.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.islet.web.base.support.Hands;
import app.islet.web.base.support.Islet;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class CorrectionsTest {
  private final Page page = Islet.running().owner();
  private String base;

  @BeforeEach
  void a_crab_box() {
    base = Hands.enclosure(page, "Shore box", "80", "40", "40");
    page.selectOption("#species", "fiddler");
    page.fill("#count", "4");
    page.fill("#name", "Tide");
    page.locator("form[action$='/residents'] > button").click();
  }

  private void test(String field, String value) {
    page.navigate(base + "/water");
    page.locator("#test [name=" + field + "]").fill(value);
    page.locator("#test").getByText("Log test").first().click();
    assertThat(page.locator("#log")).containsText(field);
  }

  private void begin(String parameter, String to) {
    page.navigate(base + "/water/corrections");
    page.selectOption("#parameter", parameter);
    page.fill("#to", to);
    page.getByText("Begin", new Page.GetByTextOptions().setExact(true)).click();
  }

  @Test
  void salinity_is_raised_by_the_right_salt_in_steps_that_stand_on_the_rounds() {
    begin("SALINITY", "8");
    assertThat(page.locator("#parameter-note")).containsText("Log a test first");
    test("salinity", "2");
    begin("SALINITY", "8");
    assertThat(page.locator("#salt-note")).containsText("Say which salt it is");
    assertThat(page.locator("#to")).hasValue("8");
    page.selectOption("#salt", "TABLE_SALT");
    page.getByText("Begin", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(page.locator("#salt-note")).containsText("Iodine");
    page.selectOption("#salt", "MARINE_MIX");
    page.getByText("Begin", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(page.locator(".flash")).containsText("It takes 3 days at the least");
    assertThat(page.locator("article.panel")).containsText("of marine salt");
    assertThat(page.locator("article.panel")).containsText("Stop where it reads 4 g/kg");

    page.navigate(Hands.collection(base) + "/rounds");
    assertThat(page.locator("[data-task='correct:salinity']")).containsText("of marine salt");
    page.navigate(base + "/water/corrections");
    page.locator("article.panel form button").click();
    assertThat(page.locator("article.panel")).hasCount(0);
    page.navigate(Hands.collection(base) + "/rounds");
    assertThat(page.locator("[data-task='correct:salinity']")).hasCount(0);
  }

  @Test
  void two_doses_that_differ_eightfold_are_asked_back() {
    page.navigate(base + "/water/corrections");
    page.fill("#one", "1 g per litre");
    page.fill("#other", "a lot");
    page.getByText("Compare").click();
    assertThat(page.locator("#other-note")).containsText("Say how much for how much water");
    page.fill("#other", "1.5 teaspoons per litre");
    page.getByText("Compare").click();
    assertThat(page.locator(".verdict")).containsText("They differ 9-fold. Do not take the middle");
  }
}

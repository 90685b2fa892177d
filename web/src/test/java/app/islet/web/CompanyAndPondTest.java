package app.islet.web;

import static app.islet.web.base.support.Hands.enclosure;
import static app.islet.web.base.support.Hands.send;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.islet.web.base.support.Hands;
import app.islet.web.base.support.Islet;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** Who else lives there, what is in the water, stages a keeper names, and a pond under the sky. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class CompanyAndPondTest {
  private static void add(Page page, String species, String count, String length, String name) {
    page.selectOption("#species", species);
    page.fill("#count", count);
    page.fill("#length", length);
    page.fill("#name", name);
    send(page, "Add");
  }

  @Test
  void company_cures_and_salt_are_kept_and_judged() {
    Page page = Islet.running().owner();
    String base = enclosure(page, "Minnow tank", "100", "50", "45");
    add(page, "axolotl", "2", "22", "The pair");
    page.navigate(base);
    page.fill("#with-minnow", "6");
    page.check("#medicine-malachite-green");
    send(page, "Save design");
    page.reload();
    assertThat(page.locator("#with-minnow")).hasValue("6");
    assertThat(page.locator("#medicine-malachite-green")).isChecked();
    page.navigate(base + "/residents");
    assertThat(page.locator("main")).containsText("Also here: 6 minnows.");
    page.navigate(base + "/review");
    assertThat(page.locator(".finding[data-rule=company-hurts]")).containsText("6 minnows");
    assertThat(page.locator(".finding[data-rule=medicine-harms]")).containsText("Malachite green");
  }

  @Test
  void a_newt_goes_on_land_when_its_keeper_says_so() {
    Page page = Islet.running().owner();
    String base = enclosure(page, "Newt tank", "60", "40", "40");
    add(page, "alpine-newt", "2", "9", "Blues");
    assertThat(page.locator(".resident")).containsText("2 alpine newts (adult)");
    page.click("text=Edit");
    page.selectOption("form.correct [name$=-stage]", "on-land");
    page.locator("form.correct button").click();
    assertThat(page.locator(".resident")).containsText("2 alpine newts (on land)");
    page.navigate(base + "/review");
    assertThat(page.locator(".finding[data-rule=wrong-habitat]")).isVisible();
  }

  @Test
  void the_smallest_of_a_group_is_measured_too() {
    Page page = Islet.running().owner();
    String base = enclosure(page, "Brood tub", "60", "30", "30");
    add(page, "axolotl", "6", "4", "Brood");
    page.fill(".measure [name$=-length]", "4.5");
    page.click(".measure summary");
    page.fill(".measure [name$=-smallest]", "5");
    send(page, "Log the length of Brood");
    assertThat(page.locator(".measure [id$=-smallest-note]"))
        .hasText("The smallest of them is not longer than the length of them.");
    page.fill(".measure [name$=-smallest]", "2");
    send(page, "Log the length of Brood");
    assertThat(page.locator(".resident")).containsText("2 to 4.5 cm");
    page.navigate(base + "/review");
    assertThat(page.locator(".finding[data-rule=one-eats-another]")).containsText("2 cm");
  }

  @Test
  void a_pond_is_told_by_season_and_asks_for_no_heater() {
    Page page = Islet.running().owner();
    String base = enclosure(page, "Garden pond", "300", "200", "120");
    add(page, "slider", "1", "18", "Bramble");
    page.navigate(base + "/site");
    page.check("#outdoors");
    page.fill("#winterDay", "0");
    page.fill("#winterNight", "-6");
    send(page, "Save");
    page.navigate(base + "/climate");
    Locator figures = page.locator(".figures");
    assertThat(page.locator("main")).containsText("A pond follows the weather");
    assertThat(figures.first()).containsText("Ice in a cold winter");
    assertThat(page.locator("#mishaps")).hasCount(0);
    page.navigate(base);
    assertThat(page.locator("main")).containsText("At the bottom in winter");
    assertThat(page.locator("main")).not().containsText("Heating, coldest hour");
    assertThat(page.locator("main")).not().containsText("Top-up a day");
    // In November the water under the sky is too cold to digest in, on the animal's page as on the
    // list.
    page.navigate(base + "/plan");
    assertThat(page.locator("main")).containsText("Look at who rests");
    page.navigate(Hands.collection(base) + "/animals");
    page.locator("main a:has-text('Bramble')").first().click();
    assertThat(page.locator("main")).containsText("1 slider turtle (adult, resting)");
    page.navigate(base + "/review");
    Locator cold = page.locator(".finding[data-rule=too-cold-in-winter]");
    assertThat(cold).containsText("Bring it in before the water falls under");
    assertThat(cold).not().containsText("heater");
  }
}

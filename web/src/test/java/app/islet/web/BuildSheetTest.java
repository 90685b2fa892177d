package app.islet.web;

import static app.islet.web.base.support.Hands.press;
import static app.islet.web.base.support.Hands.send;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.web.base.support.Islet;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.Locale;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** The build sheet as its keeper and a helper use it. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class BuildSheetTest {
  private static final String SHEET = "/c/weir-mill/enclosures/7/sheet";

  @Test
  void prices_and_a_tariff_are_kept_summed_and_written_to_the_table() {
    Page page = Islet.running().owner();
    page.navigate(SHEET);
    page.fill("#price-vessel", "89,90");
    page.fill("#price-water", "0.5");
    page.fill("#tariff", "0.32");
    page.fill("#currency", "EUR");
    send(page, "Save prices");
    assertThat(page.locator("#price-vessel")).hasValue("89.90");
    Locator totals = page.locator(".totals > div");
    assertThat(totals.first()).containsText("Total now");
    assertThat(totals.first()).containsText("90.40 EUR");
    // Of the year to come only power is to be paid: its kilowatt hours times the tariff.
    Locator power = page.locator("tr", new Page.LocatorOptions().setHasText("kWh, estimate"));
    String row = power.innerText();
    double kwh = Double.parseDouble(row.replaceFirst("(?s)^\\D*(\\d+) kWh.*$", "$1"));
    double cost = Double.parseDouble(row.replaceFirst("(?s)^.*\\s([\\d.]+)\\s*$", "$1"));
    assertThat(cost).isCloseTo(kwh * 0.32, within(0.17));
    assertThat(totals.last()).containsText(String.format(Locale.ROOT, "%.2f EUR", cost));
    assertThat(page.locator("tfoot")).containsText("EUR");
    String csv = page.request().get(Islet.running().base() + SHEET + "/parts.csv").text();
    assertThat(csv.lines().findFirst().orElseThrow()).startsWith("group,thing,amount,unit");
    assertThat(csv).contains("89.90,EUR");

    page.fill("#price-lid", "owned");
    page.fill("#price-water", "10 L for 2");
    send(page, "Save prices");
    assertThat(page.locator("tr:has(#price-water)")).containsText("× 10 L: ");
    assertThat(page.locator("main")).containsText("1 owned already");
    page.fill("#price-water", "5 kg for 2");
    send(page, "Save prices");
    assertThat(page.locator("#price-water-note")).containsText("not sold by that measure");

    page.fill("#price-vessel", "a lot");
    page.fill("#price-water", "0.75");
    send(page, "Save prices");
    assertThat(page.locator("#price-vessel-note")).containsText("\"a lot\" is not a price");
    assertThat(page.locator("#price-water")).hasValue("0.75");
    page.fill("#price-vessel", "");
    send(page, "Save prices");
    page.reload();
    assertThat(page.locator("#price-vessel")).hasValue("");
    assertThat(page.locator("#price-water")).hasValue("0.75");
  }

  @Test
  void steps_are_ticked_off_and_back_and_a_helper_may() {
    Page page = Islet.running().helper();
    page.navigate("/c/weir-mill/enclosures/8/sheet");
    assertThat(page.locator("#price-vessel")).isDisabled();
    assertThat(page.locator("main")).containsText("0 of");
    press(page, "Done: Set up the stand");
    assertThat(page.locator("#stand")).containsText("Done on");
    assertThat(page.locator("main")).containsText("1 of");
    page.reload();
    press(page, "Not done yet: Set up the stand");
    assertThat(page.locator("#stand")).not().containsText("Done on");
  }
}

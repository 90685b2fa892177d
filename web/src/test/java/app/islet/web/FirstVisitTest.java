package app.islet.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.web.base.support.Hands;
import app.islet.web.base.support.Islet;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.RequestOptions;
import java.util.regex.Pattern;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** The first visit to an empty Islet, and residents as a keeper enters them. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class FirstVisitTest {
  @Test
  void the_first_visit_makes_the_owner_and_leads_to_the_first_animal() {
    try (Islet.Empty empty = Islet.running().empty()) {
      Page page = empty.page();
      assertThat(
              page.request()
                  .get("/setup", RequestOptions.create().setHeader("X-Forwarded-Proto", "https"))
                  .headers())
          .as("what a request says of its way is believed only where a proxy was told of")
          .doesNotContainKey("strict-transport-security");
      page.navigate("/");
      assertThat(page.locator("h1")).hasText("Begin");
      page.fill("#collection", "Reed & Rush");
      page.fill("#name", "Wren");
      page.fill("#login", "W!");
      page.fill("#password", "short");
      page.fill("#zone", "Mars/Olympus");
      page.selectOption("#units", "US");
      page.click("main button");
      assertThat(page.locator("#login-note")).containsText("3 to 60 small letters");
      assertThat(page.locator("#password-note")).containsText("10 to 72 characters");
      assertThat(page.locator("#zone-note"))
          .hasText("\"Mars/Olympus\" is not a time zone such as Europe/Vienna.");
      assertThat(page.locator("#collection")).hasValue("Reed & Rush");
      page.fill("#login", "wren");
      page.fill("#password", "three small frogs");
      page.fill("#zone", "Europe/Vienna");
      page.click("main button");
      assertThat(page.locator(".flash")).containsText("Your collection is ready");
      page.fill("#username", "Wren");
      page.fill("#password", "three small frogs");
      page.click("main button");
      page.waitForURL("**/c/reed-rush");
      assertThat(page.locator("main")).containsText("Nothing here yet");
      page.navigate("/c/reed-rush/rooms/new");
      assertThat(page.locator("#winterNight")).hasValue("62.6");
      page.fill("#roomName", "Porch");
      page.click("main form button");
      page.fill("#name", "First");
      page.fill("#length", "24");
      page.fill("#width", "12");
      page.fill("#height", "16");
      page.click("main form button");
      page.click("main form >> text=Add >> nth=-1");
      assertThat(page.locator("#species-note")).hasText("Please choose a species.");
      page.selectOption("#species", "dwarf-frog");
      assertThat(page.locator("#stage option[value^=axolotl]")).hasCount(0);
      page.fill("#count", "2");
      Hands.more(page);
      page.fill("#males", "2");
      page.fill("#females", "1");
      page.locator("form[action$='/residents'] > button").click();
      assertThat(page.locator("#males-note"))
          .hasText("2 males and 1 female are more than the 2 animals there are.");
      page.selectOption("#stage", "dwarf-frog/froglet");
      page.fill("#males", "1");
      page.locator("form[action$='/residents'] > button").click();
      assertThat(page.locator(".resident"))
          .containsText("2 African dwarf frogs (froglet), 1 male, 1 female");
      page.click("summary:has-text('Edit')");
      page.fill(".correct input[name$=-count]", "0");
      page.fill(".correct input[name$=-name]", "Renamed");
      page.click(".correct button");
      assertThat(page.locator(".correct .note.error"))
          .containsText("\"0\" should be a whole number from 1 to 1000.");
      assertThat(page.locator(".correct input[name$=-name]")).hasValue("Renamed");
      page.fill(".correct input[name$=-count]", "3");
      page.click(".correct button");
      assertThat(page.locator(".resident")).containsText("3 African dwarf frogs (froglet)");
      page.click("text=Moved, sold, died");
      page.selectOption("#to", "way-DIED");
      page.fill("#moved", "1");
      page.fill("#cause", "dried");
      page.click("text=Enter it");
      assertThat(page.locator(".flash")).containsText("1 died (dried), from");
      assertThat(page.locator("main")).containsText("3 in all: 2 alive, 1 died, 0 left");
      page.fill("#moved", "3");
      page.selectOption("#to", "way-SOLD");
      page.click("text=Enter it");
      assertThat(page.locator("#moved-note")).hasText("There are 2 here; 3 cannot go.");
      page.fill("#moved", "");
      page.click("text=Enter it");
      assertThat(page.locator("main")).containsText("None of them is here any more.");
      page.click("text=Undo");
      assertThat(page.locator("main")).containsText("2 African dwarf frogs (froglet)");
    }
  }

  @Test
  void two_kinds_in_one_enclosure_are_held_against_each_other() {
    Page page = Islet.running().owner();
    page.navigate("/c/weir-mill/enclosures/new");
    page.fill("#name", "Mixed tank");
    page.fill("#length", "150");
    page.fill("#width", "60");
    page.fill("#height", "60");
    page.click("main form button");
    for (String[] animal : new String[][] {{"axolotl", "22", "Ax"}, {"dwarf-frog", "3", "Hum"}}) {
      page.selectOption("#species", animal[0]);
      page.fill("#length", animal[1]);
      page.fill("#name", animal[2]);
      page.locator("form[action$='/residents'] > button").click();
      assertThat(page.locator(".resident").last()).containsText(animal[2]);
    }
    assertThat(page.locator(".matrix tbody tr").first().locator("td").last())
        .containsText("Danger");
    assertThat(page.locator(".matrix"))
        .containsText("Water temperature: 8 to 20 °C against 21 to 29 °C, nothing serves both.");
    assertThat(page.locator(".figures.panel")).containsText("none left");
    page.click("text=Review");
    assertThat(page.locator(".finding[data-rule=no-common-climate]")).isVisible();
  }

  @Test
  void another_school_judges_otherwise_and_says_so() {
    Page page = Islet.running().owner();
    page.navigate("/c/weir-mill/enclosures/1/build");
    page.selectOption("#material", "SAND");
    page.fill("#groundDepth", "2");
    assertThat(page.locator(".finding[data-rule=harmful-ground] .source"))
        .containsText(
            "School: Steady cold on a bare floor. Source: common practice, no source Not so by the school: Fine sand for adults.");
    page.click("text=Save design");
    page.navigate("/c/weir-mill/enclosures/1/residents");
    page.click("summary:has-text('Edit')");
    page.selectOption(".correct [name$=-school]", "Fine sand for adults");
    page.click(".correct button");
    assertThat(page.locator(".resident")).containsText("Kept by: Fine sand for adults.");
    page.navigate("/c/weir-mill/enclosures/1/review");
    assertThat(page.locator(".finding[data-rule=harmful-ground]")).hasCount(0);
    page.navigate("/c/weir-mill/enclosures/1/build");
    page.selectOption("#material", "BARE");
    page.fill("#groundDepth", "0");
    page.click("text=Save design");
  }

  @Test
  void the_review_says_what_fails_first_as_they_grow() {
    Page page = Islet.running().owner();
    page.navigate("/c/weir-mill/enclosures/5/review");
    assertThat(page.locator("main")).containsText("In the next three years");
    assertThat(page.locator("#later li").first())
        .containsText(Pattern.compile("[A-Z][a-z]+ 20\\d\\d (Danger|Wrong|Watch) "));
  }

  @Test
  void a_keeper_of_two_collections_goes_between_them() {
    Page page = Islet.running().owner();
    page.navigate("/c/weir-mill/collection");
    page.fill("form[action$='/another'] input[name=another]", "Ferry House");
    page.click("form[action$='/another'] button");
    page.waitForURL("**/c/ferry-house");
    assertThat(page.locator("main")).containsText("Nothing here yet");
    page.navigate("/c/ferry-house/collection");
    page.fill("#name", "the club");
    page.locator("form[action$='/invitations'] > button").click();
    String link = page.locator(".wide-link").inputValue();
    Page club = Islet.running().helper();
    club.navigate(link);
    club.click("text=Accept as School club");
    club.waitForURL("**/c/ferry-house");
    club.navigate("/c/weir-mill/collection");
    club.click("text=Ferry House");
    assertThat(club.locator(".chip.place")).hasText("Ferry House");
    page.navigate("/c/ferry-house/collection");
    page.selectOption("select[id^=role-]", "REMOVE");
    page.click("button:text-is('Change')");
    assertThat(club.navigate("/c/ferry-house").status()).isEqualTo(404);
  }
}

package app.islet.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.islet.web.base.support.Hands;
import app.islet.web.base.support.Islet;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** What is in stock, what to buy, what is hatched and grown. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class KitchenTest {
  private final Page page = Islet.running().owner();
  private String collection;

  @BeforeEach
  void larvae_that_eat_nauplii() {
    String base = Hands.enclosure(page, "Larval tub", "40", "30", "20");
    page.selectOption("#species", "dwarf-frog");
    Hands.more(page);
    page.selectOption("#stage", "dwarf-frog/tadpole");
    page.fill("#count", "10");
    page.fill("#name", "Hummers");
    page.locator("form[action$='/residents'] > button").click();
    collection = Hands.collection(base);
    page.navigate(collection + "/kitchen");
  }

  private Locator food(String name) {
    return page.locator(
        ".food-line", new Page.LocatorOptions().setHas(page.locator("b:text-is('" + name + "')")));
  }

  @Test
  void nauplii_are_hatched_for_their_day_and_not_bought() {
    assertThat(page.locator(".kitchen-list")).containsText("0.1 g of eggs in 0.5 L of water");
    assertThat(page.locator(".kitchen-list")).containsText("20:00 and");
    assertThat(food("Baby brine shrimp")).containsText("Hatched for the day it is fed.");
    assertThat(page.locator("main")).containsText("Nothing: the stock lasts two weeks.");
  }

  @Test
  void a_culture_is_seen_to_once_a_day_and_that_can_be_undone() {
    page.selectOption("#kind", "daphnia");
    page.getByText("Start", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(page.locator(".flash")).hasText("Daphnia started.");
    Locator daphnia = page.locator(".members li");
    assertThat(daphnia).containsText("next on");
    daphnia.locator("form[action$=seen] button").click();
    assertThat(daphnia.locator("form[action$=undo] button")).isVisible();
    daphnia.locator("form[action$=undo] button").click();
    assertThat(daphnia.locator("form[action$=seen] button")).isVisible();
    daphnia.locator("form[action$=end] button").click();
    assertThat(page.locator(".members li")).hasCount(0);
  }

  @Test
  void stock_is_added_counted_anew_and_refused_beside_its_field() {
    String base = Hands.enclosure(page, collection.substring(3), "Worm tank", "80", "40", "40");
    page.selectOption("#species", "axolotl");
    page.fill("#length", "22");
    page.fill("#name", "Ash");
    page.locator("form[action$='/residents'] > button").click();
    page.navigate(Hands.collection(base) + "/kitchen");
    assertThat(food("Earthworm")).containsText("None in stock; needed on");
    page.selectOption("#food", "pieces:Earthworm");
    page.fill("#amount", "many");
    page.fill("#goodUntil", "2020-01-01");
    page.locator("form[action$='/stock'] button").click();
    assertThat(page.locator("#amount-note")).containsText("\"many\" is not a number.");
    assertThat(page.locator("#goodUntil-note")).containsText("A day from today on");
    page.fill("#amount", "500");
    page.fill("#goodUntil", "");
    page.locator("form[action$='/stock'] button").click();
    assertThat(page.locator(".flash")).hasText("Earthworm added to the stock.");
    assertThat(food("Earthworm")).containsText("Lasts two weeks and longer.");
    food("Earthworm").locator("input[name=left]").fill("0");
    food("Earthworm").locator("form button").click();
    assertThat(food("Earthworm")).containsText("None in stock; needed on");
  }
}

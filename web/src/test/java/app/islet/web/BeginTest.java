package app.islet.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.web.base.support.Islet;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.SelectOption;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** From nothing to a good design: the animal first, then three proposals. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class BeginTest {
  private static final int MAX_CLICKS = 12;
  private static final int MAX_TYPED = 6;

  /** A keeper whose clicks and typed fields are counted. */
  private static final class Counted {
    private final Page page;
    private int clicks;
    private int typed;

    private Counted(Page page) {
      this.page = page;
    }

    private void click(Locator what) {
      what.click();
      clicks++;
    }

    private void type(String field, String text) {
      page.fill(field, text);
      typed++;
    }

    /** Opening a list and taking one of it are two. */
    private void choose(String field, String value) {
      page.selectOption(field, value);
      clicks += 2;
    }
  }

  private static Page inAnEmptyCollection(String name, int width) {
    Page page = Islet.running().owner(width, 844);
    page.navigate("/c/weir-mill/collection");
    page.fill("#another", name);
    page.locator("form:has(#another) button").click();
    page.waitForURL("**/c/" + name.toLowerCase().replace(' ', '-'));
    return page;
  }

  @ParameterizedTest(name = "{0} {1}, {4} px wide")
  @CsvSource({
    "slider, hatchling, 1, GROWN, 1280",
    "axolotl, adult, 2, GROWN, 1280",
    "vampire-crab, adult, 6, GROWN, 390",
    "dwarf-frog, adult, 6, GROWN, 1280",
    "eastern-newt, eft, 4, GROWN, 390",
    "common-musk, hatchling, 1, NOW, 390",
  })
  void a_passing_design_takes_a_few_clicks(
      String species, String stage, String count, String aim, int width) {
    Page page = inAnEmptyCollection("Begin " + species, width);
    Counted keeper = new Counted(page);
    keeper.click(page.locator("text=Choose the animal"));
    keeper.type("#find", species.split("-")[0]);
    keeper.click(page.locator("a[href$='/new/" + species + "']"));
    keeper.choose("#stage", stage);
    keeper.type("#count", count);
    keeper.type("#warmest", "22");
    keeper.click(page.locator("button:text-is('Propose')"));
    assertThat(page.locator(".proposals .picture svg").first()).isVisible();
    keeper.click(page.locator("form:has(input[value=" + aim + "]) button"));
    page.waitForURL("**/build");
    assertThat(page.locator(".flash")).containsText("Made from the proposal.");
    assertThat(keeper.clicks).isLessThanOrEqualTo(MAX_CLICKS);
    assertThat(keeper.typed).isLessThanOrEqualTo(MAX_TYPED);
    page.navigate(page.url().replace("/build", "/review"));
    assertThat(page.locator(".finding.danger, .finding.wrong")).hasCount(0);
    assertThat(page.locator(".finding").first()).isVisible();
  }

  @Test
  void the_first_question_is_who_and_says_what_it_takes() {
    Page page = Islet.running().owner();
    page.navigate("/c/weir-mill/new");
    assertThat(page.locator("h1")).hasText("Who is to live there?");
    Locator axolotl = page.locator(".species > li:has(a[href$='/new/axolotl'])");
    assertThat(axolotl).containsText("Ambystoma mexicanum");
    assertThat(axolotl).containsText("years");
    assertThat(axolotl).containsText("Water 15 to 18 °C");
    page.fill("#find", "trachemys");
    assertThat(page.locator(".species > li:visible")).hasCount(1);
  }

  @Test
  void four_at_most_stand_side_by_side() {
    Page page = Islet.running().owner();
    page.navigate("/c/weir-mill/new");
    for (String id : new String[] {"axolotl", "slider", "vampire-crab", "dwarf-frog", "painted"}) {
      page.locator("input[name=species][value=" + id + "]").check();
    }
    page.click("text=Compare the ticked ones");
    assertThat(page.locator("table.compare thead th")).hasCount(4);
    assertThat(page.locator("table.compare")).containsText("Over its life");
  }

  @Test
  void a_hot_room_without_a_chiller_says_choose_another_and_which() {
    Page page = Islet.running().owner();
    page.navigate("/c/weir-mill/new/axolotl?asked=1&room=&warmest=28&coldest=20");
    assertThat(page.locator(".suits .flash")).containsText("Choose another animal.");
    assertThat(page.locator(".suits .flash")).containsText("These fit this room:");
    assertThat(page.locator(".suits dd").nth(3)).hasText("not known");
    assertThat(page.locator(".proposals .picture")).hasCount(0);
    assertThat(page.locator("main")).containsText("No enclosure passes for them in this room.");
    page.check("#chiller");
    page.click("button:text-is('Propose')");
    assertThat(page.locator(".suits .flash")).hasCount(0);
    assertThat(page.locator(".suits")).containsText("chiller");
    assertThat(page.locator(".proposals .picture").first()).isVisible();
  }

  @Test
  void a_tank_one_has_tells_how_many_and_until_when() {
    Page page = Islet.running().owner();
    page.navigate("/c/weir-mill/new/vampire-crab?asked=1&stage=adult&count=12&room=2");
    page.selectOption("#have", "40 cm");
    page.click("text=Try it");
    Locator have = page.locator(".proposals li:has-text('In the tank you have')");
    assertThat(have).containsText("vampire crabs (adult)");
    assertThat(have).not().containsText("12 vampire crabs");
    page.navigate("/c/weir-mill/new/slider?asked=1&stage=adult&room=2&have=40+cm");
    assertThat(page.locator("main")).containsText("too small for even one");
  }

  @Test
  void what_is_mistyped_is_said_beside_its_field() {
    Page page = Islet.running().owner();
    page.navigate("/c/weir-mill/new/slider?asked=1&room=&count=none&warmest=18&coldest=25");
    assertThat(page.locator("#count-note")).containsText("should be a whole number");
    assertThat(page.locator("#count")).hasValue("none");
    assertThat(page.locator("#coldest-note")).containsText("cannot be warmer");
    assertThat(page.locator(".proposals .picture")).hasCount(0);
  }

  @Test
  void a_quick_check_says_what_is_wrong_and_good_and_keeps_the_tank() {
    Page page = inAnEmptyCollection("Quick look", 1280);
    page.navigate(page.url() + "/new/check");
    page.click("main form button");
    assertThat(page.locator("#species-note")).hasText("Please choose who lives there.");
    page.selectOption("#species", "axolotl");
    page.selectOption("#tank", "own");
    page.fill("#ownLength", "100");
    page.fill("#ownWidth", "fifty");
    page.fill("#ownHeight", "45");
    page.click("main form button");
    assertThat(page.locator("#ownWidth-note")).containsText("\"fifty\" is not a number.");
    assertThat(page.locator("#ownLength")).hasValue("100");
    page.fill("#ownWidth", "50");
    page.selectOption("#ground", "GRAVEL");
    page.fill("#hides", "2");
    page.click("main form button");
    assertThat(page.locator("#answer")).containsText("No. Gravel under 1 axolotl (adult).");
    assertThat(page.locator("#answer ol li").first()).isVisible();
    assertThat(page.locator("#answer")).isFocused();
    assertThat(page.locator(".wrongs")).containsText("Gravel under 1 axolotl (adult).");
    page.fill("#depth", "50");
    page.click("main form button");
    assertThat(page.locator("#depth-note")).hasText("The tank is only 45 cm high.");
    page.fill("#depth", "12 in");
    page.fill("#filter", "300");
    page.fill("#filterWeeks", "10");
    page.click("main form button");
    assertThat(page.locator(".verdict svg")).containsText("152 L of water");
    assertThat(page.locator(".good")).containsText("Hides enough.");
    assertThat(page.locator(".good").last()).not().containsText("substrate");
    page.click("text=Keep it as an enclosure");
    page.waitForURL("**/build");
    assertThat(page.locator("#width")).hasValue("50");
    assertThat(page.locator("#material")).hasValue("GRAVEL");
  }

  @Test
  void remedies_are_tried_on_the_spot_and_kept_as_tried() {
    Page page = inAnEmptyCollection("Quick tries", 1280);
    page.navigate(
        page.url()
            + "/new/check?asked=1&species=axolotl&count=1&tank=own&ownLength=100&ownWidth=50"
            + "&ownHeight=45&full=80&ground=GRAVEL&out=NONE&lid=NONE");
    Locator filter =
        page.locator(".wrongs > li")
            .filter(new Locator.FilterOptions().setHasText("No filter for"));
    filter.locator("button").click();
    assertThat(page.locator("#answer")).isFocused();
    assertThat(filter).hasCount(0);
    assertThat(page.locator(".tried > li")).hasCount(1);
    page.click("text=Try all that can be set");
    assertThat(page.locator(".tried > li").nth(1)).isVisible();
    page.click("text=As it is today");
    assertThat(page.locator(".tried")).hasCount(0);
    assertThat(filter).hasCount(1);
    filter.locator("button").click();
    page.click("text=Keep it as an enclosure");
    page.waitForURL("**/build");
    assertThat(page.locator("#filter")).not().hasValue("");
  }

  /** On a phone the answer is far below the button: the page goes there. */
  @Test
  void on_a_phone_the_page_stands_at_the_answer() {
    Page page = inAnEmptyCollection("Phone look", 390);
    page.setViewportSize(390, 844);
    page.navigate(page.url() + "/new/check");
    page.selectOption("#species", "axolotl");
    page.click("main form button");
    assertThat(page.locator("#answer")).isInViewport();
    assertThat(page.locator("#answer")).isFocused();
  }

  @Test
  void the_enclosures_there_are_are_ranked_for_a_newcomer() {
    Page page = Islet.running().owner();
    page.navigate("/c/weir-mill/new/axolotl?asked=1&stage=adult&count=1&room=1");
    page.click("text=Where could they go?");
    String clean = "Nothing would be wrong that is not already.";
    assertThat(page.locator(".places > li").first()).containsText(clean);
    assertThat(
            page.locator(".places > li")
                .filter(new Locator.FilterOptions().setHasText("Slate tank")))
        .containsText(clean);
    assertThat(page.locator(".places > li").last()).containsText("Danger");
    assertThat(page.locator("main")).containsText("For 1 axolotl (adult)");
  }

  @Test
  void a_shelf_beside_a_pond_has_its_own_scale_and_says_so() {
    Page page = inAnEmptyCollection("Pond and shelf", 1280);
    String base = page.url();
    String[][] all = {{"Garden", "900", "300"}, {"Shelf", "40", "25"}};
    for (String[] each : all) {
      page.navigate(base + "/rooms/new");
      page.fill("#roomName", each[0]);
      page.click("main form button.solid");
      page.fill("#name", each[0] + " box");
      page.selectOption("#room", new SelectOption().setLabel(each[0]));
      page.fill("#length", each[1]);
      page.fill("#width", each[2]);
      page.fill("#height", "30");
      page.click("main form button");
      page.waitForURL("**/residents");
    }
    page.navigate(base);
    assertThat(page.locator(".room").first()).not().containsText("times as large");
    assertThat(page.locator(".room").last())
        .containsText("drawn 2.3 times as large as the other rooms");
  }
}

package app.islet.web;

import static app.islet.web.base.support.Hands.send;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.enclosure.Water;
import app.islet.web.base.support.Hands;
import app.islet.web.base.support.Islet;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.SelectOption;
import java.util.OptionalDouble;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** The Climate and Light steps as a keeper goes through them. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class ClimateAndLightTest {
  private static final Islet ISLET = Islet.running();

  /** A tank of axolotls in a room of 24 °C in summer. */
  private static String warmTank(String name) {
    String enclosure = Hands.made(name, "100", "40", "40");
    Hands.settle(enclosure, "axolotl", "Two of " + name, 2, 22);
    Hands.design(enclosure, tank -> tank.with(new Water(32, OptionalDouble.empty())));
    return enclosure;
  }

  @Test
  void the_ladder_ends_in_a_choice_that_is_built_in() {
    Page page = ISLET.owner();
    String enclosure = warmTank("Ladder tank");
    page.navigate(enclosure + "/climate");
    assertThat(page.locator("#cooling")).containsText("The least that is enough");
    Locator chiller =
        page.locator("#cooling tr").filter(new Locator.FilterOptions().setHasText("A chiller"));
    assertThat(chiller).containsText("enough");
    chiller.locator("button").click();
    assertThat(page.locator(".flash")).containsText("Added: A chiller");
    page.navigate(enclosure + "/build");
    String watts = page.inputValue("#chiller");
    assertThat(Integer.parseInt(watts)).isBetween(20, 400);
    page.navigate(enclosure + "/climate");
    assertThat(page.locator("#cooling")).containsText("Cooled enough");
    assertThat(page.locator("#cooling")).containsText("18 °C is ideal still");
    assertThat(page.locator("#mishaps")).containsText("The chiller stops");
  }

  @Test
  void the_curve_is_read_by_keys_and_by_the_pointer() {
    Page page = ISLET.owner();
    page.navigate("/c/weir-mill/enclosures/7/climate?span=year");
    Locator words = page.locator(".curve figcaption");
    assertThat(words).containsText("1 January: water");
    page.locator(".curve input").focus();
    page.keyboard().press("ArrowRight");
    assertThat(words).containsText("2 January");
    page.keyboard().press("End");
    assertThat(words).containsText("31 December");
    page.locator(".curve svg").hover();
    assertThat(words).not().containsText("31 December");
    assertThat(page.locator(".steps.spans a[aria-current=step]")).containsText("The year");
  }

  @Test
  void a_log_is_fitted_and_kept_and_can_be_taken_back() {
    Page page = ISLET.owner();
    String enclosure = warmTank("Log tank");
    page.navigate(enclosure + "/climate");
    page.fill("#log-text", "time, water, room\n0, 30, 20\n2, twenty, 20\n4, 27, 20");
    send(page, "Fit to my readings");
    assertThat(page.locator("#log [role=alert]"))
        .containsText("line 3: \"twenty\" is not a temperature");
    assertThat(page.locator("#log-text"))
        .hasValue("time, water, room\n0, 30, 20\n2, twenty, 20\n4, 27, 20");
    page.fill(
        "#log-text",
        """
                2026-03-01 08:00, 30.0, 20.0
                2026-03-01 12:00, 27.5, 20.0
                2026-03-01 16:00, 25.6, 20.0
                2026-03-01 20:00, 24.1, 20.0
                2026-03-02 08:00, 21.4, 20.0
                """);
    send(page, "Fit to my readings");
    assertThat(page.locator(".fit")).containsText("Before, the estimate was off by");
    send(page, "Use this from now on");
    assertThat(page.locator("#log")).containsText("of the estimate, by your log");
    page.navigate(enclosure + "/build");
    send(page, "Save design");
    page.navigate(enclosure + "/climate");
    assertThat(page.locator("#log")).containsText("of the estimate, by your log");
    send(page, "Back to the estimate");
    assertThat(page.locator("#log")).not().containsText("by your log");
  }

  @Test
  void the_day_follows_the_sun_once_the_room_has_a_place_on_earth() {
    Page page = ISLET.owner();
    String enclosure = warmTank("Season tank");
    page.navigate(enclosure + "/light");
    page.check("#seasonal");
    send(page, "Save");
    assertThat(page.locator("#seasonal-note")).containsText("has a list of places");
    page.navigate(enclosure + "/site");
    page.selectOption("#place", new SelectOption().setLabel("Brussels, Europe"));
    send(page, "Save");
    page.navigate(enclosure + "/light");
    page.check("#seasonal");
    page.fill("#onHour", "7");
    send(page, "Save");
    assertThat(page.locator(".flash")).hasText("Saved.");
    assertThat(page.locator("table")).containsText("as the sun has it there today");
    assertThat(page.locator("table")).containsText("07:00");
    page.locator(".curve input").focus();
    page.keyboard().press("Home");
    assertThat(page.locator(".curve figcaption")).containsText("1 January: light 8");
  }

  @Test
  void uvb_is_told_for_who_needs_it_and_drawn_on_the_bench() {
    Page page = ISLET.owner();
    page.navigate("/c/weir-mill/enclosures/4/light");
    assertThat(page.locator(".uv-row")).containsText("zone 3 of Baines et al. 2016");
    assertThat(page.locator(".uv-row")).containsText("by the school followed");
    assertThat(page.locator(".u-1").first()).isAttached();
    page.navigate("/c/weir-mill/enclosures/4/build");
    assertThat(page.locator("#answer .u-1")).hasCount(0);
    page.check("[name=lamps]");
    assertThat(page.locator("#answer .u-1").first()).isAttached();
    assertThat(page.locator("#answer .o-temperature text").first()).isAttached();
    page.navigate("/c/weir-mill/enclosures/1/light");
    assertThat(page.locator("main")).containsText("No resident is known to need UVB");
  }

  @Test
  void a_helper_sees_the_climate_and_changes_nothing() {
    Page page = ISLET.helper();
    page.navigate("/c/weir-mill/enclosures/7/climate");
    assertThat(page.locator("#mishaps")).containsText("What to do first");
    assertThat(page.locator("#cooling button")).hasCount(0);
    assertThat(page.locator("#log textarea")).hasCount(0);
  }

  @Test
  void a_year_of_ones_own_is_kept_and_half_of_one_refused() {
    Page page = ISLET.owner();
    String enclosure = warmTank("Year tank");
    page.navigate(enclosure + "/light");
    page.fill("#winterHours", "8");
    send(page, "Save");
    assertThat(page.locator("#summerHours-note")).containsText("has both");
    assertThat(page.locator("#winterHours")).hasValue("8");
    page.fill("#summerHours", "14");
    send(page, "Save");
    assertThat(page.locator(".flash")).containsText("Saved.");
    assertThat(page.locator("table")).containsText("on its way through your year");
    Locator words = page.locator(".curve figcaption");
    assertThat(words).containsText("1 January: light 8.");
  }

  @Test
  void newts_are_led_into_their_winter_rest_and_plants_told_their_light() {
    Page page = ISLET.owner();
    String enclosure = Hands.enclosure(page, "Newt tank", "60", "40", "30");
    page.selectOption("#species", new SelectOption().setValue("alpine-newt"));
    page.fill("#name", "Alpine pair");
    page.fill("#count", "2");
    page.fill("#length", "9");
    send(page, "Add");
    page.navigate(enclosure + "/light");
    assertThat(page.locator(".rest")).containsText("the last meal");
    assertThat(page.locator(".rest")).containsText("at rest, about 7 °C and 8 h of light");
    assertThat(page.locator("#plants")).hasCount(0);
    page.navigate("/c/weir-mill/enclosures/1/light");
    assertThat(page.locator("#plants")).containsText("Hornwort: needs about 30");
    assertThat(page.locator("#plants"))
        .containsText("flees the light, and that goes before the plants");
    assertThat(page.locator("table")).containsText("Moonlight");
  }

  @Test
  void a_dead_filter_is_played_through_with_breath_and_poison() {
    Page page = ISLET.owner();
    page.navigate("/c/weir-mill/enclosures/1/climate");
    Locator dead =
        page.locator(".mishap").filter(new Locator.FilterOptions().setHasText("The filter stops"));
    dead.locator("summary").click();
    assertThat(dead).containsText("gets too little oxygen: 6 mg/L");
    assertThat(dead.locator("ol li")).hasCount(3);
  }

  @Test
  void an_animal_from_warm_water_is_led_down_in_days() {
    Page page = ISLET.owner();
    String enclosure = warmTank("Led tank");
    page.navigate(enclosure + "/water");
    page.fill("#temperature", "24");
    send(page, "Log test");
    page.navigate(enclosure + "/climate");
    assertThat(page.locator("#ways")).containsText("from 24 °C to 18 °C: 6 days, 1 °C cooler each");
  }
}

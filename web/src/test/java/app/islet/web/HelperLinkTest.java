package app.islet.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.web.base.support.Hands;
import app.islet.web.base.support.Islet;
import app.islet.web.base.support.TestClock;
import com.microsoft.playwright.Page;
import java.util.List;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

/** A neighbour who helps for a time, with nothing but a link and a sheet of paper. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class HelperLinkTest {
  private final Islet islet = Islet.running();
  private final Page keeper = islet.owner();

  private String tank() {
    String base = Hands.enclosure(keeper, "Neighbour tank", "80", "40", "40");
    keeper.selectOption("#species", "axolotl");
    keeper.fill("#length", "22");
    keeper.fill("#name", "Ash");
    keeper.locator("form[action$='/residents'] > button").click();
    return base;
  }

  private String link(String collection, String name) {
    keeper.navigate(collection + "/helpers");
    keeper.fill("#helper", name);
    keeper.getByText("Make a link").click();
    assertThat(keeper.locator(".flash")).containsText("Link for " + name + " made");
    return keeper.locator(".members input[readonly]").inputValue();
  }

  @Test
  void the_link_opens_the_rounds_alone_until_its_day() {
    String base = tank();
    String collection = Hands.collection(base);
    String link = link(collection, "Kim next door");
    Page neighbour = islet.stranger();
    neighbour.navigate(link);
    assertThat(neighbour.locator("h1")).hasText("Hello, Kim next door");
    neighbour.getByText("Start").click();
    assertThat(neighbour.locator("h1")).hasText("Rounds");
    neighbour.locator("[data-task=spot-clean] [data-done]").click();
    assertThat(neighbour.locator("[data-task=spot-clean] .tick.done")).containsText("done");
    assertThat(neighbour.locator("header.top nav a")).hasText(new String[] {"Rounds"});
    keeper.navigate(collection + "/rounds");
    assertThat(keeper.locator("[data-task=spot-clean] .tick.done"))
        .containsText("by Kim next door");

    for (String path :
        List.of("", "/animals", "/collection", "/helpers", "/calendar", "/rounds/order", "/jump")) {
      assertThat(neighbour.request().get(islet.base() + collection + path).status())
          .as(path)
          .isEqualTo(403);
    }
    for (String step : List.of("/build", "/residents", "/water", "/document.json")) {
      assertThat(neighbour.request().get(islet.base() + base + step).status())
          .as(step)
          .isEqualTo(403);
    }
    assertThat(neighbour.request().get(islet.base() + "/c/weir-mill/rounds").status())
        .isEqualTo(404);
    neighbour.navigate("/");
    assertThat(neighbour.locator("h1")).hasText("Rounds");

    islet
        .bean(JdbcTemplate.class)
        .update(
            "update membership set last_day = ? where token is not null and last_day > ?",
            TestClock.today().minusDays(1),
            TestClock.today());
    assertThat(neighbour.request().get(islet.base() + collection + "/rounds").status())
        .isEqualTo(404);
    neighbour.navigate(link);
    assertThat(neighbour.locator(".flash.refused")).containsText("This link ended on");
  }

  @Test
  void a_link_can_be_ended_at_once_and_its_day_lies_ahead() {
    String collection = Hands.collection(tank());
    String link = link(collection, "Volunteer");
    keeper.locator(".members form button").click();
    assertThat(keeper.locator(".flash")).hasText("The link has ended.");
    assertThat(keeper.locator(".members li")).hasCount(0);
    Page volunteer = islet.stranger();
    volunteer.navigate(link);
    assertThat(volunteer.locator(".flash.refused")).containsText("This link ended on");
    assertThat(volunteer.request().get(islet.base() + "/help/nobody-has-this-address").status())
        .isEqualTo(404);
    keeper.fill("#helper", "Too late");
    keeper.fill("#lastDay", "2020-01-01");
    keeper.getByText("Make a link").click();
    assertThat(keeper.locator("#lastDay-note")).containsText("A day from today to");
    assertThat(keeper.locator("#helper")).hasValue("Too late");
  }

  @Test
  void the_sheet_says_what_how_much_what_looks_wrong_whom_to_call_and_what_never() {
    String collection = Hands.collection(tank());
    keeper.navigate(collection + "/helpers");
    keeper.fill("#contact", "Home: extension 7");
    keeper.locator("form[action$='/contact'] button").click();
    keeper.navigate(collection + "/rounds/helper-sheet?days=14");
    assertThat(keeper.locator(".helper-sheet"))
        .containsText("Spot clean: droppings, leftovers, shed skin.");
    assertThat(keeper.locator(".helper-sheet"))
        .containsText("Red or sore skin, gills that curl forward or shrink.");
    assertThat(keeper.locator(".whom")).containsText("Home: extension 7");
    assertThat(keeper.locator(".helper-sheet")).containsText("mammal meat");
  }
}

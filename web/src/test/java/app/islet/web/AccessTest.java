package app.islet.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.web.base.support.Islet;
import app.islet.web.people.account.People;
import app.islet.web.people.account.Person;
import app.islet.web.people.collection.NewCollections;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FormData;
import com.microsoft.playwright.options.RequestOptions;
import java.time.ZoneId;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Who may see and do what. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class AccessTest {
  private static final Islet ISLET = Islet.running();

  @BeforeAll
  static void make_a_second_collection() {
    People people = ISLET.bean(People.class);
    if (people.find("other").isEmpty()) {
      Person other = people.register("other", "Somebody Else", "another pond");
      ISLET.bean(NewCollections.class).create("Other Pond", ZoneId.of("UTC"), other);
    }
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "/c/weir-mill",
        "/c/weir-mill/rounds",
        "/c/weir-mill/enclosures/1/build",
        "/c/weir-mill/enclosures/1/document.json",
        "/api/c/weir-mill/enclosures/1",
        "/api/c/weir-mill/enclosures/1/assessment",
        "/c/weir-mill/collection",
        "/c/weir-mill/jump",
        "/c/other-pond/enclosures/1/build",
        "/c/other-pond/enclosures/1/residents",
        "/c/weir-mill/enclosures/4/water",
        "/c/other-pond/enclosures/4/water",
        "/c/other-pond/enclosures/4/water/log.csv",
        "/api/c/other-pond/enclosures/1",
        "/c/no-such"
      })
  void another_collections_pages_and_answers_are_not_there(String path) {
    Page page = ISLET.signedIn("other", "another pond");
    assertThat(page.request().get(ISLET.base() + path).status()).isEqualTo(404);
  }

  @Test
  void writing_into_another_collection_is_not_possible_either() {
    Page page = ISLET.signedIn("other", "another pond");
    page.navigate("/c/other-pond/collection");
    String csrf = page.locator("input[name=_csrf]").first().inputValue();
    for (String path :
        new String[] {
          "/c/weir-mill/enclosures/1/build",
          "/c/other-pond/enclosures/1/build",
          "/c/other-pond/animals/1/move",
          "/c/other-pond/animals/1/undo",
          "/c/other-pond/enclosures/1/move",
          "/c/other-pond/enclosures/4/water/strike?line=t1",
          "/c/other-pond/enclosures/4/water/test?nitrate=4&clientId=7b0c9c1e-5a3f-4d0e-9a55-0d6f3c0f1a11"
        }) {
      APIResponse answer =
          page.request()
              .post(
                  ISLET.base() + path,
                  RequestOptions.create()
                      .setForm(FormData.create().set("_csrf", csrf).set("room", "1")));
      assertThat(answer.status()).as(path).isEqualTo(404);
    }
  }

  @Test
  void a_write_without_the_forms_token_is_refused() {
    Page page = ISLET.owner();
    assertThat(
            page.request()
                .post(
                    ISLET.base() + "/c/weir-mill/rounds/undo",
                    RequestOptions.create().setForm(FormData.create().set("day", "2026-01-01")))
                .status())
        .isEqualTo(403);
  }

  @Test
  void a_stranger_meets_the_door_only() {
    Page page = ISLET.stranger();
    page.navigate("/c/weir-mill/rounds");
    assertThat(page.locator("h1")).hasText("Sign in");
    page.fill("#username", "mill");
    page.fill("#password", "wrong");
    page.click("main button");
    assertThat(page.locator(".flash.refused")).containsText("do not match");
    ISLET.signIn(page, "mill", "quiet water");
    assertThat(page.locator("h1")).hasText("Rounds");
    assertThat(page.request().get(ISLET.base() + "/setup").status())
        .as("the first visit is over")
        .isEqualTo(404);
  }

  @Test
  void a_helper_logs_but_does_not_design() {
    Page page = ISLET.helper();
    page.navigate("/c/weir-mill/enclosures/2/build");
    assertThat(page.locator("#length")).isDisabled();
    assertThat(page.locator(".save-bar")).hasCount(0);
    page.navigate("/c/weir-mill/collection");
    String csrf = page.locator("input[name=_csrf]").first().inputValue();
    for (String path :
        new String[] {
          "/enclosures/2/build",
          "/enclosures/2/remedy",
          "/enclosures/2/move",
          "/enclosures/2/accept",
          "/enclosures/2/reopen",
          "/enclosures/2/versions/1",
          "/enclosures/2/propose",
          "/care/axolotl/copy",
          "/care/axolotl/school",
          "/care/axolotl/numbers",
          "/care/import",
          "/enclosures/2/residents",
          "/enclosures/2/site",
          "/rooms",
          "/enclosures",
          "/collection/invitations",
          "/collection/another",
          "/health/tables/steps"
        }) {
      APIResponse answer =
          page.request()
              .post(
                  ISLET.base() + "/c/weir-mill" + path,
                  RequestOptions.create()
                      .setForm(
                          FormData.create()
                              .set("_csrf", csrf)
                              .set("room", "1")
                              .set("changes", "/water/depthCm=1")
                              .set("rule", "floor-load")
                              .set("reason", "none")
                              .set("askAgain", "2099-01-01")
                              .set("name", "Ours")
                              .set("school", "Fine sand for adults")));
      assertThat(answer.status()).as(path).isEqualTo(403);
    }
    page.navigate("/c/weir-mill/enclosures/new");
    assertThat(page.locator("h1")).hasText("You may not change this");
    page.navigate("/c/weir-mill/rounds");
    assertThat(page.locator("[data-done]").first()).isVisible();
    page.navigate("/c/weir-mill/enclosures/2/residents");
    page.locator(".measure summary").first().click();
    page.locator(".measure [name$=-mass]").first().fill("0.1");
    page.locator(".measure button").first().click();
    assertThat(page.locator("#changed")).isVisible();
  }

  @Test
  void the_owner_invites_a_keeper_who_makes_an_account_of_their_own() {
    Page page = ISLET.owner();
    page.navigate("/c/weir-mill/collection");
    page.fill("#name", "Tam");
    page.selectOption("#role", "KEEPER");
    page.locator("form[action$='/invitations'] > button").click();
    String link = page.locator(".wide-link").inputValue();

    Page keeper = ISLET.stranger();
    keeper.navigate(link);
    assertThat(keeper.locator("h1")).hasText("Weir Mill invites you");
    keeper.fill("#name", "Tam Ashby");
    keeper.fill("#login", "t!");
    keeper.fill("#password", "short");
    keeper.click("text=Make account and accept");
    assertThat(keeper.locator("#password-note")).containsText("10 to 72 characters");
    assertThat(keeper.locator("#name")).hasValue("Tam Ashby");
    keeper.fill("#login", "tam");
    keeper.fill("#password", "password12");
    keeper.click("text=Make account and accept");
    assertThat(keeper.locator("#password-note")).containsText("a program would guess");
    keeper.fill("#login", "club");
    keeper.fill("#password", "seven wet boots");
    keeper.click("text=Make account and accept");
    assertThat(keeper.locator("#login-note")).containsText("taken");
    keeper.fill("#login", "tam");
    keeper.fill("#password", "seven wet boots");
    keeper.click("text=Make account and accept");
    keeper.waitForURL("**/c/weir-mill");
    keeper.navigate("/c/weir-mill/enclosures/2/build");
    assertThat(keeper.locator("#length")).isEnabled();
    assertThat(ISLET.bean(People.class).find("tam").orElseThrow().passwordHash())
        .startsWith("{bcrypt}");
    assertThat(ISLET.stranger().navigate(link).status()).as("it works once").isEqualTo(404);
  }
}

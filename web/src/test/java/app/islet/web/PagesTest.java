package app.islet.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.Assessment;
import app.islet.core.AssessmentJson;
import app.islet.core.care.CareLibrary;
import app.islet.core.document.DocumentReader;
import app.islet.core.document.EnclosureDocument;
import app.islet.web.base.delivery.StaticFiles;
import app.islet.web.base.support.Islet;
import app.islet.web.base.support.TestClock;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.options.WaitUntilState;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class PagesTest {
  private static final Islet ISLET = Islet.running();

  @Test
  void the_theme_chosen_is_worn_by_every_page() {
    Page page = ISLET.helper();
    page.navigate("/c/weir-mill/collection");
    page.selectOption("#theme", "NIGHT");
    page.click("main form >> text=Save");
    page.navigate("/c/weir-mill/rounds");
    assertThat(page.locator("html")).hasAttribute("data-theme", "night");
    page.navigate("/c/weir-mill/collection");
    page.selectOption("#theme", "AUTO");
    page.click("main form >> text=Save");
    assertThat(page.locator("html")).hasAttribute("data-theme", "auto");
  }

  @Test
  void what_is_tapped_on_a_phone_is_large() {
    Page page = ISLET.owner(390, 844);
    page.navigate("/c/weir-mill/rounds");
    assertThat(
            ((Number)
                    page.evaluate(
                        "document.querySelector('[data-done]').getBoundingClientRect().height"))
                .doubleValue())
        .isGreaterThanOrEqualTo(52);
  }

  /** An enclosure stands once under what needs somebody, whatever it needs, or is well. */
  @Test
  void the_overview_says_who_needs_somebody_and_who_is_well() {
    Page page = ISLET.owner();
    page.navigate("/c/weir-mill");
    List<String> needy = page.locator("#needs-now b").allTextContents();
    assertThat(needy).isNotEmpty().doesNotHaveDuplicates();
    String well = page.getByText("Well:").textContent();
    assertThat(needy).noneMatch(well::contains);
    assertThat(page.locator("#needs-now .sev").allTextContents())
        .as("the gravest first")
        .isSortedAccordingTo(Comparator.comparing(List.of("Danger", "Wrong", "Watch")::indexOf));
    page.locator("#needs-now a").first().click();
    assertThat(page.locator(".enclosure-head h1")).hasText(needy.get(0));
  }

  @Test
  void keys_jump_and_go() {
    Page page = ISLET.owner();
    page.navigate("/c/weir-mill/care");
    page.keyboard().press("/");
    assertThat(page.locator("#jump-list li")).not().hasCount(0);
    page.locator("#jump-field").fill("hum pla");
    assertThat(page.locator("#jump-list li")).hasText("Hum tank, Plan");
    page.keyboard().press("Enter");
    // The keys work once the page has loaded, not when its first words are there.
    page.waitForURL("**/plan");
    assertThat(page.locator(".enclosure-head h1")).hasText("Hum tank");
    page.keyboard().press("g");
    page.keyboard().press("r");
    page.waitForURL("**/rounds");
    assertThat(page.locator("h1")).hasText("Rounds");
    page.keyboard().press("?");
    assertThat(page.locator("#keys")).isVisible();
    page.keyboard().press("Escape");
    assertThat(page.locator("#keys")).not().isVisible();
    int before = page.locator("[data-done]").count();
    page.keyboard().press("d");
    assertThat(page.locator("[data-done]")).hasCount(before - 1);
    // The next one is settled by the same key, and passed over by another.
    page.keyboard().press("n");
    String passedOver = (String) page.evaluate("document.activeElement.getAttribute('aria-label')");
    page.keyboard().press("n");
    page.keyboard().press("d");
    assertThat(page.locator("[data-done]")).hasCount(before - 2);
    assertThat(page.locator("[data-done]").first()).hasAttribute("aria-label", passedOver);
    page.keyboard().press("t");
    assertThat(page.locator("[data-test]").first()).isFocused();
  }

  @Test
  void arrows_go_through_the_places_to_jump_to() {
    Page page = ISLET.owner();
    page.navigate("/c/weir-mill/care");
    page.locator("[data-jump]").click();
    page.locator("#jump-field").fill("hum");
    assertThat(page.locator("#jump-list li").nth(1)).isVisible();
    page.keyboard().press("ArrowDown");
    page.keyboard().press("ArrowDown");
    assertThat(page.locator("#jump-list a").nth(1)).isFocused();
    page.keyboard().press("ArrowUp");
    page.keyboard().press("ArrowUp");
    assertThat(page.locator("#jump-field")).isFocused();
  }

  /** WCAG 2.1.4: single keys can be switched off. */
  @Test
  void keys_can_be_switched_off() {
    Page page = ISLET.owner();
    page.navigate("/c/weir-mill/care");
    page.locator("[data-jump]").click();
    page.locator("[data-show-keys]").click();
    page.locator("#keys-on").uncheck();
    page.navigate("/c/weir-mill/calculators");
    page.locator("h1").click();
    page.keyboard().press("/");
    page.keyboard().press("?");
    assertThat(page.locator("#jump")).isHidden();
    assertThat(page.locator("#keys")).isHidden();
  }

  @Test
  void on_a_phone_the_open_step_is_in_sight() {
    Page page = ISLET.owner(390, 844);
    page.navigate("/c/weir-mill/enclosures/5/plan");
    assertThat(page.locator(".steps a[aria-current]")).isInViewport();
  }

  @Test
  void sections_on_the_rack_stand_at_one_scale() {
    Page page = ISLET.owner();
    page.navigate("/c/weir-mill");
    String widths =
        (String)
            page.evaluate(
                """
                () => ["Slate tank", "Long pool", "Hum tank"].map(name => {
                  const card = [...document.querySelectorAll(".rack a")].find(a => a.querySelector("b").textContent === name);
                  const glass = card.querySelector(".s-air").getBoundingClientRect();
                  return `${name} ${(glass.width / glass.height).toFixed(3)} ${glass.width.toFixed(1)}`;
                }).join("; ")""");
    String[] parts = widths.split("; ");
    assertThat(parts[0]).contains(" 2.222 ");
    double slate = Double.parseDouble(parts[0].substring(parts[0].lastIndexOf(' ')));
    double pool = Double.parseDouble(parts[1].substring(parts[1].lastIndexOf(' ')));
    assertThat(pool / slate).as("180 cm beside 100 cm").isBetween(1.79, 1.81);
  }

  @Test
  void the_file_of_an_enclosure_is_judged_the_same_by_the_shell() {
    Page page = ISLET.owner();
    String json =
        page.request().get(ISLET.base() + "/c/weir-mill/enclosures/3/document.json").text();
    assertThat(json)
        .isEqualTo(page.request().get(ISLET.base() + "/api/c/weir-mill/enclosures/3").text());
    EnclosureDocument document = new DocumentReader(CareLibrary.bundled()).read("export", json);
    String judged =
        AssessmentJson.write(
            Assessment.of(document.enclosure(), document.residents(), TestClock.today()));
    String here =
        page.request().get(ISLET.base() + "/api/c/weir-mill/enclosures/3/assessment").text();
    // A design tells nothing of a course its newt is in.
    assertThat(here.replaceFirst("(?s)\\{\\s*\"key\" : \"course:.*?\\}, ", "")).isEqualTo(judged);
  }

  @Test
  void calculators_answer_over_http_as_in_the_shell() {
    Page page = ISLET.stranger();
    APIResponse good =
        page.request()
            .get(
                ISLET.base()
                    + "/api/calculators/water-change-to?nowMgPerL=100&targetMgPerL=51.2&maxPercent=20");
    assertThat(good.status()).isEqualTo(200);
    assertThat(good.text()).startsWith("{\"changes\":3,\"percentEach\":");
    assertThat(good.headers().get("content-type")).contains("application/json");
    APIResponse bad =
        page.request().get(ISLET.base() + "/api/calculators/tan?feedG=NaN&proteinPercent=40");
    assertThat(bad.status()).isEqualTo(422);
    assertThat(bad.text()).contains("\"key\":\"feedG\"").contains("feedG must be a number");
    assertThat(page.request().get(ISLET.base() + "/api/calculators/guess").status()).isEqualTo(404);
  }

  @Test
  void a_drawing_repeats_to_the_letter() {
    Page page = ISLET.owner();
    page.navigate("/c/weir-mill/enclosures/4/build");
    String first = page.locator("svg.working:not(.plan)").evaluate("e => e.outerHTML").toString();
    page.reload();
    assertThat(page.locator("svg.working:not(.plan)").evaluate("e => e.outerHTML").toString())
        .isEqualTo(first);
    assertThat(first).contains("water", "s-lamp", "s-uv", "s-guard").doesNotContain("NaN");
  }

  @Test
  void an_unknown_page_is_told_in_the_house_style() {
    Page page = ISLET.owner();
    page.navigate("/c/weir-mill/no-such-page");
    assertThat(page.locator("h1")).hasText("Page not found");
    assertThat(page.locator(".brand")).isVisible();
  }

  @Test
  void a_first_visit_is_light_and_a_further_page_costs_its_document_alone() {
    Page page = ISLET.owner();
    List<Request> asked = new ArrayList<>();
    page.onRequestFinished(asked::add);
    page.navigate(
        "/c/weir-mill", new Page.NavigateOptions().setWaitUntil(WaitUntilState.NETWORKIDLE));
    long bytes = asked.stream().mapToLong(r -> r.sizes().responseBodySize).sum();
    assertThat(asked).as(addresses(asked)).hasSizeLessThan(25);
    assertThat(bytes).as(addresses(asked)).isLessThan(160_000);
    asked.clear();
    page.navigate(
        "/c/weir-mill/care", new Page.NavigateOptions().setWaitUntil(WaitUntilState.NETWORKIDLE));
    assertThat(asked.stream().filter(r -> r.sizes().responseBodySize > 0))
        .as(addresses(asked))
        .hasSize(1);
  }

  @Test
  void a_shipped_file_is_kept_for_ever_under_its_own_address_alone() {
    APIResponse own =
        ISLET.stranger().request().get(ISLET.bean(StaticFiles.class).path("/js/page.js"));
    assertThat(own.headers().get("cache-control")).contains("immutable");
    // A page of another version, while servers are renewed one by one.
    APIResponse other = ISLET.stranger().request().get("/files-0/js/page.js");
    assertThat(other.status()).isEqualTo(200);
    assertThat(other.text()).isEqualTo(own.text());
    assertThat(other.headers().get("cache-control")).isEqualTo("no-cache");
    for (String up :
        List.of("/files-0/..%2fapplication.yaml", "/files-0/%2e%2e/application.yaml")) {
      assertThat(ISLET.stranger().request().get(up).text()).doesNotContain("datasource");
    }
  }

  private static String addresses(List<Request> asked) {
    return asked.stream()
        .map(r -> r.sizes().responseBodySize + " " + r.url())
        .collect(Collectors.joining("\n"));
  }
}

package app.islet.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.Assessment;
import app.islet.core.AssessmentJson;
import app.islet.core.care.CareLibrary;
import app.islet.core.document.DocumentReader;
import app.islet.core.document.EnclosureDocument;
import app.islet.web.support.Islet;
import app.islet.web.support.TestClock;
import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.CheckedNode;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class PagesTest {
  private static final Islet ISLET = Islet.running();
  private static final List<String> VIEWS =
      List.of(
          "",
          "/rounds",
          "/rounds/order",
          "/rounds/helper-sheet?days=3",
          "/weeks",
          "/kitchen",
          "/helpers",
          "/animals/4/food",
          "/enclosures/10/water/corrections",
          "/calculators",
          "/calculators/moon?date=2027-03-21",
          "/calculators/heater",
          "/calculators/growth-fit?points=0:3.1,12:6.2,24:7.9,36:8.6",
          "/calculators/tank-volume?lengthCm=60&widthCm=30&heightCm=30",
          "/care",
          "/care/slider",
          "/care/import",
          "/care/axolotl-own/numbers",
          "/collection",
          "/enclosures/new",
          "/rooms/new",
          "/enclosures/5/residents",
          "/enclosures/5/site",
          "/enclosures/5/build",
          "/enclosures/4/climate?span=year",
          "/enclosures/6/climate",
          "/enclosures/4/light",
          "/enclosures/9/water",
          "/enclosures/10/water?curve=salinity&span=all",
          "/enclosures/4/sheet",
          "/enclosures/3/review",
          "/enclosures/8/review",
          "/enclosures/8/report",
          "/enclosures/4/versions",
          "/enclosures/5/plan",
          "/enclosures/5/records",
          "/animals?gone=true",
          "/animals/4",
          "/animals/rates?species=eastern-newt",
          "/animals/4/hand-over",
          "/rearing",
          "/rearing/new",
          "/rearing/round",
          "/rearing/labels",
          "/rearing/batches",
          "/rearing/batches/2",
          "/rearing/batches/3/share",
          "/rearing/number?number=13",
          "/rearing/guides/fire-salamander",
          "/health",
          "/health/animals/1",
          "/health/cases/1",
          "/health/cases/1/vet",
          "/health/bath/8",
          "/health/arrival?species=eastern-newt&source=FOUND&meets=1&parcelC=24&tubC=18",
          "/health/lessons",
          "/health/tables",
          "/health/tables/courses",
          "/animals/11/skin",
          "/account",
          "/account/second-step");

  /** Every page in the light one; of four pages one in the dark and one in the night theme. */
  private static List<String> themes(int n) {
    return switch (n % 4) {
      case 0 -> List.of("light", "dark");
      case 2 -> List.of("light", "night");
      default -> List.of("light");
    };
  }

  /**
   * In full once; in the other themes only what differs there, the contrast: some pages in one of
   * them, by turns, as all take their colours from the same few tokens.
   */
  @Test
  void every_page_can_be_read_by_everybody_fits_a_phone_and_asks_nothing_of_the_network() {
    Page page = ISLET.owner();
    List<String> elsewhere = new ArrayList<>();
    page.onRequest(
        request -> {
          if (!request.url().startsWith(ISLET.base()) && !request.url().startsWith("data:")) {
            elsewhere.add(request.url());
          }
        });
    List<String> errors = new ArrayList<>();
    page.onConsoleMessage(
        message -> {
          if (message.type().equals("error")) {
            errors.add(message.text());
          }
        });
    // Half way from one theme to the next no colour is what it should be.
    page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
    List<String> faults = new ArrayList<>();
    for (int n = 0; n < VIEWS.size(); n++) {
      String view = VIEWS.get(n);
      page.navigate(view.startsWith("/account") ? view : "/c/weir-mill" + view);
      for (String theme : themes(n)) {
        page.evaluate("theme => document.documentElement.dataset.theme = theme", theme);
        for (Rule rule : axe(page, theme).analyze().getViolations()) {
          CheckedNode node = rule.getNodes().get(0);
          faults.add(
              "%s, %s: %s %s %s"
                  .formatted(view, theme, rule.getId(), node.getHtml(), node.getFailureSummary()));
        }
      }
      page.setViewportSize(390, 844);
      int wide = ((Number) page.evaluate("document.documentElement.scrollWidth")).intValue();
      if (wide > 390) {
        faults.add("%s is %d wide on a phone".formatted(view, wide));
      }
      page.setViewportSize(1280, 800);
    }
    assertThat(faults).isEmpty();
    assertThat(elsewhere).isEmpty();
    assertThat(errors).isEmpty();
    assertThat(
            (String)
                page.evaluate(
                    "document.fonts.ready.then(() => String(document.fonts.check('16px Islet')))"))
        .isEqualTo("true");
  }

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

  private static AxeBuilder axe(Page page, String theme) {
    AxeRunOptions told = new AxeRunOptions();
    told.setResultTypes(List.of("violations"));
    AxeBuilder axe = new AxeBuilder(page).options(told).setLegacyMode(true);
    return theme.equals("light")
        ? axe.withTags(List.of("wcag2a", "wcag2aa", "wcag21aa"))
        : axe.withRules(List.of("color-contrast"));
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

  @Test
  void keys_jump_and_go() {
    Page page = ISLET.owner();
    page.navigate("/c/weir-mill/care");
    page.keyboard().press("/");
    assertThat(page.locator("#jump-list li")).not().hasCount(0);
    page.locator("#jump-field").fill("hum rec");
    assertThat(page.locator("#jump-list li")).hasText("Hum tank, Records");
    page.keyboard().press("Enter");
    // The keys work once the page has loaded, not when its first words are there.
    page.waitForURL("**/records");
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
    page.navigate("/c/weir-mill/enclosures/5/records");
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
    assertThat(page.request().get(ISLET.base() + "/api/c/weir-mill/enclosures/3/assessment").text())
        .isEqualTo(judged);
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
}

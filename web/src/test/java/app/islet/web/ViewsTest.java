package app.islet.web;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.web.base.support.Islet;
import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.CheckedNode;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/**
 * Every page can be read by everybody, fits a phone and asks nothing of the network. In two
 * classes, so that both processes of the run have their half of it.
 */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class ViewsTest {
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

  /** From a small phone to a tablet held upright nothing is scrolled sideways. */
  private static List<String> tooWide(Page page, String view) {
    List<String> faults = new ArrayList<>();
    for (int width : List.of(320, 390, 640)) {
      page.setViewportSize(width, 800);
      int wide = ((Number) page.evaluate("document.documentElement.scrollWidth")).intValue();
      if (wide > width) {
        faults.add("%s is %d wide on a screen of %d".formatted(view, wide, width));
      }
    }
    return faults;
  }

  /** Every page in the light one; of four pages one in the dark and one in the night theme. */
  private static List<String> themes(int n) {
    return switch (n / 2 % 4) {
      case 0 -> List.of("light", "dark");
      case 2 -> List.of("light", "night");
      default -> List.of("light");
    };
  }

  /**
   * In full once; in the other themes only what differs there, the contrast: some pages in one of
   * them, by turns, as all take their colours from the same few tokens.
   */
  static void readable(int first) {
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
    for (int n = first; n < VIEWS.size(); n += 2) {
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
      faults.addAll(tooWide(page, view));
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

  private static AxeBuilder axe(Page page, String theme) {
    AxeRunOptions told = new AxeRunOptions();
    told.setResultTypes(List.of("violations"));
    AxeBuilder axe = new AxeBuilder(page).options(told).setLegacyMode(true);
    return theme.equals("light")
        ? axe.withTags(List.of("wcag2a", "wcag2aa", "wcag21aa"))
        : axe.withRules(List.of("color-contrast"));
  }

  @Test
  void every_second_page_can_be_read_by_everybody() {
    readable(0);
  }
}

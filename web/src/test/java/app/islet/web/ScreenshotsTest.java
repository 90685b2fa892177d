package app.islet.web;

import app.islet.web.base.support.Islet;
import com.microsoft.playwright.Page;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfEnvironmentVariable;

/**
 * Takes the pictures of docs/screenshots from the demo's data; only when ISLET_SCREENSHOTS names
 * that folder.
 */
@EnabledIfEnvironmentVariable(named = "ISLET_SCREENSHOTS", matches = ".+")
class ScreenshotsTest {
  private static final Path FOLDER =
      Path.of("..").resolve(System.getenv().getOrDefault("ISLET_SCREENSHOTS", "target"));
  private static final String MILL = "/c/weir-mill";

  private static void shoot(Page page, String name) {
    page.evaluate("document.fonts.ready");
    page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
  }

  @Test
  void take_them() {
    Page page = Islet.running().owner();
    page.addInitScript("localStorage.setItem('islet-all-fields', 'false')");
    String[][] views = {
      {"overview", ""},
      {"rearing", "/rearing?batch=2"},
      {"proposals", "/new/slider?asked=1&room=2&chiller=on"},
      {"weeks", "/weeks"},
      {"health", "/health/animals/1?sign=red-skin&sign=gills-forward&day=2"},
      {"rounds", "/rounds"},
      {"build", "/enclosures/4/build"},
      {"climate", "/enclosures/7/climate"},
      {"light", "/enclosures/4/light"},
      {"water", "/enclosures/9/water"},
      {"sheet", "/enclosures/4/sheet"},
      {"review", "/enclosures/3/review"},
      {"batch", "/rearing/batches/2"},
      {"animals", "/animals"},
      {"animal", "/animals/4"},
      {"growth", "/animals/5/growth"},
      {"care", "/care/common-musk"}
    };
    for (String[] view : views) {
      page.navigate(MILL + view[1]);
      shoot(page, view[0]);
    }
    page.navigate(MILL + "/collection");
    page.selectOption("#theme", "NIGHT");
    page.selectOption("#units", "US");
    page.click("main form >> text=Save");
    page.navigate(MILL + "/enclosures/6/build");
    shoot(page, "build-night");
    page.navigate(MILL + "/collection");
    page.selectOption("#theme", "AUTO");
    page.selectOption("#units", "METRIC");
    page.click("main form >> text=Save");
    Page phone = Islet.running().signIn(Islet.running().page(390, 844), "mill", "quiet water");
    phone.navigate(MILL + "/rounds");
    shoot(phone, "rounds-phone");
  }
}

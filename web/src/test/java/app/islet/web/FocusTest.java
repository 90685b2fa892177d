package app.islet.web;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.web.base.support.Islet;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Whoever works with the keyboard sees where they are. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class FocusTest {
  private static final List<String> MAIN =
      List.of(
          "",
          "/rounds",
          "/animals",
          "/animals/4",
          "/rearing",
          "/health",
          "/calculators/heater",
          "/care/slider",
          "/collection",
          "/enclosures/5/residents",
          "/enclosures/5/build",
          "/enclosures/9/water");

  /**
   * Puts the focus on whatever takes it, as the key would, and tells of those whose ring is thinner
   * than 2 px or nearer to what it stands on than 3 to 1 (WCAG 2.2, 2.4.13 and 1.4.11).
   */
  private static final String UNSEEN =
      """
      () => {
        const light = colour => {
          const [r, g, b] = colour.match(/[\\d.]+/g).map(Number).map(v => v / 255)
            .map(v => v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4);
          return 0.2126 * r + 0.7152 * g + 0.0722 * b;
        };
        const contrast = (a, b) => {
          const [hi, lo] = [light(a), light(b)].sort((x, y) => y - x);
          return (hi + 0.05) / (lo + 0.05);
        };
        const ground = element => {
          for (let at = element.parentElement; at; at = at.parentElement) {
            const colour = getComputedStyle(at).backgroundColor;
            if (!/, 0\\)$/.test(colour) && colour !== "transparent") return colour;
          }
          return getComputedStyle(document.body).backgroundColor;
        };
        const all = document.querySelectorAll("a[href], button, input, select, textarea, summary, [tabindex='0']");
        const told = new Map();
        for (const element of all) {
          element.focus({ preventScroll: true });
          if (document.activeElement !== element) continue;
          const style = getComputedStyle(element);
          const seen = style.outlineStyle !== "none" && parseFloat(style.outlineWidth) >= 2
            && contrast(style.outlineColor, ground(element)) >= 3;
          const shape = `${element.localName}.${element.classList[0] ?? element.type ?? ""}`;
          if (!seen) told.set(shape, `${shape}: ${style.outline} on ${ground(element)}`);
        }
        return [...told.values()];
      }
      """;

  @ParameterizedTest
  @ValueSource(strings = {"light", "night"})
  void a_ring_shows_where_the_focus_is(String theme) {
    Page page = Islet.running().owner();
    // Half way from one theme to the next no colour is what it should be.
    page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
    List<String> faults = new ArrayList<>();
    for (String view : MAIN) {
      page.navigate("/c/weir-mill" + view);
      page.evaluate("theme => document.documentElement.dataset.theme = theme", theme);
      page.keyboard().press("Tab");
      for (Object fault : (List<?>) page.evaluate(UNSEEN)) {
        faults.add(view + ": " + fault);
      }
    }
    assertThat(faults).isEmpty();
  }
}

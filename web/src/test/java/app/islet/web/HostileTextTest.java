package app.islet.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.web.base.support.Hands;
import app.islet.web.base.support.Islet;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** Names and notes are words, whatever they look like. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class HostileTextTest {
  private static final Islet ISLET = Islet.running();
  private static final String EVIL = "<img src=x class=evil onerror=alert(1)>'\"]]>${7*7}";

  @Test
  void a_name_that_looks_like_markup_stays_a_name_on_every_page() {
    Page page = ISLET.owner();
    List<String> alerts = new ArrayList<>();
    page.onDialog(
        dialog -> {
          alerts.add(dialog.message());
          dialog.dismiss();
        });
    String base = Hands.enclosure(page, EVIL, "80", "40", "40");
    String home = Hands.collection(base);
    page.selectOption("#species", "axolotl");
    page.fill("#length", "22");
    page.fill("#name", EVIL);
    page.locator("form[action$='/residents'] > button").click();
    assertThat(page.locator("main")).containsText(EVIL);
    for (String path :
        List.of(
            base + "/residents",
            base + "/build",
            base + "/review",
            base + "/climate",
            base + "/light",
            base + "/water",
            base + "/plan",
            base + "/sheet",
            base + "/versions",
            base + "/report",
            home,
            home + "/rounds",
            home + "/rounds/order",
            home + "/animals",
            home + "/animals/rates",
            home + "/health",
            home + "/health/lessons",
            home + "/health/arrival",
            home + "/weeks",
            home + "/kitchen",
            home + "/calendar",
            home + "/rearing/labels")) {
      page.navigate(path);
      assertThat(page.locator(".evil")).hasCount(0);
      assertThat(page.content()).as(path).doesNotContain("49'");
    }
    page.navigate(home + "/animals");
    page.getByText(EVIL).first().click();
    for (String tab : List.of("", "/growth", "/food", "/about", "/photos", "/hand-over", "/skin")) {
      page.navigate(page.url().replaceAll("(/animals/\\d+).*", "$1") + tab);
      assertThat(page.locator(".evil")).hasCount(0);
    }
    assertThat(alerts).isEmpty();
  }

  @Test
  void a_file_that_is_not_utf_8_is_refused_with_a_sentence_and_a_byte_order_mark_is_read() {
    Page page = ISLET.owner();
    String base = Hands.enclosure(page, "Files of all kinds", "80", "40", "40");
    page.navigate(base + "/water");
    page.setInputFiles(
        "#water-file",
        new FilePayload(
            "log.csv",
            "text/csv",
            "day,what,amount\n2026-03-01,Zählung,20\n".getBytes(StandardCharsets.ISO_8859_1)));
    Hands.send(page, "Preview import");
    assertThat(page.locator("main")).containsText("not a text file in UTF-8");
    page.navigate(base + "/water");
    page.setInputFiles(
        "#water-file",
        new FilePayload(
            "log.csv",
            "text/csv",
            "\uFEFFday,what,amount\n2026-03-01,change,20\n".getBytes(StandardCharsets.UTF_8)));
    Hands.send(page, "Preview import");
    Hands.send(page, "Add to log");
    assertThat(page.locator(".flash")).containsText("1 lines read, 1 of them new.");
  }
}

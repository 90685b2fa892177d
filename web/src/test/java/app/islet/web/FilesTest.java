package app.islet.web;

import static app.islet.web.base.support.Hands.enclosure;
import static app.islet.web.base.support.Hands.send;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.web.base.support.Islet;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.SelectOption;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;

/** What a new enclosure begins with, and designs and drawings as files. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class FilesTest {
  private static final String NEW = "/c/weir-mill/enclosures/new";

  private static FilePayload file(String text) {
    return new FilePayload(
        "design.json", "application/json", text.getBytes(StandardCharsets.UTF_8));
  }

  private static String text(Page page, String path) {
    return page.request().get(Islet.running().base() + path).text();
  }

  private static String made(Page page) {
    send(page, "Create, then add residents");
    page.waitForURL("**/enclosures/*/*");
    return page.url().replace(Islet.running().base(), "").replaceAll("/(build|residents)$", "");
  }

  @Test
  void a_new_enclosure_begins_with_a_vessel_a_sample_or_another_one() {
    Page page = Islet.running().owner();
    page.navigate(NEW);
    page.fill("#name", "As sold");
    page.selectOption("#room", new SelectOption().setIndex(0));
    page.selectOption("#start", "vessel:20 gal long");
    assertThat(text(page, made(page) + "/document.json"))
        .contains("\"lengthCm\" : 76.2")
        .contains("\"name\" : \"As sold\"");

    page.navigate(NEW);
    page.fill("#name", "From the samples");
    page.selectOption("#example", new SelectOption().setLabel("Axolotl pair"));
    String sample = made(page);
    assertThat(page).hasURL(Pattern.compile(".*/build$"));
    assertThat(text(page, sample + "/document.json")).contains("\"species\" : \"axolotl\"");

    page.navigate(NEW);
    page.fill("#name", "Another");
    page.selectOption("#start", new SelectOption().setLabel("Like Long pool"));
    assertThat(text(page, made(page) + "/document.json"))
        .contains("\"lengthCm\" : 180")
        .doesNotContain("\"species\"");
  }

  @Test
  void a_file_comes_back_byte_for_byte() {
    Page page = Islet.running().owner();
    String out = text(page, "/c/weir-mill/enclosures/5/document.json");
    page.navigate(NEW);
    page.fill("#name", "Shallows");
    page.selectOption("#room", new SelectOption().setLabel("Gallery"));
    page.setInputFiles("#file", file(out));
    String copy = text(page, made(page) + "/document.json");
    // The animals arrived where the file says so, else today.
    assertThat(copy.replaceAll(",?\\s*\"arrivedOn\" : \"[^\"]*\"", ""))
        .isEqualTo(out.replaceAll(",?\\s*\"arrivedOn\" : \"[^\"]*\"", ""));
  }

  @Test
  void an_unreadable_file_is_refused_whole_with_its_line() {
    Page page = Islet.running().owner();
    String base = enclosure(page, "Refusing", "60", "30", "30");
    String before = text(page, base + "/document.json");
    for (String[] bad :
        new String[][] {
          {before.replace("\"lengthCm\" : 60", "\"lengthCm\" : 1e9"), "1.0E9 is not"},
          {before.replace("\"lengthCm\" : 60", "\"lengthCm\" : NaN"), "Line"},
          {before.replace("\"version\" : 1", "\"version\" : 7"), "version 7 is not known"},
          {before + "and so on", "Line"},
          {"not JSON at all", "Line 1"}
        }) {
      page.navigate(base + "/build");
      page.click("text=Files");
      page.setInputFiles("#document", file(bad[0]));
      send(page, "Import");
      assertThat(page.locator(".refused")).containsText(bad[1]);
    }
    assertThat(text(page, base + "/document.json")).isEqualTo(before);
    page.navigate(NEW);
    page.fill("#name", "Kept while refused");
    page.setInputFiles("#file", file("{}"));
    send(page, "Create, then add residents");
    assertThat(page.locator(".refused")).containsText("Nothing was read");
    assertThat(page.locator("#name")).hasValue("Kept while refused");
  }

  @Test
  void a_file_takes_the_place_of_a_design_and_the_old_one_is_kept() {
    Page page = Islet.running().owner();
    String base = enclosure(page, "Replaced", "60", "30", "30");
    String pool = text(page, "/c/weir-mill/enclosures/4/document.json");
    page.navigate(base + "/build");
    page.click("text=Files");
    page.setInputFiles("#document", file(pool));
    send(page, "Import");
    assertThat(page.locator("#length")).hasValue("180");
    assertThat(page.locator("#name")).hasValue("Replaced");
    page.navigate(base + "/versions");
    assertThat(page.locator(".versions li.panel")).hasCount(2);
  }

  @Test
  void the_drawing_is_one_svg_that_needs_no_page() throws Exception {
    Page page = Islet.running().owner();
    String svg = text(page, "/c/weir-mill/enclosures/4/drawing.svg");
    Document document =
        DocumentBuilderFactory.newInstance()
            .newDocumentBuilder()
            .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)));
    assertThat(document.getElementsByTagName("svg").getLength()).isEqualTo(3);
    assertThat(svg).doesNotContain("var(--").contains("data-part").contains(".s-water");
  }
}

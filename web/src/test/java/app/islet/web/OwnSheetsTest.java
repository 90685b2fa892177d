package app.islet.web;

import static app.islet.web.base.support.Hands.enclosure;
import static app.islet.web.base.support.Hands.press;
import static app.islet.web.base.support.Hands.send;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.care.CareSheetReader;
import app.islet.web.base.support.Islet;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** Care sheets of a collection's own, and the schools it keeps by. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class OwnSheetsTest {
  private static final String CARE = "/c/weir-mill/care";

  private static String copy(Page page, String of, String name) {
    page.navigate(CARE + "/" + of);
    page.click("text=Make your own copy");
    page.fill(".copy-sheet [name=name]", name);
    press(page, "Copy");
    return page.url().replaceAll(".*/care/([^/]+)/numbers$", "$1");
  }

  private static Locator number(Page page, String group, String label) {
    Locator details =
        page.locator(
            "details.panel",
            new Page.LocatorOptions()
                .setHas(page.locator("summary b", new Page.LocatorOptions().setHasText(group))));
    if (details.getAttribute("open") == null) {
      details.locator("summary").click();
    }
    return details.getByLabel(label, new Locator.GetByLabelOptions().setExact(true));
  }

  @Test
  void a_copy_takes_changed_numbers_with_a_reason_and_judges_by_them() {
    Page page = Islet.running().owner();
    String id = copy(page, "axolotl", "Axolotl, colder");
    number(page, "Adult: water", "ideal, most").fill("17");
    press(page, "Save numbers");
    assertThat(page.locator("#reason-note")).containsText("Say why");
    assertThat(number(page, "Adult: water", "ideal, most")).hasValue("17");
    page.fill("#reason", "our tap runs at 15");
    number(page, "Adult: water", "tolerated, most").fill("16");
    press(page, "Save numbers");
    assertThat(page.locator(".note.error:visible").first())
        .containsText("must lie within the tolerated one");
    number(page, "Adult: water", "tolerated, most").fill("20");
    press(page, "Save numbers");
    assertThat(page.locator(".flash")).containsText("1 number changed.");
    assertThat(page.locator(".stages"))
        .containsText("set by the keeper: our tap runs at 15 (ideal; the rest: practice)");

    String base = enclosure(page, "weir-mill", "Colder tank", "100", "50", "45");
    page.selectOption("#species", "axolotl");
    page.fill("#length", "22");
    page.fill("#name", "Frost");
    send(page, "Add");
    page.click("text=Edit");
    page.selectOption(".correct [name$=-sheet]", id);
    page.locator("form.correct button").click();
    assertThat(page.locator(".flash")).containsText("Saved.");
    page.navigate(base + "/review");
    Locator warm = page.locator(".finding[data-rule=too-warm-in-summer]");
    assertThat(warm).containsText("should have 15 to 17 °C");
    assertThat(warm).containsText("Source: set by the keeper: our tap runs at 15");
    page.navigate(base + "/residents");
    assertThat(page.locator(".resident")).containsText("Axolotl, colder");
  }

  @Test
  void a_sheet_goes_out_as_a_file_and_comes_back_as_the_same_sheet() {
    Page page = Islet.running().owner();
    String id = copy(page, "vampire-crab", "Crabs of the fern");
    String yaml =
        page.request().get(Islet.running().base() + CARE + "/" + id + "/sheet.yaml").text();
    CareSheet exported = CareSheetReader.read(id, yaml);
    assertThat(exported.kind()).isEqualTo("vampire-crab");
    assertThat(copy(page, "vampire-crab", "Crabs of the fern"))
        .as("copying twice makes one copy")
        .isEqualTo(id);
    page.navigate(CARE + "/import");
    page.setInputFiles(
        "#file",
        new FilePayload(
            "sheet.yaml",
            "application/yaml",
            yaml.replace(id, "fern-crab").getBytes(StandardCharsets.UTF_8)));
    send(page, "Import");
    assertThat(page.locator(".flash")).containsText("Crabs of the fern is among your care sheets.");
    String again =
        page.request().get(Islet.running().base() + CARE + "/fern-crab/sheet.yaml").text();
    assertThat(CareSheetReader.read("again", again).stages()).isEqualTo(exported.stages());
  }

  @Test
  void a_bad_sheet_is_refused_with_every_line_and_field_and_nothing_typed_is_lost() {
    Page page = Islet.running().owner();
    page.navigate(CARE + "/import");
    String bad =
        CareLibrary.bundledText("axolotl")
            .replace("id: axolotl\n", "id: mine\n")
            .replace("group: salamander", "group: lizard")
            .replaceFirst("heater: never", "heater: hot");
    page.fill("#text", bad);
    send(page, "Import");
    assertThat(page.locator("[role=alert]"))
        .containsText("/group: \"lizard\" is not one of turtle, salamander, frog, crab");
    assertThat(page.locator("[role=alert]"))
        .containsText("/stages/1/heater: \"hot\" is not one of never, guarded, any");
    assertThat(page.locator("[role=alert] li")).hasCount(2);
    assertThat(page.locator("#text")).hasValue(bad);
    page.fill("#text", CareLibrary.bundledText("axolotl"));
    send(page, "Import");
    assertThat(page.locator("[role=alert]"))
        .containsText("\"axolotl\" is a sheet of Islet; give yours another id");
  }

  @Test
  void a_school_chosen_for_the_collection_holds_where_nobody_chose_another() {
    Page page = Islet.running().owner();
    String base = enclosure(page, "weir-mill", "School tank", "100", "50", "45");
    page.selectOption("#species", "axolotl");
    page.fill("#length", "22");
    page.fill("#name", "Dune");
    send(page, "Add");
    page.navigate(base + "/build");
    page.selectOption("#material", "SAND");
    page.fill("#groundDepth", "2");
    send(page, "Save design");
    Locator sand = page.locator(".finding[data-rule=harmful-ground]");
    assertThat(sand).containsText("Not so by the school: Fine sand for adults.");
    try {
      page.navigate(CARE + "/axolotl");
      press(page, "Use this school: Fine sand for adults");
      assertThat(page.locator(".flash")).containsText("Kept by: Fine sand for adults.");
      page.navigate(base + "/build");
      assertThat(sand).hasCount(0);
      page.navigate(base + "/residents");
      page.click("text=Edit");
      page.selectOption(".correct [name$=-school]", "Steady cold on a bare floor");
      page.locator("form.correct button").click();
      page.navigate(base + "/build");
      assertThat(sand).hasCount(1);
    } finally {
      page.navigate(CARE + "/axolotl");
      press(page, "Use this school: Steady cold on a bare floor");
    }
  }
}

package app.islet.web;

import static app.islet.web.base.support.Hands.enclosure;
import static app.islet.web.base.support.Hands.press;
import static app.islet.web.base.support.Hands.send;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.enclosure.Water;
import app.islet.web.base.support.Hands;
import app.islet.web.base.support.Islet;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.WaitUntilState;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.regex.Pattern;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** The drawing as a tool: parts and the water line dragged, typed, copied, taken away. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class BenchTest {
  private static String turtleTank(Page page, String name) {
    String base = Hands.made(name, "100", "40", "50");
    Hands.settle(base, "common-musk", "Flint", 1, 10);
    Hands.design(base, tank -> tank.with(new Water(20, OptionalDouble.empty())));
    page.navigate(base + "/build");
    return base;
  }

  private static void add(Page page, String kind) {
    settled(page);
    int before = page.locator("[data-row]").count();
    Locator tray = page.locator("details.tray:has(button:text-is('%s'))".formatted(kind));
    if (tray.getAttribute("open") == null) {
      tray.locator("summary").click();
    }
    press(page, kind);
    assertThat(page.locator("[data-row]")).hasCount(before + 1);
    settled(page);
  }

  private static void row(Page page, String id) {
    Locator row = page.locator("[data-row=%s]".formatted(id));
    if (row.getAttribute("open") == null) {
      row.locator("summary").click();
    }
  }

  /** Presses a button by its name and waits for the form to come back. */
  private static void act(Page page, String name) {
    press(page, name);
    settled(page);
  }

  /** Drags what a selector names by so many centimetres of the drawing. */
  private static void drag(Page page, String selector, double cmX, double cmY) {
    settled(page);
    Locator it = page.locator(selector).first();
    it.scrollIntoViewIfNeeded();
    BoundingBox box = it.boundingBox();
    double pixelsPerCm =
        (double)
            it.evaluate(
                """
                        e => { const s = e.closest('svg');
                          return s.dataset.scale * s.getBoundingClientRect().width / s.viewBox.baseVal.width; }""");
    double x = box.x + box.width / 2;
    double y = box.y + box.height / 2;
    page.mouse().move(x, y);
    page.mouse().down();
    page.mouse().move(x + cmX * pixelsPerCm / 2, y + cmY * pixelsPerCm / 2);
    page.mouse().move(x + cmX * pixelsPerCm, y + cmY * pixelsPerCm);
    page.mouse().up();
    settled(page);
  }

  /** The drawing is swapped for a new one while questions are open. */
  private static void settled(Page page) {
    page.waitForSelector("form[data-preview-live]:not([data-asking])");
  }

  private static String litres(Page page) {
    return page.locator(".headline .big").textContent();
  }

  @Test
  void the_water_line_follows_the_pointer_and_the_figures_follow_it() {
    Page page = Islet.running().owner();
    turtleTank(page, "Dragged line");
    assertThat(page.locator(".headline .big")).hasText("80");
    drag(page, "[data-drag=depth]", 0, -10);
    assertThat(page.locator("#depth")).hasValue("30");
    assertThat(page.locator(".headline .big")).hasText("120");
    assertThat(page.locator("[data-preview-state]")).hasText("Not saved yet");
    send(page, "Save design");
    page.reload();
    assertThat(page.locator("#depth")).hasValue("30");
  }

  @Test
  void a_second_finger_does_not_take_over_a_drag() {
    Page page = Islet.running().owner();
    turtleTank(page, "Two fingers");
    settled(page);
    page.evaluate(
        """
                () => {
                  const line = document.querySelector("#answer [data-drag=depth]");
                  const box = line.getBoundingClientRect();
                  const x = box.x + box.width / 2, y = box.y + box.height / 2;
                  const tell = (type, pointerId, up) => line.dispatchEvent(new PointerEvent(type,
                    { pointerId, clientX: x, clientY: y - up, bubbles: true, button: 0 }));
                  tell("pointerdown", 1, 0);
                  tell("pointerdown", 2, 0);
                  tell("pointermove", 2, 60);
                  tell("pointerup", 2, 60);
                }""");
    assertThat(page.locator("#depth")).hasValue("20");
    assertThat(page.locator("[data-preview-state]")).hasText("");
  }

  @Test
  void a_part_is_chosen_and_moved_by_keys_in_its_row() {
    Page page = Islet.running().owner();
    page.navigate("/c/weir-mill/enclosures/5/build");
    settled(page);
    Locator row = page.locator("[data-row=stone-1]");
    row.locator("summary").focus();
    assertThat(page.locator("#answer [data-part=stone-1].s-chosen").first()).isAttached();
    double before = Double.parseDouble(row.locator("[name$=-x]").inputValue());
    page.keyboard().press("ArrowRight");
    assertThat(row.locator("[name$=-x]")).hasValue(number(before + 0.5));
    act(page, "Undo");
    assertThat(page.locator("[data-row=stone-1] [name$=-x]")).hasValue(number(before));
  }

  private static String number(double value) {
    return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
  }

  @Test
  void mouse_alone_and_keyboard_alone_build_the_same_enclosure() {
    Page page = Islet.running().owner();
    String byMouse = turtleTank(page, "By mouse");
    add(page, "stone");
    drag(page, ".plan [data-part=stone-1]", -30, 5);
    assertThat(page.locator("[name=p0-x]")).hasValue("10");
    assertThat(page.locator("[name=p0-y]")).hasValue("17");
    drag(page, "svg:not(.plan) [data-part=stone-1]", 0, -3);
    assertThat(page.locator("[name=p0-bottom]")).hasValue("3");
    send(page, "Save design");
    String mouse = litres(page);

    String byKeys = turtleTank(page, "By keys");
    page.locator("summary", new Page.LocatorOptions().setHasText("Add: hides and rests")).focus();
    page.keyboard().press("Enter");
    page.getByText("stone", new Page.GetByTextOptions().setExact(true)).focus();
    page.keyboard().press("Enter");
    assertThat(page.locator("[data-row=stone-1] summary")).isFocused();
    page.locator("[name=p0-x]").focus();
    for (int n = 0; n < 3; n++) {
      page.keyboard().press("Shift+ArrowDown");
    }
    page.locator("[name=p0-y]").focus();
    for (int n = 0; n < 5; n++) {
      page.keyboard().press("ArrowUp");
    }
    page.locator("[name=p0-bottom]").fill("3");
    page.locator("[name=p0-top]").fill("13");
    page.keyboard().press("Enter");
    assertThat(page.locator(".flash")).containsText("Saved.");
    assertThat(page.locator("[name=p0-x]")).hasValue("10");
    assertThat(litres(page)).isEqualTo(mouse);
    String one = page.request().get(Islet.running().base() + byMouse + "/document.json").text();
    String two = page.request().get(Islet.running().base() + byKeys + "/document.json").text();
    assertThat(two.replace("By keys", "By mouse").replaceAll("Room of By \\w+", ""))
        .isEqualTo(one.replaceAll("Room of By \\w+", ""));
  }

  @Test
  void a_ramp_and_a_shelf_are_a_way_out_and_the_plan_says_so() {
    Page page = Islet.running().owner();
    turtleTank(page, "Ways out");
    assertThat(page.locator(".finding[data-rule=no-way-out]")).hasCount(1);
    add(page, "shelf");
    assertThat(page.locator(".reach")).containsText("0 ways out of the water");
    row(page, "shelf-1");
    page.fill("[name=p0-bottom]", "20");
    page.fill("[name=p0-top]", "24");
    assertThat(page.locator(".reach")).containsText("1 way out of the water");
    assertThat(page.locator(".finding[data-rule=no-way-out]")).hasCount(0);
    page.locator("[name=p0-top]").fill("19");
    assertThat(page.locator("#p0-top-note"))
        .containsText("Its top must be above its bottom at 20 cm.");
  }

  /** Every element of the answer with its attributes and words, but for what the hand did to it. */
  private static final String READ =
      """
            () => {
              const mine = ["s-chosen", "s-marked", "about", "few"];
              const read = element => {
                const attributes = [...element.attributes]
                  .filter(a => a.name !== "open" && a.name !== "aria-expanded" && !(a.name === "hidden" && "allFigures" in element.dataset) && !(a.name === "value" && element.name === "_csrf"))
                  .map(a => a.name + "=" + (a.name === "class" ? a.value.split(" ").filter(c => c && !mine.includes(c)).join(" ") : a.value));
                const words = [...element.childNodes].filter(n => n.nodeType === 3).map(n => n.data.trim()).join(" ").trim();
                return element.tagName + " " + attributes.sort().join(" ") + " " + words + "\\n"
                  + [...element.children].map(read).join("");
              };
              const answer = document.getElementById("answer").cloneNode(true);
              for (const pin of answer.querySelectorAll(".s-pin, .pin")) pin.remove();
              return read(answer);
            }""";

  @Test
  void after_many_moves_the_page_reads_as_one_that_is_fetched_anew() {
    Page page = Islet.running().owner();
    turtleTank(page, "Many moves");
    add(page, "stone");
    add(page, "shelf");
    for (String depth : List.of("12", "44", "18.5", "0", "30", "29.5", "25")) {
      page.fill("#depth", depth);
      settled(page);
    }
    drag(page, ".plan [data-part=stone-1]", 12, 3);
    page.fill("#depth", "21");
    settled(page);
    String moved = (String) page.evaluate(READ);
    send(page, "Save design");
    page.reload();
    settled(page);
    assertThat(moved).contains("stone-1").isEqualTo(page.evaluate(READ));
  }

  @Test
  void who_lives_in_the_water_is_not_shown_as_trapped_in_it() {
    Page page = Islet.running().owner();
    page.navigate("/c/weir-mill/enclosures/1/build");
    assertThat(page.locator(".reach")).containsText("it lives in the water and needs none");
    assertThat(page.locator(".plan .r-trapped")).hasCount(0);
  }

  @Test
  void bands_of_depth_are_drawn_when_shown_and_change_nothing_of_the_design() {
    Page page = Islet.running().owner();
    turtleTank(page, "Bands");
    settled(page);
    Locator bands = page.locator(".plan .o-depth path");
    assertThat(bands).hasCount(0);
    page.locator("[data-overlay=depth]").check();
    assertThat(bands).hasCount(1);
    assertThat(page.locator("[data-preview-state]")).isEmpty();
    page.reload();
    assertThat(bands).hasCount(1);
    assertThat(page.locator("[data-preview-state]")).isEmpty();
    page.fill("#depth", "24");
    assertThat(page.locator("[data-preview-state]")).hasText("Not saved yet");
    page.locator("[data-overlay=depth]").uncheck();
    assertThat(bands).hasCount(0);
    assertThat(page.locator("[data-preview-state]")).hasText("Not saved yet");
  }

  @Test
  void what_a_move_does_not_change_stays_in_its_place() {
    Page page = Islet.running().owner();
    turtleTank(page, "Stays in place");
    add(page, "stone");
    Locator weight = page.locator("[data-rule=floor-load]");
    weight.locator("summary").focus();
    page.keyboard().press("Enter");
    String heavy = weight.locator("summary").innerText();
    page.evaluate(
        "() => document.querySelectorAll('.plan [data-part]').forEach(part => part.mark = 1)");
    page.evaluate(
        """
                () => {
                  const depth = document.querySelector("#depth");
                  depth.value = "35";
                  depth.dispatchEvent(new Event("input", { bubbles: true }));
                }""");
    assertThat(page.locator(".headline .big")).hasText("137");
    settled(page);
    assertThat(weight.locator("summary")).not().hasText(heavy);
    assertThat(weight).hasAttribute("open", "");
    assertThat(weight.locator("summary")).isFocused();
    assertThat(page.evaluate("() => document.querySelector('.plan [data-part]').mark"))
        .as("the stone was not drawn anew")
        .isEqualTo(1);
  }

  @Test
  void parts_are_copied_locked_and_taken_away() {
    Page page = Islet.running().owner();
    turtleTank(page, "Parts");
    add(page, "cork");
    row(page, "cork-1");
    act(page, "Copy: Cork 1");
    row(page, "cork-2");
    page.check("[name=p1-locked]");
    String before = page.locator("[name=p1-x]").inputValue();
    drag(page, ".plan [data-part=cork-2]", 20, 0);
    assertThat(page.locator("[name=p1-x]")).hasValue(before);
    act(page, "Remove: Cork 1");
    assertThat(page.locator("[data-row=cork-1]")).hasCount(0);
    send(page, "Save design");
    assertThat(page.locator("[data-row=cork-2]")).hasCount(1);
    assertThat(page.locator("[name=p0-locked]")).isChecked();
  }

  @Test
  void every_step_is_taken_back_and_done_again_across_saves_too() {
    Page page = Islet.running().owner();
    turtleTank(page, "Undone");
    add(page, "cave");
    page.fill("#depth", "25");
    page.locator("#depth").blur();
    settled(page);
    send(page, "Save design");
    assertThat(page.locator(".flash")).containsText("Saved.");
    act(page, "Undo");
    assertThat(page.locator("#depth")).hasValue("20");
    assertThat(page.locator(".headline .big")).not().hasText("100");
    page.keyboard().press("Control+z");
    assertThat(page.locator("[data-row=cave-1]")).hasCount(0);
    settled(page);
    page.keyboard().press("Control+Shift+z");
    assertThat(page.locator("[data-row=cave-1]")).hasCount(1);
    settled(page);
    act(page, "Redo");
    assertThat(page.locator("#depth")).hasValue("25");
    assertThat(page.locator("[data-redo]")).isDisabled();
  }

  @Test
  void what_was_typed_and_not_saved_is_back_after_a_reload() {
    Page page = Islet.running().owner();
    turtleTank(page, "Lost tab");
    page.fill("#depth", "31");
    page.locator("#depth").blur();
    settled(page);
    page.reload();
    assertThat(page.locator("[data-preview-state]"))
        .hasText("What you had not saved is back; Undo takes it away again.");
    assertThat(page.locator("#depth")).hasValue("31");
    settled(page);
    act(page, "Undo");
    assertThat(page.locator("#depth")).hasValue("20");
  }

  @Test
  void what_is_typed_before_the_scripts_have_come_can_be_taken_back_too() {
    Page page = Islet.running().owner();
    turtleTank(page, "Slow line");
    settled(page);
    List<Route> held = new ArrayList<>();
    page.route("**/js/page.js", held::add);
    page.navigate(page.url(), new Page.NavigateOptions().setWaitUntil(WaitUntilState.COMMIT));
    page.fill("#length", "90");
    held.forEach(Route::resume);
    assertThat(page.locator("[data-undo]")).isEnabled();
    assertThat(page.locator("[data-preview-state]")).hasText("Not saved yet");
    act(page, "Undo");
    assertThat(page.locator("#length")).hasValue("100");
  }

  @Test
  void a_lost_connection_loses_nothing_and_says_so() {
    Page page = Islet.running().owner();
    turtleTank(page, "No line");
    settled(page);
    page.context().setOffline(true);
    page.fill("#depth", "27");
    assertThat(page.locator("[data-preview-state]")).containsText("No connection");
    page.context().setOffline(false);
    page.fill("#depth", "28");
    assertThat(page.locator("[data-preview-state]")).hasText("Not saved yet");
    assertThat(page.locator(".headline .big")).hasText("112");
  }

  @Test
  void points_of_the_ground_are_put_and_dragged_in_the_section() {
    Page page = Islet.running().owner();
    String base = turtleTank(page, "Ground points");
    settled(page);
    page.locator("svg.working:not(.plan) .s-water")
        .dblclick(
            new Locator.DblclickOptions()
                .setPosition(
                    page.locator("svg.working:not(.plan) .s-water").boundingBox().width * 0.7, 20));
    assertThat(page.locator("[name=g0-x]")).hasValue("70");
    assertThat(page.locator("[name=g0-rise]")).hasValue("0");
    drag(page, "[data-drag=g0]", -20, -10);
    assertThat(page.locator("[name=g0-x]")).hasValue("50");
    assertThat(page.locator("[name=g0-rise]")).hasValue("10");
    // A triangle 100 cm wide and 10 cm high over the 40 cm of width: 20 L less.
    assertThat(page.locator(".headline .big")).hasText("60");
    act(page, "Add a layer");
    page.fill("[name=l0-thickness]", "9");
    assertThat(page.locator("#groundDepth-note"))
        .containsText("The layers below are 9 cm thick together");
    page.fill("#groundDepth", "9");
    send(page, "Save design");
    assertThat(page.locator(".flash")).containsText("Saved.");
    assertThat(page.request().get(Islet.running().base() + base + "/document.json").text())
        .contains("\"points\"", "\"below\"", "drainage");
  }

  @Test
  void the_cut_is_moved_by_pointer_and_keys_and_changes_nothing() {
    Page page = Islet.running().owner();
    turtleTank(page, "Cut");
    add(page, "stone");
    assertThat(page.locator("svg:not(.plan) [data-part=stone-1].s-behind")).hasCount(0);
    drag(page, ".plan [data-drag=cut]", 0, 18);
    assertThat(page.locator("[data-for=cut]")).hasText("38 cm");
    assertThat(page.locator("svg:not(.plan) [data-part=stone-1].s-behind")).hasCount(1);
    page.locator("[name=cut]").focus();
    page.keyboard().press("Home");
    assertThat(page.locator("svg:not(.plan) [data-part=stone-1].s-before")).hasCount(1);
    act(page, "Undo");
    assertThat(page.locator("[data-row=stone-1]")).hasCount(0);
  }

  @Test
  void a_chosen_part_is_nudged_copied_and_removed_by_keys() {
    Page page = Islet.running().owner();
    turtleTank(page, "Nudged");
    add(page, "stone");
    page.locator(".plan [data-part=stone-1]").click();
    page.locator("h1").click();
    page.keyboard().press("ArrowRight");
    page.keyboard().press("Shift+ArrowDown");
    assertThat(page.locator("[name=p0-x]")).hasValue("40.5");
    assertThat(page.locator("[name=p0-y]")).hasValue("17");
    settled(page);
    page.keyboard().press("c");
    assertThat(page.locator("[data-row=stone-2]")).hasCount(1);
  }

  @Test
  void a_finding_points_at_its_place_and_back() {
    Page page = Islet.running().owner();
    turtleTank(page, "Pointing");
    page.fill("#depth", "45");
    Locator finding = page.locator(".finding[data-rule=water-too-deep]");
    assertThat(finding).hasCount(1);
    settled(page);
    finding.locator("summary").first().click();
    if (finding.getAttribute("open") == null) {
      finding.locator("summary").first().click();
    }
    finding.locator("[data-show]").click();
    assertThat(page.locator(".s-water.s-marked")).hasCount(1);
    page.locator("svg.working:not(.plan) .s-water").click();
    assertThat(page.locator(".finding.about[data-rule=water-too-deep]")).hasCount(1);
  }

  @Test
  void time_runs_ahead_to_the_first_failure() {
    Page page = Islet.running().owner();
    String base = enclosure(page, "Growing", "60", "30", "30");
    page.selectOption("#species", "common-musk");
    page.fill("#length", "4");
    page.fill("#name", "Pebble");
    send(page, "Add");
    page.navigate(base + "/build");
    Locator go = page.locator("[data-go-ahead]");
    assertThat(go).containsText("First problem");
    assertThat(page.locator(".marks i").first()).isAttached();
    go.click();
    assertThat(page.locator(".ahead")).containsText("In " + go.getAttribute("data-go-ahead"));
    assertThat(page.locator("[data-for=ahead]")).containsText("month");
    assertThat(page.locator("[data-redo]")).isDisabled();
    assertThat(page.locator("[data-undo]")).isDisabled();
  }

  @Test
  void every_saved_state_is_kept_compared_and_brought_back() {
    Page page = Islet.running().owner();
    String base = turtleTank(page, "Versions");
    page.fill("#depth", "33");
    send(page, "Save design");
    page.click("text=Earlier versions");
    assertThat(page.locator(".versions li.panel").first())
        .containsText("Water depth: 20 cm → 33 cm");
    press(page, "Restore version 2");
    assertThat(page.locator(".flash")).containsText("Version 2 is the design again.");
    assertThat(page.locator("#depth")).hasValue("20");
    page.navigate(base + "/versions");
    assertThat(page.locator(".versions li.panel")).hasCount(4);
    page.selectOption("select[name=one]", "2");
    page.selectOption("select[name=other]", "3");
    page.click("text=Side by side");
    assertThat(page.locator("figure svg")).hasCount(2);
    assertThat(page.locator("main > section.panel")).containsText("Water depth: 20 cm → 33 cm");
  }

  @Test
  void the_smallest_that_passes_is_proposed_within_the_room_there_is() {
    Page page = Islet.running().owner();
    turtleTank(page, "Proposed");
    page.click("text=Propose the smallest that passes");
    page.fill("#maxLength", "40");
    page.fill("#maxWidth", "30");
    press(page, "Propose");
    assertThat(page.locator("#maxLength-note")).containsText("No vessel that fits there passes");
    assertThat(page.locator("#maxLength")).hasValue("40");
    page.fill("#maxLength", "150");
    page.fill("#maxWidth", "60");
    press(page, "Propose");
    assertThat(page.locator(".flash")).containsText("Proposed and saved");
    assertThat(page.locator(".finding.danger, .finding.wrong")).hasCount(0);
    assertThat(page.locator("#platform")).isChecked();
  }

  @Test
  void what_is_chosen_in_the_drawing_shows_its_fields() {
    Page page = Islet.running().owner();
    page.addInitScript("localStorage.setItem('islet-all-fields', 'false')");
    page.navigate("/c/weir-mill/enclosures/4/build");
    assertThat(page.locator("#length")).isVisible();
    assertThat(page.locator("#depth")).not().isVisible();
    page.locator("svg.working:not(.plan) .s-water").click();
    assertThat(page.locator("#depth")).isVisible();
    assertThat(page.locator("#length")).not().isVisible();
    page.locator(".plan [data-part=stone-1]").click();
    assertThat(page.locator("[data-row=stone-1] input[name$='-x']")).isVisible();
    assertThat(page.locator("#depth")).not().isVisible();
    page.locator("svg.working:not(.plan) .s-air")
        .click(new Locator.ClickOptions().setPosition(12, 12));
    assertThat(page.locator("#length")).isVisible();
    page.check("[data-all-fields]");
    assertThat(page.locator("#depth")).isVisible();
    assertThat(page.locator("#heater")).isVisible();
  }

  @Test
  void a_finding_and_its_place_carry_the_same_number() {
    Page page = Islet.running().owner();
    page.navigate("/c/weir-mill/enclosures/4/build");
    Locator pin = page.locator(".s-pin").first();
    assertThat(pin).isVisible();
    assertThat(page.locator(".finding .pin").first()).hasText(pin.textContent());
    assertThat(page.locator(".figures > div:visible")).hasCount(4);
    page.click("text=All figures");
    assertThat(page.locator(".figures > div:visible").nth(6)).isVisible();
  }

  @Test
  void panels_fold_away_and_stay_so() {
    Page page = Islet.running().owner();
    page.navigate("/c/weir-mill/enclosures/5/build");
    double before = page.locator("svg.working.plan").boundingBox().width;
    page.click("[data-panel=fields]");
    page.click("[data-panel=findings]");
    assertThat(page.locator("#length")).not().isVisible();
    assertThat(page.locator(".findings")).not().isVisible();
    assertThat(page.locator("svg.working.plan").boundingBox().width).isGreaterThan(before * 1.3);
    page.reload();
    assertThat(page.locator("#length")).not().isVisible();
    page.click("[data-panel=fields]");
    assertThat(page.locator("#length")).isVisible();
  }

  @Test
  void the_drawing_is_whole_on_an_ordinary_screen() {
    Page page = Islet.running().owner();
    for (int id = 1; id <= 10; id++) {
      page.navigate("/c/weir-mill/enclosures/" + id + "/build");
      BoundingBox plan = page.locator("svg.working.plan").boundingBox();
      assertThat(plan.y + plan.height).as("enclosure " + id).isLessThanOrEqualTo(800);
      assertThat(page.locator(".drawings").boundingBox().width)
          .as("enclosure " + id)
          .isGreaterThan(0.64 * 1280);
    }
  }

  /** Words of a drawing that lie on other words or on an animal. */
  private static final String OVERLAPS =
      """
      () => [...document.querySelectorAll("svg.working")].flatMap(svg => {
        const box = e => ({ e, r: e.getBoundingClientRect() });
        const words = [...svg.querySelectorAll("text")].filter(t => !t.closest(".s-pin") && t.textContent).map(box);
        const animals = [...svg.querySelectorAll(".s-animal")].map(box);
        const meet = (a, b) => a.r.left < b.r.right - 1 && b.r.left < a.r.right - 1
          && a.r.top < b.r.bottom - 1 && b.r.top < a.r.bottom - 1;
        return words.flatMap((a, n) => [...words.slice(n + 1), ...animals].filter(b => meet(a, b))
          .map(b => a.e.textContent + " on " + (b.e.textContent || "an animal")));
      })""";

  @Test
  void words_in_the_drawings_lie_on_nothing() {
    for (int width : new int[] {1280, 390}) {
      Page page = Islet.running().owner(width, 844);
      for (int id = 1; id <= 10; id++) {
        page.navigate("/c/weir-mill/enclosures/" + id + "/build");
        assertThat((List<?>) page.evaluate(OVERLAPS)).as("enclosure " + id).isEmpty();
      }
    }
  }

  @Test
  void a_figure_opens_to_its_formula_what_it_is_from_and_its_source() {
    Page page = Islet.running().owner();
    page.navigate("/c/weir-mill/enclosures/1/build");
    Locator floor = page.locator(".figures > div:has(summary:text-is('Floor'))");
    floor.locator("summary").click();
    assertThat(floor).containsText("Inner length × inner width");
    assertThat(floor).containsText("inside 100 × 50 × 45 cm");
    assertThat(floor).containsText("Source Geometry.");
    page.locator(".read summary", new Page.LocatorOptions().setHasText("How it is computed"))
        .click();
    assertThat(page.locator(".read")).containsText("water line 34 cm over the floor");
  }

  @Test
  void what_lies_over_the_drawing_is_hatched_and_says_what_it_is() {
    Page page = Islet.running().owner();
    page.navigate("/c/weir-mill/enclosures/9/build");
    assertThat(page.locator(".under")).containsText("All heights are from the floor inside.");
    page.check("[name=current]");
    assertThat(page.locator(".under")).containsText("The jet of a bare outlet");
    Locator strong = page.locator(".plan .o-current .w-2");
    assertThat(strong).hasCount(1);
    assertThat(strong).hasCSS("fill", Pattern.compile(".*#t-current-2.*"));
    page.check("[name=depths]");
    assertThat(page.locator(".under")).containsText("the closer the lines, the deeper");
    assertThat(page.locator(".plan .d-3")).hasCSS("fill", Pattern.compile(".*#t-depth-3.*"));
    page.check("[name=lamps]");
    assertThat(page.locator(".under")).containsText("UV index over the place in bands");
    page.navigate("/c/weir-mill/enclosures/1/build");
    page.check("[name=current]");
    assertThat(page.locator(".under")).containsText("its outlet is spread");
    assertThat(page.locator(".plan .o-current")).hasCount(0);
  }
}

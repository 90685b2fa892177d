package app.islet.web;

import static app.islet.web.support.Hands.enclosure;
import static app.islet.web.support.Hands.press;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.web.support.Islet;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;

import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** The drawing as a tool: parts and the water line dragged, typed, copied, taken away. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class BenchTest {
    private static String turtleTank(Page page, String name) {
        String base = enclosure(page, name, "100", "40", "50");
        page.selectOption("#species", "common-musk");
        page.fill("#length", "10");
        page.fill("#name", "Flint");
        press(page, "Add");
        page.navigate(base + "/build");
        page.fill("#depth", "20");
        press(page, "Save the design");
        return base;
    }

    private static void add(Page page, String kind) {
        page.click("text=Add a part");
        press(page, kind);
        assertThat(page.locator(".flash")).containsText("Saved.");
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
        press(page, "Save the design");
        page.reload();
        assertThat(page.locator("#depth")).hasValue("30");
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
        press(page, "Save the design");
        String mouse = litres(page);

        String byKeys = turtleTank(page, "By keys");
        page.locator("summary", new Page.LocatorOptions().setHasText("Add a part")).focus();
        page.keyboard().press("Enter");
        page.getByText("stone", new Page.GetByTextOptions().setExact(true)).focus();
        page.keyboard().press("Enter");
        page.locator("[data-row=stone-1] summary").focus();
        page.keyboard().press("Enter");
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
        page.locator("[data-row=shelf-1] summary").click();
        page.fill("[name=p0-bottom]", "20");
        page.fill("[name=p0-top]", "24");
        assertThat(page.locator(".reach")).containsText("1 way out of the water");
        assertThat(page.locator(".finding[data-rule=no-way-out]")).hasCount(0);
        page.locator("[name=p0-top]").fill("19");
        assertThat(page.locator("#p0-top-note"))
                .containsText("Its top must be above its bottom at 20 cm.");
    }

    @Test
    void parts_are_copied_locked_and_taken_away() {
        Page page = Islet.running().owner();
        turtleTank(page, "Parts");
        add(page, "cork");
        page.locator("[data-row=cork-1] summary").click();
        press(page, "Copy: Cork 1");
        assertThat(page.locator("[data-row]")).hasCount(2);
        page.locator("[data-row=cork-2] summary").click();
        page.check("[name=p1-locked]");
        press(page, "Save the design");
        String before = page.locator("[name=p1-x]").inputValue();
        drag(page, ".plan [data-part=cork-2]", 20, 0);
        assertThat(page.locator("[name=p1-x]")).hasValue(before);
        page.locator("[data-row=cork-1] summary").click();
        press(page, "Remove: Cork 1");
        assertThat(page.locator("[data-row]")).hasCount(1);
        assertThat(page.locator("[data-row]")).hasAttribute("data-row", "cork-2");
    }

    @Test
    void every_saved_state_is_kept_compared_and_brought_back() {
        Page page = Islet.running().owner();
        String base = turtleTank(page, "Versions");
        page.fill("#depth", "33");
        press(page, "Save the design");
        page.click("text=Earlier");
        assertThat(page.locator(".versions li.panel").first())
                .containsText("/water/depthCm 20 → 33");
        press(page, "Bring back version 2");
        assertThat(page.locator(".flash")).containsText("Version 2 is the design again.");
        assertThat(page.locator("#depth")).hasValue("20");
        page.navigate(base + "/versions");
        assertThat(page.locator(".versions li.panel")).hasCount(4);
    }

    @Test
    void the_smallest_that_passes_is_proposed_within_the_room_there_is() {
        Page page = Islet.running().owner();
        turtleTank(page, "Proposed");
        page.click("text=Propose the smallest that passes");
        page.fill("#maxLength", "40");
        page.fill("#maxWidth", "30");
        press(page, "Propose");
        assertThat(page.locator("#maxLength-note"))
                .containsText("No vessel as sold that fits there passes");
        assertThat(page.locator("#maxLength")).hasValue("40");
        page.fill("#maxLength", "150");
        page.fill("#maxWidth", "60");
        press(page, "Propose");
        assertThat(page.locator(".flash")).containsText("Proposed and saved");
        assertThat(page.locator(".finding.danger, .finding.wrong")).hasCount(0);
        assertThat(page.locator("#platform")).isChecked();
    }
}

package app.islet.web;

import static app.islet.web.base.support.Hands.send;

import app.islet.web.base.support.Islet;
import app.islet.web.base.support.PlainBrowser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.SelectOption;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * How fast the drawing answers a drag: an enclosure of 120 x 50 x 50 cm with 30 parts and 4
 * residents, the water line and a stone dragged, measured in the browser beside a request that does
 * nothing. Prints, and judges nothing.
 *
 * <p>The machine that compiles the server's code in the background is not measured: it is warm
 * after some 4000 moves on two processors.
 */
@Tag("benchmark")
class DragBenchmark {
  private static final int WARM_UP = 2000;
  private static final int MOVES = 200;

  private static String furnished() {
    List<String> parts = new ArrayList<>();
    String[] kinds = {"stone", "wood", "cork", "cave", "plants", "shelf"};
    for (int n = 0; n < 30; n++) {
      String kind = kinds[n % kinds.length];
      parts.add(
          """
                    {"id": "%s-%d", "kind": "%s", "xCm": %d, "yCm": %d, "lengthCm": 9, "widthCm": 7,
                     "bottomCm": %d, "topCm": %d, "turnDeg": %d, "round": %b}"""
              .formatted(
                  kind,
                  n,
                  kind,
                  2 + n % 10 * 11,
                  2 + n / 10 * 14,
                  kind.equals("shelf") ? 18 : 3,
                  kind.equals("shelf") ? 20 : 8 + n % 5,
                  n * 7 % 90,
                  n % 2 == 0));
    }
    return """
        {"islet": "enclosure", "version": 1, "name": "Bench", "vessel": {"lengthCm": 120, "widthCm": 50, "heightCm": 50},
         "water": {"depthCm": 20}, "ground": {"material": "sand", "depthCm": 3}, "lid": "mesh",
         "land": {"sharePercent": 25, "heightCm": 28, "rampCm": 24},
         "equipment": [{"kind": "heater", "powerW": 100, "guarded": true}, {"kind": "filter", "flowLph": 400, "guarded": true},
           {"kind": "basking-lamp", "powerW": 50}, {"kind": "uvb-lamp"}],
         "furnishings": {"parts": [%s]},
         "residents": [{"species": "common-musk", "name": "One", "lengthCm": 8}, {"species": "common-musk", "name": "Two", "lengthCm": 6},
           {"species": "mud-turtle", "name": "Three", "lengthCm": 9}, {"species": "slider", "name": "Four", "lengthCm": 11}]}"""
        .formatted(String.join(",", parts));
  }

  /** Each move is sent as the pointer sends it; its answer is there when the drawing is swapped. */
  private static final String DRAG =
      """
            (async (field, least, moves) => {
              const form = document.querySelector("form[data-preview]");
              const took = [];
              for (let n = 0; n < moves; n++) {
                form.elements[field].value = String(least + n % 20 / 2);
                const start = performance.now();
                const drawn = new Promise(done => form.addEventListener("design:drawn", done, { once: true }));
                form.elements[field].dispatchEvent(new Event("input", { bubbles: true }));
                await drawn;
                document.getElementById("answer").getBoundingClientRect();
                took.push(performance.now() - start);
              }
              return took;
            })""";

  /** The same question as a drag asks, of a page that shows the answer already. */
  private static final String ASK =
      """
            (async times => {
              const form = document.querySelector("form[data-preview]");
              const has = [...document.querySelectorAll("#answer [data-says]")].map(e => e.dataset.says).join(" ");
              const question = { ...Object.fromEntries(new FormData(form)), has };
              const line = (await import("/files-0/js/bench/line.js")).open(form.dataset.preview);
              for (let n = 0; n < 10; n++) await line.ask(question);
              const took = [];
              for (let n = 0; n < times; n++) {
                const start = performance.now();
                await line.ask(question);
                took.push(performance.now() - start);
              }
              line.close();
              return took;
            })""";

  /** A request that nothing is computed for. */
  private static final String EMPTY =
      """
            (async times => {
              const took = [];
              for (let n = 0; n < times; n++) {
                const start = performance.now();
                await (await fetch("/favicon.svg?" + n)).text();
                took.push(performance.now() - start);
              }
              return took;
            })""";

  private static final String SIGN_IN =
      """
            (async () => {
              const form = document.querySelector("main form");
              form.elements.username.value = "mill";
              form.elements.password.value = "quiet water";
              return (await fetch(form.action, { method: "POST", body: new URLSearchParams(new FormData(form)) })).url;
            })()""";

  @Test
  void report() throws IOException, InterruptedException {
    String bench = made();
    try (PlainBrowser browser = new PlainBrowser(1280, 800)) {
      browser.open(Islet.running().base() + "/login", "!!document.querySelector('main form')");
      browser.evaluate(SIGN_IN);
      browser.open(bench, "!!document.querySelector('form[data-preview-live]')");
      numbers(browser.evaluate(DRAG + "('depth', 15, %d)".formatted(WARM_UP)));
      numbers(browser.evaluate(DRAG + "('p0-x', 2, %d)".formatted(WARM_UP)));
      print("The water line", browser.evaluate(DRAG + "('depth', 15, %d)".formatted(MOVES)));
      print("A stone", browser.evaluate(DRAG + "('p0-x', 2, %d)".formatted(MOVES)));
      double asked = print("The question alone", browser.evaluate(ASK + "(%d)".formatted(MOVES)));
      double empty = print("An empty request", browser.evaluate(EMPTY + "(%d)".formatted(MOVES)));
      System.out.printf(Locale.ROOT, "The question to an empty request: %.1f : 1%n", asked / empty);
    }
  }

  /** Makes the enclosure as a keeper would, by reading a file. */
  private static String made() {
    Page page = Islet.running().owner();
    page.navigate("/c/weir-mill/enclosures/new");
    page.fill("#name", "Bench");
    page.selectOption("#room", new SelectOption().setIndex(0));
    page.setInputFiles(
        "#file",
        new FilePayload(
            "bench.json", "application/json", furnished().getBytes(StandardCharsets.UTF_8)));
    send(page, "Create, then add residents");
    page.waitForURL("**/build");
    String address = page.url();
    page.context().close();
    return address;
  }

  /** Prints and gives back the median. */
  private static double print(String what, JsonNode measured) {
    List<Double> took = numbers(measured);
    System.out.printf(
        Locale.ROOT,
        "%s: median %.1f ms, 95 of 100 under %.1f ms%n",
        what,
        at(took, 50),
        at(took, 95));
    return at(took, 50);
  }

  private static List<Double> numbers(JsonNode measured) {
    List<Double> all = new ArrayList<>();
    measured.forEach(value -> all.add(value.asDouble()));
    all.sort(null);
    return all;
  }

  private static double at(List<Double> sorted, int percent) {
    return sorted.get(Math.min(sorted.size() - 1, sorted.size() * percent / 100));
  }
}

package app.islet.web;

import static app.islet.web.support.Hands.send;

import app.islet.web.support.Islet;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.SelectOption;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfEnvironmentVariable;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * How fast the drawing answers a drag: an enclosure of 120 x 50 x 50 cm with 30 parts and 4
 * residents, measured in the browser, beside a request that does nothing. Prints, and judges
 * nothing; only when ISLET_BENCHMARK is set.
 */
@EnabledIfEnvironmentVariable(named = "ISLET_BENCHMARK", matches = ".+")
class DragBenchmark {
    private static final int WARM_UP = 400;
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

    /**
     * Each move is sent as the pointer sends it; its answer is there when the drawing is swapped.
     */
    private static final String DRAG =
            """
            async moves => {
              const form = document.querySelector("form[data-preview]");
              const depth = form.elements.depth;
              const took = [];
              for (let n = 0; n < moves; n++) {
                depth.value = String(15 + n % 20 / 2);
                const start = performance.now();
                const drawn = new Promise(done => form.addEventListener("design:drawn", done, { once: true }));
                depth.dispatchEvent(new Event("input", { bubbles: true }));
                await drawn;
                document.getElementById("answer").getBoundingClientRect();
                took.push(performance.now() - start);
              }
              return took;
            }""";

    private static final String ASK =
            """
            async ([path, times]) => {
              const form = document.querySelector("form[data-preview]");
              const took = [];
              for (let n = 0; n < times; n++) {
                const start = performance.now();
                const asked = path ? { method: "POST", body: new URLSearchParams(new FormData(form)) } : {};
                await (await fetch(path ? form.dataset.preview + path : "/favicon.svg?" + n, asked)).text();
                took.push(performance.now() - start);
              }
              return took;
            }""";

    @Test
    void report() {
        Page page = Islet.running().owner();
        page.navigate("/c/weir-mill/enclosures/new");
        page.fill("#name", "Bench");
        page.selectOption("#room", new SelectOption().setIndex(0));
        page.setInputFiles(
                "#file",
                new FilePayload(
                        "bench.json",
                        "application/json",
                        furnished().getBytes(StandardCharsets.UTF_8)));
        send(page, "Make it, then say who lives there");
        page.waitForURL("**/build");
        page.evaluate(DRAG, WARM_UP);
        List<Double> drags = numbers(page.evaluate(DRAG, MOVES));
        page.evaluate(ASK, List.of("/preview", MOVES));
        List<Double> server = numbers(page.evaluate(ASK, List.of("/preview", MOVES)));
        List<Double> empty = numbers(page.evaluate(ASK, List.of("", MOVES)));
        System.out.printf(
                Locale.ROOT,
                "A drag, pointer to new drawing: median %.1f ms, 95 of 100 under %.1f ms%n"
                        + "The request alone: median %.1f ms, 95 of 100 under %.1f ms%n"
                        + "An empty request: median %.1f ms; ratio of the medians %.1f : 1%n",
                at(drags, 50),
                at(drags, 95),
                at(server, 50),
                at(server, 95),
                at(empty, 50),
                at(server, 50) / at(empty, 50));
    }

    private static List<Double> numbers(Object measured) {
        List<Double> all = new ArrayList<>();
        for (Object value : (List<?>) measured) {
            all.add(((Number) value).doubleValue());
        }
        all.sort(null);
        return all;
    }

    private static double at(List<Double> sorted, int percent) {
        return sorted.get(Math.min(sorted.size() - 1, sorted.size() * percent / 100));
    }
}

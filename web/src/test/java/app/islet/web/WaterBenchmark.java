package app.islet.web;

import static app.islet.web.base.support.Hands.send;

import app.islet.web.base.support.Hands;
import app.islet.web.base.support.Islet;
import app.islet.web.base.support.TestClock;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.SelectOption;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Locale;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * How fast ten years of daily tests are read, shown and written: 3652 lines of eight values,
 * through the real pages. Prints, and judges nothing.
 */
@Tag("benchmark")
class WaterBenchmark {
  private static final int DAYS = 3652;
  private static final int TIMES = 60;

  private static String decade() {
    StringBuilder table =
        new StringBuilder(
            "day,what,amount,ammonia [mg/L N],nitrite [mg/L N],nitrate [mg/L N],ph,kh,gh,salt,temperature\n");
    LocalDate today = TestClock.today();
    for (int day = DAYS - 1; day >= 0; day--) {
      table.append(
          String.format(
              Locale.ROOT,
              "%s,test,,0,0,%.2f,%.1f,%d,%d,0.2,%.1f%n",
              today.minusDays(day),
              3 + day % 7 * 0.4,
              7.2 + day % 5 * 0.1,
              5 + day % 3,
              9 + day % 4,
              16 + day % 11 * 0.2));
    }
    return table.toString();
  }

  @Test
  void report() {
    Page page = Islet.running().owner();
    String enclosure = Hands.enclosure(page, "Decade", "100", "50", "45");
    page.selectOption("#species", new SelectOption().setValue("axolotl"));
    page.fill("#name", "Old one");
    page.fill("#length", "22");
    send(page, "Add");
    page.navigate(enclosure + "/build");
    page.fill("#depth", "32");
    page.fill("#filter", "300");
    send(page, "Save design");
    page.navigate(enclosure + "/water");
    page.setInputFiles(
        "#water-file",
        new FilePayload("decade.csv", "text/csv", decade().getBytes(StandardCharsets.UTF_8)));
    double previewed = timed(() -> send(page, "Preview import"));
    double added = timed(() -> send(page, "Add them to the log"));
    String all = Islet.running().base() + enclosure + "/water?curve=nitrate&span=all";
    double[] shown = repeated(() -> page.request().get(all).body());
    double[] opened = repeated(() -> page.navigate(all));
    double[] written =
        repeated(
            () -> page.request().get(Islet.running().base() + enclosure + "/water/log.csv").body());
    double[] empty =
        repeated(() -> page.request().get(Islet.running().base() + "/favicon.svg").body());
    System.out.printf(
        Locale.ROOT,
        "Ten years of daily tests: seen %.0f ms, read in %.0f ms%n"
            + "Shown: median %.0f ms, 95 of 100 under %.0f ms; in the browser %.0f ms; %.0f : 1 to an empty request%n"
            + "Written: median %.0f ms%n",
        previewed,
        added,
        at(shown, 50),
        at(shown, 95),
        at(opened, 50),
        at(shown, 50) / at(empty, 50),
        at(written, 50));
  }

  private static double timed(Runnable work) {
    long start = System.nanoTime();
    work.run();
    return (System.nanoTime() - start) / 1e6;
  }

  private static double[] repeated(Runnable work) {
    double[] took = new double[TIMES];
    for (int n = 0; n < TIMES; n++) {
      took[n] = timed(work);
    }
    Arrays.sort(took);
    return took;
  }

  private static double at(double[] sorted, int percent) {
    return sorted[Math.min(sorted.length - 1, sorted.length * percent / 100)];
  }
}

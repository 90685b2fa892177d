package app.islet.web.base.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.geom.Path2D;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class RegionsTest {
  private static final Pattern COMMAND = Pattern.compile("M(\\d+) (\\d+)|([hv])(-?\\d+)|z");

  private static Regions regions(String... rows) {
    int columns = rows[0].length();
    return new Regions(
        columns, rows.length, 1, at -> rows[at / columns].charAt(at % columns) == '#' ? 0 : -1);
  }

  @Test
  @DisplayName("A block is one outline, whatever its rows")
  void block() {
    assertThat(regions("....", ".##.", ".##.").outline(0)).isEqualTo("M1 1h2v2h-2v-2z");
  }

  @Test
  @DisplayName("A hole stays open")
  void hole() {
    assertThat(regions("###", "#.#", "###").outline(0)).isEqualTo("M0 0h3v3h-3v-3zM1 2h1v-1h-1v1z");
  }

  @Test
  @DisplayName("Cells that touch in a corner are two outlines")
  void corners() {
    assertThat(regions("#.", ".#").outline(0)).isEqualTo("M0 0h1v1h-1v-1zM1 1h1v1h-1v-1z");
  }

  @Test
  @DisplayName("A kind that is nowhere is no path, and has no middle")
  void none() {
    assertThat(regions("..", "..").outline(0)).isEmpty();
    assertThat(regions("..", "..").middle(0)).isEqualTo(-1);
  }

  @Test
  @DisplayName("A label stands in the longest row of cells")
  void middle() {
    assertThat(regions("##....", ".#####", "###...").middle(0)).isEqualTo(6 + 3);
  }

  @RepeatedTest(50)
  @DisplayName("Java's own geometry finds in the outlines the cells they were drawn of, no others")
  void sameCells(RepetitionInfo repetition) {
    Random random = new Random(repetition.getCurrentRepetition());
    int columns = 1 + random.nextInt(12);
    int rows = 1 + random.nextInt(12);
    int[] kinds = random.ints(columns * rows, -1, 2).toArray();
    Regions regions = new Regions(columns, rows, 2, at -> kinds[at]);
    for (int kind = 0; kind < 2; kind++) {
      for (int rule : new int[] {Path2D.WIND_EVEN_ODD, Path2D.WIND_NON_ZERO}) {
        Path2D path = path(regions.outline(kind), rule);
        for (int at = 0; at < kinds.length; at++) {
          assertThat(path.contains(at % columns + 0.5, at / columns + 0.5))
              .isEqualTo(kinds[at] == kind);
        }
      }
    }
  }

  private static Path2D path(String outline, int rule) {
    Path2D path = new Path2D.Double(rule);
    Matcher command = COMMAND.matcher(outline);
    while (command.find()) {
      if (command.group(1) != null) {
        path.moveTo(Integer.parseInt(command.group(1)), Integer.parseInt(command.group(2)));
      } else if (command.group(3) == null) {
        path.closePath();
      } else {
        int by = Integer.parseInt(command.group(4));
        boolean across = command.group(3).equals("h");
        path.lineTo(
            path.getCurrentPoint().getX() + (across ? by : 0),
            path.getCurrentPoint().getY() + (across ? 0 : by));
      }
    }
    return path;
  }
}

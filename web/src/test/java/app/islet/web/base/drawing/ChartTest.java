package app.islet.web.base.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class ChartTest {
  private static Chart chart(double... values) {
    return new Chart(
        "A day <warm>",
        "°C",
        List.of("0:00", "24:00"),
        List.of(new Chart.Line("water", "c-water", values)),
        List.of(new Chart.Band("ideal", "c-ideal", 20, 24)));
  }

  @Test
  void it_repeats_byte_for_byte_and_escapes_what_people_wrote() {
    String svg = chart(20, 21, 22).svg();
    assertThat(svg).isEqualTo(chart(20, 21, 22).svg());
    assertThat(svg).contains("<title>A day &lt;warm&gt;</title>").endsWith("</svg>");
  }

  @Test
  void the_curve_stays_inside_the_axes_whatever_the_values() {
    for (double[] values : new double[][] {{20, 21}, {-15, 40}, {22, 22}, {0.1, 0.11}}) {
      Matcher line =
          Pattern.compile("class=\"c-line c-water\" d=\"M64 ([\\d.]+)L860 ([\\d.]+)\"")
              .matcher(chart(values).svg());
      assertThat(line.find()).isTrue();
      assertThat(Double.parseDouble(line.group(1))).isBetween(16.0, 260.0);
      assertThat(Double.parseDouble(line.group(2))).isBetween(16.0, 260.0);
    }
  }

  @Test
  void warmer_is_drawn_higher() {
    Matcher line =
        Pattern.compile("c-line c-water\" d=\"M64 ([\\d.]+)L860 ([\\d.]+)\"")
            .matcher(chart(20, 25).svg());
    assertThat(line.find()).isTrue();
    assertThat(Double.parseDouble(line.group(1))).isGreaterThan(Double.parseDouble(line.group(2)));
  }
}

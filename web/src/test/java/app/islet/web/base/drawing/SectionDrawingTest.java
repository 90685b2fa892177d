package app.islet.web.base.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.Assessment;
import app.islet.core.care.CareLibrary;
import app.islet.core.document.DocumentReader;
import app.islet.core.document.EnclosureDocument;
import app.islet.core.quantity.UnitSystem;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The one drawing code, held against the numbers it draws. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class SectionDrawingTest {
  private static Assessment sample(String text) {
    EnclosureDocument document = new DocumentReader(CareLibrary.bundled()).read("sample", text);
    return Assessment.of(document.enclosure(), document.residents(), LocalDate.of(2026, 3, 2));
  }

  private static String box(double length, double width, double height, double depth, String more) {
    return "{\"islet\":\"enclosure\",\"version\":1,\"name\":\"A <b>box</b> & \\\"more\\\"\",\"vessel\":{\"lengthCm\":%s,\"widthCm\":%s,\"heightCm\":%s},\"water\":{\"depthCm\":%s},\"ground\":{\"material\":\"bare\",\"depthCm\":0},\"lid\":\"none\"%s}"
        .formatted(length, width, height, depth, more);
  }

  private static double attribute(String svg, String cssClass, String attribute) {
    Matcher m =
        Pattern.compile("class=\"" + cssClass + "\"[^>]*? " + attribute + "=\"([-0-9.]+)\"")
            .matcher(svg);
    assertThat(m.find()).as(cssClass + " " + attribute).isTrue();
    return Double.parseDouble(m.group(1));
  }

  static Stream<String> samples() throws IOException {
    List<Path> files;
    try (Stream<Path> folder = Files.list(Path.of("..", "samples"))) {
      files =
          folder
              .filter(p -> p.toString().endsWith(".json") && !p.toString().contains("trailing"))
              .sorted()
              .toList();
    }
    return Stream.concat(
        files.stream().map(SectionDrawingTest::read),
        Stream.of(
            box(1, 1, 1, 0, ""),
            box(2000, 10, 5, 5, ""),
            box(
                5,
                2000,
                2000,
                1,
                ",\"land\":{\"sharePercent\":100,\"heightCm\":2000,\"rampCm\":0}")));
  }

  private static String read(Path file) {
    try {
      return Files.readString(file);
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  @ParameterizedTest
  @MethodSource("samples")
  void every_drawing_is_sound_xml_with_finite_numbers(String text) throws Exception {
    for (UnitSystem units : UnitSystem.values()) {
      for (String svg :
          new String[] {
            SectionDrawing.working(sample(text), units, 10),
            SectionDrawing.glyph(sample(text)).scaled(2),
            SectionDrawing.glyph(sample(text)).fitted(150, 70)
          }) {
        DocumentBuilderFactory.newInstance()
            .newDocumentBuilder()
            .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)));
        assertThat(svg).doesNotContain("NaN", "Infinity", "E-", "E1");
      }
    }
  }

  @Test
  void water_and_glass_stand_in_true_proportion() {
    String svg = SectionDrawing.working(sample(box(100, 40, 50, 20, "")), UnitSystem.METRIC, 20);
    double glassHeight = attribute(svg, "s-air", "height");
    assertThat(attribute(svg, "s-air", "width") / glassHeight).isEqualTo(2, Offset.offset(0.001));
    assertThat(attribute(svg, "s-water", "height") / glassHeight)
        .isEqualTo(0.4, Offset.offset(0.001));
  }

  @Test
  void dimensions_are_written_in_the_keepers_units() {
    String land = ",\"land\":{\"sharePercent\":25,\"heightCm\":25,\"rampCm\":0}";
    assertThat(
            SectionDrawing.working(
                sample(box(101.6, 40, 50.8, 20.32, land)), UnitSystem.METRIC, 20))
        .contains(">water 76.2 cm<", ">land 25.4 cm<", ">height 50.8 cm<", ">20.3<", ">30.5<");
    assertThat(SectionDrawing.working(sample(box(101.6, 40, 50.8, 20.32, land)), UnitSystem.US, 20))
        .contains(">water 30 in<", ">land 10 in<", ">height 20 in<", ">8<", ">12<");
  }

  @Test
  void a_name_cannot_break_out_of_the_drawing() {
    assertThat(SectionDrawing.glyph(sample(box(60, 30, 30, 10, ""))).body())
        .contains("A &lt;b&gt;box&lt;/b&gt; &amp; &quot;more&quot;")
        .doesNotContain("<b>");
  }

  @Test
  void animals_are_drawn_at_their_size() {
    String two = ",\"residents\":[{\"species\":\"axolotl\",\"count\":2,\"lengthCm\":20}]";
    String svg = SectionDrawing.working(sample(box(100, 40, 50, 30, two)), UnitSystem.METRIC, 20);
    Matcher scale = Pattern.compile("scale\\((-?[0-9.]+) ").matcher(svg);
    assertThat(scale.find()).isTrue();
    assertThat(Math.abs(Double.parseDouble(scale.group(1))) / attribute(svg, "s-air", "width"))
        .isEqualTo(0.2, Offset.offset(0.001));
    assertThat(svg.split("s-animal", -1)).hasSize(3);
  }

  @Test
  void a_crowd_is_hinted_at_not_counted_out() {
    String crowd = ",\"residents\":[{\"species\":\"eastern-newt\",\"count\":500,\"lengthCm\":2}]";
    assertThat(
            SectionDrawing.glyph(sample(box(100, 40, 50, 30, crowd))).body().split("s-animal", -1))
        .hasSize(13);
  }

  @Test
  void a_rest_lies_under_the_line_or_on_the_floor_of_shallow_water() {
    for (double depth : new double[] {1, 3, 6, 20}) {
      String svg =
          SectionDrawing.working(
              sample(
                  box(60, 30, 30, depth, "")
                      .replace(
                          "\"depthCm\":%s},\"ground\"".formatted(depth),
                          "\"depthCm\":%s,\"restBelowSurfaceCm\":5},\"ground\"".formatted(depth))),
              UnitSystem.METRIC,
              15);
      double floor = attribute(svg, "s-air", "y") + attribute(svg, "s-air", "height");
      double rest = attribute(svg, "s-rest", "y") + attribute(svg, "s-rest", "height");
      assertThat(rest).as("%s cm", depth).isLessThanOrEqualTo(floor + 0.02);
    }
  }

  /**
   * A bowl of 400 cm², 4 cm deep, sunk into land 10 cm high, with its middle 30 cm from the left.
   */
  @Test
  void a_dish_sunk_into_the_land_is_drawn_where_it_lies() {
    Assessment crabs =
        sample(
            box(
                60,
                40,
                30,
                0,
                ",\"land\":{\"sharePercent\":100,\"heightCm\":10,\"rampCm\":1},\"furnishings\":{\"dishes\":[{\"depthCm\":4,\"areaCm2\":400,\"xCm\":30,\"yCm\":10}]}"));
    String section = SectionDrawing.working(crabs, UnitSystem.METRIC, 20);
    double scale = attribute(section, "s-water", "height") / 4;
    assertThat(attribute(section, "s-water", "width") / scale).isCloseTo(20, Offset.offset(0.1));
    String plan = PlanDrawing.plain(crabs, UnitSystem.METRIC, 20);
    assertThat(attribute(plan, "s-water", "r")).isCloseTo(10 * scale, Offset.offset(0.5));
  }

  @Test
  void eggs_are_drawn_as_eggs() {
    Assessment eggs =
        sample(
            box(
                30,
                20,
                20,
                10,
                ",\"residents\":[{\"species\":\"alpine-newt\",\"count\":3,\"stage\":\"egg\"}]"));
    assertThat(SectionDrawing.working(eggs, UnitSystem.METRIC, 10))
        .contains("<circle class=\"s-animal\"")
        .doesNotContain("<path class=\"s-animal\"");
  }
}

package app.islet.core.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.quantity.Range;
import app.islet.core.text.Node;
import app.islet.core.text.UnreadableException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.regex.Pattern;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class CareSheetsTest {
  private static final CareLibrary LIBRARY = CareLibrary.bundled();

  @Test
  void the_first_species_are_there_each_with_its_stages() {
    assertThat(LIBRARY.all().stream().map(CareSheet::id))
        .contains(
            "slider",
            "common-musk",
            "axolotl",
            "eastern-newt",
            "dwarf-frog",
            "vampire-crab",
            "land-hermit");
    assertThat(LIBRARY.all())
        .allMatch(sheet -> sheet.stages().size() >= 2)
        .allMatch(sheet -> !sheet.law().isEmpty() && !sheet.mistakes().isEmpty())
        .hasSizeGreaterThanOrEqualTo(30)
        .allMatch(
            sheet ->
                sheet.stages().stream()
                    .allMatch(stage -> stage.foods().isEmpty() == stage.hatch().isPresent()));
    assertThat(LIBRARY.find("eastern-newt").orElseThrow().stages().stream().map(Stage::id))
        .containsExactly("egg", "larva", "eft", "adult");
  }

  @Test
  void every_sheet_warns_against_release() {
    assertThat(LIBRARY.all())
        .allMatch(sheet -> sheet.law().stream().anyMatch(n -> n.kind() == LawNote.Kind.RELEASE));
  }

  @ParameterizedTest(name = "an eastern newt of {0} cm: {1}")
  @CsvSource({"0.9, larva", "3.49, larva", "3.5, eft", "7.4, eft", "7.5, adult", "11, adult"})
  void the_stage_follows_the_length(double lengthCm, String stage) {
    assertThat(LIBRARY.find("eastern-newt").orElseThrow().stageAt(lengthCm).id()).isEqualTo(stage);
  }

  /**
   * UV zones of Baines et al. 2016, J. Zoo Aquarium Res. 4(1): UV index at the basking place; typed
   * from memory.
   */
  @ParameterizedTest(name = "zone {0} basks at a UV index of {1} to {2}")
  @CsvSource({"1, 0.6, 1.4", "2, 1.1, 3.0", "3, 2.9, 7.4", "4, 4.5, 9.5"})
  void uv_ranges_are_those_of_the_published_zones(int zone, double from, double to) {
    assertThat(UvZone.of(zone).most()).isEqualTo(new Range(from, to));
    assertThat(UvZone.of(zone).number()).isEqualTo(zone);
  }

  @Test
  void every_number_of_every_sheet_says_what_it_rests_on() {
    for (CareSheet sheet : LIBRARY.all()) {
      String file = sheet.id() + ".yaml";
      assertThat(unfounded(Node.yaml(file, text(file)), "", false)).as(file).isEmpty();
    }
  }

  /** Places of numbers with no basis in their own group or one around it. */
  private static List<String> unfounded(Node node, String path, boolean founded) {
    boolean here = founded || node.fields().containsKey("basis");
    List<String> found = new ArrayList<>();
    if (node.value() instanceof Double && !here) {
      found.add(path);
    }
    // What a school changes keeps the basis of the block it is laid over.
    node.fields().entrySet().stream()
        .filter(field -> !field.getKey().equals("schools"))
        .forEach(
            field -> found.addAll(unfounded(field.getValue(), path + "/" + field.getKey(), here)));
    node.items().forEach(item -> found.addAll(unfounded(item, path + "/-", here)));
    return found;
  }

  /** Common practice, no source: 10 US gal for each inch of carapace. */
  @Test
  void sliders_have_ten_gallons_to_the_inch() {
    assertThat(
            LIBRARY
                .find("slider")
                .orElseThrow()
                .stageAt(12)
                .needs()
                .space()
                .waterLFor(1, 2.54)
                .orElseThrow())
        .isCloseTo(37.85, within(0.05));
  }

  /**
   * Common practice, no source: an axolotl is kept at 15 to 18 °C, never long above 20 °C, and 22
   * °C did harm.
   */
  @Test
  void axolotls_are_kept_cold() {
    Needs.Temperature water =
        LIBRARY.find("axolotl").orElseThrow().stageAt(22).needs().water().orElseThrow();
    assertThat(water.idealC()).isEqualTo(new Range(15, 18));
    assertThat(water.toleratedC().max()).isEqualTo(20);
    assertThat(water.harmC().max()).isEqualTo(22);
  }

  @Test
  void growth_nears_its_end_and_never_shrinks() {
    Growth growth = new Growth(25, 0.5, Evidence.MEMORY);
    assertThat(growth.lengthCm(5, 0)).isEqualTo(5);
    assertThat(growth.lengthCm(5, 365.25)).isCloseTo(25 - 20 * Math.exp(-0.5), within(1e-12));
    assertThat(growth.lengthCm(5, 1e6)).isCloseTo(25, within(1e-9));
    assertThat(growth.lengthCm(26, 1000)).isEqualTo(26);
    double days = growth.daysUntil(5, 20).orElseThrow();
    assertThat(growth.lengthCm(5, days)).isCloseTo(20, within(1e-9));
    assertThat(growth.daysUntil(5, 25)).isEmpty();
    assertThat(growth.daysUntil(5, 4).orElseThrow()).isZero();
  }

  private static String axolotl() {
    return text("axolotl.yaml");
  }

  private static String text(String file) {
    try (InputStream in = Objects.requireNonNull(CareLibrary.class.getResourceAsStream(file))) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  @ParameterizedTest(name = "{0} for {1} is refused")
  @CsvSource(
      delimiter = '|',
      value = {
        "group: salamander | group: lizard | line 5, /group: \"lizard\" is not one of turtle, salamander, frog, crab",
        "adultLengthCm: 24 | adultLengthCm: big | /body/adultLengthCm: \"big\" is not a number from",
        "fromLengthCm: 5, | fromLengthCm: 0, | must begin at a greater length than the one before",
        "{ideal: [15, 18], tolerated: [8, 20] | {ideal: [15, 21], tolerated: [8, 20] | the ideal range must lie within the tolerated one",
        "asymptoteCm: 26, perYear: 1.6, basis: memory | asymptoteCm: 26, perYear: 1.6, basis: hearsay | \"hearsay\" is not practice, memory, published: SOURCE or keeper: REASON",
        "heater: never | heater: hot | /stages/1/heater: \"hot\" is not one of never, guarded, any",
        "weekdays: [wed, sat] | weekdays: [wed, son] | \"son\" is not one of mon, tue"
      })
  void a_bad_sheet_is_refused_with_file_line_field_and_sentence(
      String good, String bad, String sentence) {
    assertThat(axolotl()).contains(good);
    assertThatThrownBy(
            () ->
                CareSheetReader.read(
                    "axolotl.yaml", axolotl().replaceFirst(Pattern.quote(good), bad)))
        .isInstanceOf(UnreadableException.class)
        .hasMessageContaining("axolotl.yaml, line")
        .hasMessageContaining(sentence);
  }

  @Test
  void a_school_changes_what_it_names_and_leaves_the_rest() {
    CareSheet usual = LIBRARY.find("axolotl").orElseThrow();
    CareSheet sand = usual.as("Fine sand for adults");
    assertThat(usual.schoolNames())
        .startsWith("Steady cold on a bare floor", "Larvae singly")
        .contains("Fine sand for adults");
    assertThat(sand.school().name()).isEqualTo("Fine sand for adults");
    assertThat(usual.stageAt(22).needs().ground().never()).contains(SubstrateMaterial.SAND);
    assertThat(sand.stageAt(22).needs().ground().never())
        .containsExactlyInAnyOrder(SubstrateMaterial.GRAVEL, SubstrateMaterial.SOIL);
    assertThat(sand.stageAt(8)).as("a juvenile on sand is no school's").isEqualTo(usual.stageAt(8));
    assertThat(sand.stageAt(22).needs().water()).isEqualTo(usual.stageAt(22).needs().water());
    assertThat(usual.as("no such school")).isEqualTo(usual);
  }

  @Test
  void a_school_that_is_written_wrong_is_refused_at_its_own_line() {
    String sheet = axolotl();
    assertThatThrownBy(
            () ->
                CareSheetReader.read(
                    "axolotl.yaml",
                    sheet.replace("never: [gravel, soil], why", "never: [lava], why")))
        .hasMessageContaining("axolotl.yaml, line 19")
        .hasMessageContaining("\"lava\" is not one of");
    assertThatThrownBy(
            () ->
                CareSheetReader.read(
                    "axolotl.yaml", sheet.replace("      adult: {ground", "      elder: {ground")))
        .isInstanceOf(UnreadableException.class)
        .hasMessageContaining("/stages/4");
  }
}

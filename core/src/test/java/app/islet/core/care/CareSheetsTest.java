package app.islet.core.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.quantity.Range;
import app.islet.core.text.UnreadableException;

import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Pattern;

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
                .allMatch(sheet -> !sheet.cautions().isEmpty())
                .allMatch(
                        sheet ->
                                sheet.stages().stream()
                                        .noneMatch(stage -> stage.foods().isEmpty()));
        assertThat(LIBRARY.find("eastern-newt").orElseThrow().stages().stream().map(Stage::id))
                .containsExactly("larva", "eft", "adult");
    }

    @Test
    void every_sheet_warns_against_release() {
        assertThat(LIBRARY.all())
                .allMatch(sheet -> String.join(" ", sheet.cautions()).contains("Never release it"));
    }

    @ParameterizedTest(name = "an eastern newt of {0} cm: {1}")
    @CsvSource({"0.9, larva", "3.49, larva", "3.5, eft", "7.4, eft", "7.5, adult", "11, adult"})
    void the_stage_follows_the_length(double lengthCm, String stage) {
        assertThat(LIBRARY.find("eastern-newt").orElseThrow().stageAt(lengthCm).id())
                .isEqualTo(stage);
    }

    /**
     * UV zones of Baines et al. 2016, J. Zoo Aquarium Res. 4(1): ranges of the UV index at the
     * basking place; typed from memory.
     */
    @Test
    void uv_ranges_are_those_of_the_published_zones() {
        Map<Integer, Range> published =
                Map.of(
                        1,
                        new Range(0, 1.4),
                        2,
                        new Range(1.1, 3.0),
                        3,
                        new Range(2.9, 7.4),
                        4,
                        new Range(4.5, 9.5));
        LIBRARY.all()
                .forEach(
                        sheet ->
                                sheet.stages()
                                        .forEach(
                                                stage ->
                                                        stage.needs()
                                                                .uv()
                                                                .ifPresent(
                                                                        uv ->
                                                                                assertThat(uv.uvi())
                                                                                        .as(
                                                                                                sheet
                                                                                                                .id()
                                                                                                        + " "
                                                                                                        + stage
                                                                                                                .id())
                                                                                        .isEqualTo(
                                                                                                published
                                                                                                        .get(
                                                                                                                uv
                                                                                                                        .zone())))));
    }

    /** Common practice, no source: 10 US gal for each inch of carapace. */
    @Test
    void sliders_have_ten_gallons_to_the_inch() {
        assertThat(
                        LIBRARY.find("slider")
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
        Growth growth = new Growth(25, 0.5, Basis.MEMORY);
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
        try (InputStream in =
                Objects.requireNonNull(CareLibrary.class.getResourceAsStream("axolotl.yaml"))) {
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
                "adultLengthCm: 24 | adultLengthCm: big | /adultLengthCm: \"big\" is not a number from",
                "fromLengthCm: 5 | fromLengthCm: 0 | must begin at a greater length than the one before",
                "{ideal: [15, 18], tolerated: [8, 20] | {ideal: [15, 21], tolerated: [8, 20] | the ideal range must lie within the tolerated one",
                "asymptoteCm: 26, perYear: 1.6, basis: memory | asymptoteCm: 26, perYear: 1.6, basis: hearsay | \"hearsay\" is not practice, memory or published: SOURCE",
                "heater: never | heater: hot | /stages/0/heater: \"hot\" is not one of never, guarded, any",
                "weekdays: [sun] | weekdays: [son] | \"son\" is not one of mon, tue"
            })
    void a_bad_sheet_is_refused_with_file_line_field_and_sentence(
            String good, String bad, String sentence) {
        assertThat(axolotl()).contains(good);
        assertThatThrownBy(
                        () ->
                                CareSheetReader.read(
                                        "axolotl.yaml",
                                        axolotl().replaceFirst(Pattern.quote(good), bad)))
                .isInstanceOf(UnreadableException.class)
                .hasMessageContaining("axolotl.yaml, line")
                .hasMessageContaining(sentence);
    }

    @Test
    void a_school_changes_what_it_names_and_leaves_the_rest() {
        CareSheet usual = LIBRARY.find("axolotl").orElseThrow();
        CareSheet sand = usual.as("Fine sand for adults");
        assertThat(usual.schoolNames())
                .containsExactly(
                        "Steady cold on a bare floor",
                        "Fine sand for adults",
                        "Twenty gallons first");
        assertThat(sand.school().name()).isEqualTo("Fine sand for adults");
        assertThat(usual.stageAt(22).needs().ground().never()).contains(GroundMaterial.SAND);
        assertThat(sand.stageAt(22).needs().ground().never())
                .containsExactlyInAnyOrder(GroundMaterial.GRAVEL, GroundMaterial.SOIL);
        assertThat(sand.stageAt(8))
                .as("a juvenile on sand is no school's")
                .isEqualTo(usual.stageAt(8));
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
                                        sheet.replace(
                                                "never: [gravel, soil], why",
                                                "never: [lava], why")))
                .hasMessageContaining("axolotl.yaml, line 11")
                .hasMessageContaining("\"lava\" is not one of");
        assertThatThrownBy(
                        () ->
                                CareSheetReader.read(
                                        "axolotl.yaml",
                                        sheet.replace(
                                                "      adult: {ground", "      elder: {ground")))
                .isInstanceOf(UnreadableException.class)
                .hasMessageContaining("/stages/3");
    }
}

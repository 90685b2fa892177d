package app.islet.core.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.animal.Resident;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.enclosure.Dish;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.enclosure.Furnishings;
import app.islet.core.enclosure.Hides;
import app.islet.core.enclosure.Vessel;
import app.islet.core.text.UnreadableException;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class DocumentTest {
  private static final String SOUND =
      """
            {
              "islet": "enclosure", "version": 1, "name": "Tank",
              "vessel": {"lengthCm": 60, "widthCm": 30, "heightCm": 30},
              "water": {"depthCm": 15},
              "ground": {"material": "sand", "depthCm": 2},
              "lid": "mesh",
              "equipment": [{"kind": "heater", "powerW": 50, "guarded": true}, {"kind": "uvb-lamp", "fittedOn": "2026-01-01"}],
              "residents": [{"species": "axolotl", "count": 2, "males": 1, "lengthCm": 20}]
            }""";
  private static final DocumentReader READER = new DocumentReader(CareLibrary.bundled());

  @Test
  void writing_and_reading_again_changes_nothing() {
    EnclosureDocument once = READER.read("tank", SOUND);
    String written = DocumentWriter.write(once);
    assertThat(READER.read("tank", written)).isEqualTo(once);
    assertThat(DocumentWriter.write(READER.read("tank", written))).isEqualTo(written);
  }

  @Test
  void a_stage_its_sheet_has_lost_keeps_no_document_from_being_read() {
    EnclosureDocument tank = READER.read("tank", SOUND);
    CareSheet sheet = CareLibrary.bundled().find("axolotl").orElseThrow();
    Resident stray =
        new Resident(
            "Stray",
            sheet,
            1,
            0,
            0,
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            Optional.of("tadpole"));
    String written = DocumentWriter.write(new EnclosureDocument(tank.enclosure(), List.of(stray)));
    assertThat(READER.read("tank", written).residents().get(0).stage()).isEqualTo(stray.stage());
  }

  static Stream<Arguments> refusals() {
    return Stream.of(
        refusal(
            "a field nobody knows",
            SOUND.replace("\"lid\"", "\"cover\": 1, \"lid\""),
            "line 6, /cover: there is no such field"),
        refusal(
            "a field inside nobody knows",
            SOUND.replace("\"depthCm\": 15", "\"depthCm\": 15, \"depthIn\": 6"),
            "line 4, /water/depthIn: there is no such field"),
        refusal(
            "another version",
            SOUND.replace("\"version\": 1", "\"version\": 7"),
            "line 2, /version: version 7 is not known here"),
        refusal(
            "another kind of file",
            SOUND.replace("\"enclosure\"", "\"assessment\""),
            "/islet: this says \"assessment\""),
        refusal(
            "an absurd length",
            SOUND.replace("60,", "1e9,"),
            "line 3, /vessel/lengthCm: 1.0E9 is not a number from 1 to 2000 cm"),
        refusal(
            "a number too large for any machine",
            SOUND.replace("60,", "1e999,"),
            "/vessel/lengthCm"),
        refusal(
            "a text for a number",
            SOUND.replace("60,", "\"60d\","),
            "/vessel/lengthCm: \"60d\" is not a number from 1 to 2000 cm"),
        refusal("not a number", SOUND.replace("60,", "NaN,"), "line 3: this cannot be read"),
        refusal(
            "nothing for a number",
            SOUND.replace("60,", "null,"),
            "/vessel/lengthCm: this is missing"),
        refusal(
            "water above the rim",
            SOUND.replace("\"depthCm\": 15", "\"depthCm\": 29"),
            "the water would stand 31 cm above the floor, but the vessel is only 30 cm high"),
        refusal("text behind the end", SOUND + "\n}", "line 10"),
        refusal(
            "a second document", SOUND + "\n{}", "there is text behind the end of the document"),
        refusal("an empty file", "", "the file is empty"),
        refusal("half a file", SOUND.substring(0, 80), "this cannot be read"),
        refusal("a field twice", SOUND.replace("\"lid\"", "\"name\": \"Other\", \"lid\""), "name"),
        refusal(
            "a device nobody knows",
            SOUND.replace("\"heater\"", "\"boiler\""),
            "/equipment/0/kind: \"boiler\" is not one of heater, heat-mat"),
        refusal(
            "a species without a sheet",
            SOUND.replace("\"axolotl\"", "\"dragon\""),
            "/residents/0/species: there is no care sheet \"dragon\""),
        refusal(
            "a stage it does not have",
            SOUND.replace("\"count\": 2", "\"stage\": \"eft\""),
            "/residents/0/stage: \"eft\" is not a stage of axolotl; its stages are: egg, larva, juvenile, adult"),
        refusal(
            "more sexes than animals",
            SOUND.replace("\"males\": 1", "\"males\": 5"),
            "males and females together cannot be more than the 2 there are"),
        refusal(
            "half an animal",
            SOUND.replace("\"count\": 2", "\"count\": 1.5"),
            "/residents/0/count: 1.5 is not a whole number"),
        refusal(
            "a day that never was",
            SOUND.replace("2026-01-01", "2026-02-30"),
            "/equipment/1/fittedOn: \"2026-02-30\" is not a date"),
        refusal(
            "a million devices",
            SOUND.replace(
                "{\"kind\": \"heater\", \"powerW\": 50, \"guarded\": true}",
                "{\"kind\": \"fan\", \"airSpeedMs\": 1},".repeat(60)
                    + "{\"kind\": \"fan\", \"airSpeedMs\": 1}"),
            "/equipment: 62 entries; at most 50 are read"),
        refusal(
            "a hostile depth of nesting",
            "{\"islet\": " + "[".repeat(200),
            "nested more than 20 deep"),
        refusal("a list for the whole", "[]", "this must be a group of fields"));
  }

  private static Arguments refusal(String situation, String text, String sentence) {
    return Arguments.of(situation, text, sentence);
  }

  @ParameterizedTest(name = "{0} is refused")
  @MethodSource("refusals")
  void what_does_not_fit_is_refused_with_its_place(String situation, String text, String sentence) {
    assertThatThrownBy(() -> READER.read("tank.json", text))
        .isInstanceOf(UnreadableException.class)
        .hasMessageContaining("tank.json, line")
        .hasMessageContaining(sentence);
  }

  @Test
  void a_furnished_design_comes_back_as_it_was() {
    Enclosure furnished =
        Enclosure.bare("Pond", new Vessel(Vessel.Shape.OVAL, 150, 100, 60, 0.8), 40)
            .with(
                Furnishings.NONE
                    .with(new Hides(2, 8))
                    .with(new Dish(3, 0, true))
                    .with(
                        new Furnishing(
                            "r", FurnishingKind.RAMP, 10, 5.5, 40, 20, 0, 42, false, true, true),
                        new Furnishing(
                            "s", FurnishingKind.STONE, 70, 30, 20, 15, 0, 12, true, false, false)));
    String written = DocumentWriter.write(new EnclosureDocument(furnished, List.of()));
    assertThat(READER.read("pond", written).enclosure()).isEqualTo(furnished);
    assertThat(DocumentWriter.write(READER.read("pond", written))).isEqualTo(written);
  }

  @Test
  void absurd_parts_are_refused_with_a_sentence() {
    String part =
        "{\"id\": \"s\", \"kind\": \"stone\", \"xCm\": 1, \"yCm\": 1, \"lengthCm\": 5, \"widthCm\": 5, \"bottomCm\": 0, \"topCm\": 9}";
    String furnished = SOUND.replace("\"lid\"", "\"furnishings\": {\"parts\": [PARTS]}, \"lid\"");
    assertThat(
            READER.read("tank", furnished.replace("PARTS", part)).enclosure().furnishings().parts())
        .hasSize(1);
    for (String[] bad :
        new String[][] {
          {part.replace("\"xCm\": 1", "\"xCm\": 1e9"), "/xCm: 1.0E9 is not a number from"},
          {part.replace("\"topCm\": 9", "\"topCm\": 0"), "the top of \"s\" must be above"},
          {part.replace("stone", "brick"), "\"brick\" is not one of stone, stack"},
          {
            part.replace("\"topCm\": 9", "\"topCm\": 9, \"turnDeg\": 400"),
            "/turnDeg: 400 is not a number from -360 to 360"
          },
          {part + "," + part, "two parts are called \"s\""},
          {String.join(",", Collections.nCopies(201, part)), "201 entries; at most 200"}
        }) {
      assertThatThrownBy(() -> READER.read("tank", furnished.replace("PARTS", bad[0])))
          .isInstanceOf(UnreadableException.class)
          .hasMessageContaining(bad[1]);
    }
  }

  @Test
  void ground_and_walls_come_back_as_they_went() throws IOException {
    String drawn =
        SOUND
            .replace(
                "\"heightCm\": 30",
                "\"heightCm\": 50, \"paneMm\": 8, \"braced\": true, \"lipCm\": 40")
            .replaceFirst(
                "\"ground\": \\{[^}]*}",
                """
                                "ground": {"material": "soil", "depthCm": 9, "grainMm": 2,
                                 "below": [{"material": "drainage", "thicknessCm": 5}, {"material": "mesh", "thicknessCm": 0.2}],
                                 "points": [{"xCm": 10, "riseCm": 0}, {"xCm": 60, "riseCm": 12.5}]}""");
    EnclosureDocument read = READER.read("tank", drawn);
    assertThat(read.enclosure().vessel().brimCm()).isEqualTo(40);
    assertThat(read.enclosure().ground().uppermostCm()).isCloseTo(3.8, within(1e-9));
    assertThat(read.enclosure().ground().riseAt(35, 90)).isCloseTo(6.25, within(1e-9));
    String written = DocumentWriter.write(read);
    assertThat(DocumentWriter.write(READER.read("tank", written))).isEqualTo(written);
    assertThat(schema().validate(written, InputFormat.JSON)).isEmpty();
  }

  @Test
  void the_source_the_label_and_the_year_of_light_come_back_as_they_went() throws IOException {
    String said =
        SOUND
            .replaceFirst(
                "\"water\": \\{",
                """
                                "water": {"sourceWater": {"nitrateMgPerL": 2.5, "ph": 7.8, "hardnessDh": 14, "carbonateDh": 9},
                                 "conditioner": {"ml": 5, "litres": 38, "chloramine": true}, "proof": "dose", """)
            .replaceFirst(
                "\"residents\"",
                "\"conditions\": {\"winterLightHours\": 8, \"summerLightHours\": 14}, \"residents\"");
    EnclosureDocument read = READER.read("tank", said);
    assertThat(read.enclosure().water().source().nitrateMgPerL()).hasValue(2.5);
    assertThat(read.enclosure().water().handling().conditioner().orElseThrow().chloramine())
        .isTrue();
    assertThat(read.enclosure().conditions().lighting().ramp().orElseThrow().summerHours())
        .isEqualTo(14);
    String written = DocumentWriter.write(read);
    assertThat(DocumentWriter.write(READER.read("tank", written))).isEqualTo(written);
    assertThat(schema().validate(written, InputFormat.JSON)).isEmpty();
    assertThatThrownBy(() -> READER.read("tank", said.replace(", \"summerLightHours\": 14", "")))
        .hasMessageContaining("winterLightHours and summerLightHours are given both");
  }

  @Test
  void the_school_is_kept_and_an_unknown_one_refused() {
    String by = SOUND.replace("\"count\": 2", "\"count\": 2, \"school\": \"Fine sand for adults\"");
    EnclosureDocument read = READER.read("tank", by);
    assertThat(read.residents().get(0).sheet().school().name()).isEqualTo("Fine sand for adults");
    assertThat(DocumentWriter.write(read)).contains("\"school\" : \"Fine sand for adults\"");
    assertThat(READER.read("tank", DocumentWriter.write(read))).isEqualTo(read);
    assertThatThrownBy(() -> READER.read("tank", by.replace("Fine sand", "Fine mud")))
        .hasMessageContaining(
            "/residents/0/school: \"Fine mud for adults\" is not a school of axolotl; its schools are: Steady cold");
  }

  @Test
  void all_that_is_wrong_is_said_at_once() {
    assertThatThrownBy(
            () ->
                READER.read(
                    "tank.json",
                    SOUND
                        .replace("60,", "0,")
                        .replace("\"mesh\"", "\"net\"")
                        .replace("50,", "-5,")))
        .hasMessageContaining("/vessel/lengthCm")
        .hasMessageContaining("/lid")
        .hasMessageContaining("/equipment/0/powerW");
  }

  private static Schema schema() throws IOException {
    try (InputStream in = DocumentReader.class.getResourceAsStream("enclosure-1.schema.json")) {
      return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
          .getSchema(new String(in.readAllBytes(), StandardCharsets.UTF_8), InputFormat.JSON);
    }
  }

  /** The schema that ships and the reader must not drift apart: what one takes, the other takes. */
  @Test
  void schema_and_reader_agree_on_every_sample() throws IOException {
    assertThat(schema().validate(SOUND, InputFormat.JSON)).isEmpty();
    assertThat(
            schema().validate(DocumentWriter.write(READER.read("tank", SOUND)), InputFormat.JSON))
        .isEmpty();
    try (Stream<Path> samples = Files.list(Path.of("..", "samples"))) {
      for (Path sample :
          samples
              .filter(p -> p.toString().endsWith(".json") && !p.toString().contains("trailing"))
              .toList()) {
        assertThat(schema().validate(Files.readString(sample), InputFormat.JSON))
            .as(sample.toString())
            .isEmpty();
        READER.read(sample.toString(), Files.readString(sample));
      }
    }
  }

  @Test
  void the_schema_refuses_what_the_reader_refuses_by_shape() throws IOException {
    for (String bad :
        new String[] {
          SOUND.replace("\"lid\"", "\"cover\": 1, \"lid\""),
          SOUND.replace("60,", "1e9,"),
          SOUND.replace("\"version\": 1", "\"version\": 7"),
          SOUND.replace("\"heater\"", "\"boiler\""),
          SOUND.replace("\"count\": 2", "\"count\": 1.5"),
          SOUND.replace("60,", "null,")
        }) {
      assertThat(schema().validate(bad, InputFormat.JSON)).as(bad).isNotEmpty();
    }
  }
}

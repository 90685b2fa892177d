package app.islet.core.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Range;
import app.islet.core.text.Node;
import app.islet.core.text.NodeText;
import app.islet.core.text.UnreadableException;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class SheetDraftTest {
  private static final SheetDraft AXOLOTL =
      SheetDraft.of("axolotl.yaml", CareLibrary.bundledText("axolotl"));

  static Stream<String> species() {
    return CareLibrary.bundled().all().stream().map(CareSheet::id);
  }

  @ParameterizedTest
  @MethodSource("species")
  void a_sheet_written_again_reads_as_the_same_sheet(String id) {
    String text = CareLibrary.bundledText(id);
    assertThat(CareSheetReader.read("copy", SheetDraft.of("copy", text).yaml()))
        .isEqualTo(CareSheetReader.read("original", text));
  }

  @Test
  void a_copy_has_its_own_name_and_knows_what_it_was_copied_from() {
    CareSheet copy =
        CareSheetReader.read("copy", AXOLOTL.copiedAs("axolotl-cellar", "Ours").yaml());
    assertThat(copy.id()).isEqualTo("axolotl-cellar");
    assertThat(copy.name()).isEqualTo("Ours");
    assertThat(copy.kind()).isEqualTo("axolotl");
    assertThat(copy.stages())
        .isEqualTo(CareLibrary.bundled().find("axolotl").orElseThrow().stages());
    SheetDraft again =
        SheetDraft.of("copy", AXOLOTL.copiedAs("one", "One").yaml()).copiedAs("two", "Two");
    assertThat(CareSheetReader.read("copy", again.yaml()).kind())
        .as("a copy of a copy is of the first kind")
        .isEqualTo("axolotl");
  }

  @Test
  void every_number_is_listed_with_its_unit_and_what_it_rests_on() {
    assertThat(AXOLOTL.numbers())
        .contains(
            new SheetNumber(
                "/stages/3/water/ideal/1",
                "Adult: water",
                "ideal, most",
                Dimension.TEMPERATURE,
                18,
                "practice"),
            new SheetNumber(
                "/stages/3/depth/minCm", "Adult: depth", "min", Dimension.LENGTH, 15, "practice"),
            new SheetNumber(
                "/body/adultLengthCm", "body", "adult length", Dimension.LENGTH, 24, "memory"))
        .noneMatch(number -> number.path().startsWith("/schools"))
        .noneMatch(number -> number.basis().isEmpty());
  }

  @Test
  void a_changed_number_says_that_the_keeper_set_it_and_why() {
    String yaml =
        AXOLOTL
            .with(Map.of("/stages/3/water/ideal/1", 17.0), "our cellar never passes 17 °C")
            .yaml();
    CareSheet changed = CareSheetReader.read("changed", yaml);
    Needs.Temperature water = changed.stageAt(22).needs().water().orElseThrow();
    assertThat(water.idealC()).isEqualTo(new Range(15, 17));
    assertThat(water.basis().words())
        .isEqualTo("set by the keeper: our cellar never passes 17 °C (ideal; the rest: practice)");
    assertThat(changed.stageAt(8).needs().water())
        .isEqualTo(CareLibrary.bundled().find("axolotl").orElseThrow().stageAt(8).needs().water());
  }

  @Test
  void a_number_that_does_not_fit_is_refused_at_its_place() {
    String yaml = AXOLOTL.with(Map.of("/stages/3/water/ideal/1", 25.0), "a try").yaml();
    assertThatThrownBy(() -> CareSheetReader.read("changed", yaml))
        .isInstanceOf(UnreadableException.class)
        .hasMessageContaining("/stages/3/water")
        .hasMessageContaining("must lie within the tolerated one");
  }

  private static Schema schema() throws IOException {
    try (InputStream in = CareSheet.class.getResourceAsStream("care-sheet-1.schema.json")) {
      return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
          .getSchema(new String(in.readAllBytes(), StandardCharsets.UTF_8), InputFormat.JSON);
    }
  }

  @ParameterizedTest
  @MethodSource("species")
  void every_sheet_fits_the_schema(String id) throws IOException {
    assertThat(schema().validate(CareLibrary.bundledText(id), InputFormat.YAML)).isEmpty();
  }

  /** Take any one field away: the reader and the schema miss it alike, or neither does. */
  @Test
  void schema_and_reader_want_the_same_fields() throws IOException {
    Schema schema = schema();
    for (String id : List.of("terrapin", "axolotl", "land-hermit")) {
      Node root = Node.yaml(id, CareLibrary.bundledText(id));
      Map<String, Node> usual = new LinkedHashMap<>(root.fields());
      usual.remove("schools");
      for (Node without : withoutOneField(new Node(usual, 1))) {
        String yaml = NodeText.yaml(without);
        assertThat(schema.validate(yaml, InputFormat.YAML).isEmpty())
            .as(yaml)
            .isEqualTo(reads(yaml));
      }
    }
  }

  private static boolean reads(String yaml) {
    try {
      CareSheetReader.read("sheet", yaml);
      return true;
    } catch (UnreadableException e) {
      return false;
    }
  }

  private static List<Node> withoutOneField(Node node) {
    List<Node> all = new ArrayList<>();
    node.fields()
        .forEach(
            (name, value) -> {
              Map<String, Node> fields = new LinkedHashMap<>(node.fields());
              fields.remove(name);
              all.add(new Node(fields, node.line()));
              for (Node inner : withoutOneField(value)) {
                fields = new LinkedHashMap<>(node.fields());
                fields.put(name, inner);
                all.add(new Node(fields, node.line()));
              }
            });
    for (int i = 0; i < Math.min(2, node.items().size()); i++) {
      for (Node inner : withoutOneField(node.items().get(i))) {
        List<Node> items = new ArrayList<>(node.items());
        items.set(i, inner);
        all.add(new Node(items, node.line()));
      }
    }
    return all;
  }
}

package app.islet.core.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.islet.core.quantity.Range;
import app.islet.core.text.Node;
import app.islet.core.text.UnreadableException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What the sheets rest on, and what they share. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class SheetBasesTest {
  /** More groups alike than this, word for word, are a copy that should name its original. */
  private static final int ALIKE = 5;

  static Stream<CareSheet> sheets() {
    return CareLibrary.bundled().all().stream();
  }

  private static List<Statement> statements(CareSheet sheet) {
    List<Statement> all = new ArrayList<>(Statements.of(sheet));
    sheet.stages().forEach(stage -> all.addAll(Statements.of(stage)));
    return all;
  }

  private static double fromMemory(List<Statement> all) {
    return all.stream().filter(s -> s.basis().kind() == Evidence.Kind.MEMORY).count()
        / (double) all.size();
  }

  @ParameterizedTest
  @MethodSource("sheets")
  void no_sheet_is_mostly_memory(CareSheet sheet) {
    assertThat(fromMemory(statements(sheet))).as(sheet.id()).isLessThan(0.5);
  }

  @Test
  void of_all_sheets_together_less_than_a_third_is_memory() {
    assertThat(fromMemory(sheets().flatMap(sheet -> statements(sheet).stream()).toList()))
        .isLessThan(1 / 3.0);
  }

  @Test
  void what_two_species_share_is_stated_once_and_named_by_the_other() {
    Map<String, String> owner = new HashMap<>();
    Map<String, Integer> shared = new HashMap<>();
    sheets()
        .forEach(
            sheet -> {
              Node root = Node.yaml(sheet.id(), CareLibrary.bundledText(sheet.id()));
              for (Node stage : root.fields().get("stages").items()) {
                if (!stage.fields().containsKey("like")) {
                  count(sheet.id(), stage, owner, shared);
                }
              }
            });
    assertThat(shared.entrySet().stream().filter(e -> e.getValue() > ALIKE)).isEmpty();
  }

  /** Groups of numbers that are the same word for word, by the two stages that have them. */
  private static void count(
      String sheet, Node stage, Map<String, String> owner, Map<String, Integer> shared) {
    String here = sheet + "/" + stage.fields().get("id").value();
    stage.fields().entrySet().stream()
        .filter(e -> NUMBERS.contains(e.getKey()))
        .forEach(
            e -> {
              String before = owner.putIfAbsent(e.getKey() + words(e.getValue()), here);
              if (before != null && !before.startsWith(sheet + "/")) {
                shared.merge(before + " = " + here, 1, Integer::sum);
              }
            });
  }

  private static final List<String> NUMBERS =
      List.of("water", "air", "depth", "space", "land", "basking", "company", "salinity", "pools");

  private static String words(Node node) {
    return node.fields().isEmpty()
        ? node.items().isEmpty()
            ? String.valueOf(node.value())
            : node.items().stream().map(SheetBasesTest::words).toList().toString()
        : node.fields().entrySet().stream()
            .map(e -> e.getKey() + "=" + words(e.getValue()))
            .toList()
            .toString();
  }

  @Test
  void a_shared_number_says_whose_it_is() {
    CareSheet marbled = CareLibrary.bundled().find("marbled-newt").orElseThrow();
    Needs larva = marbled.stageAt(1).needs();
    assertThat(larva.water().orElseThrow().basis().words())
        .isEqualTo("common practice, no source; as for the great crested newt");
    assertThat(marbled.grown().needs().water().orElseThrow().idealC()).isEqualTo(new Range(12, 20));
    assertThat(marbled.grown().needs().water().orElseThrow().basis().like())
        .as("its own")
        .isEmpty();
    assertThat(marbled.grown().needs().land().basis().like())
        .as("shared by the one it is shared from")
        .isEqualTo("alpine newt");
    assertThat(
            CareLibrary.bundled().find("halloween-crab").orElseThrow().grown().needs().salinity())
        .as("the relative lives in brackish water, this one not")
        .isEmpty();
  }

  @Test
  void a_copy_of_a_sheet_that_shares_has_all_numbers_written_out() {
    SheetDraft copy = SheetDraft.of("copy", CareLibrary.fullText("marbled-newt"));
    assertThat(copy.numbers().stream().map(SheetNumber::group)).contains("Larva: water");
    CareSheet read = CareSheetReader.read("copy", copy.copiedAs("ours", "Ours").yaml());
    assertThat(read.stages())
        .isEqualTo(CareLibrary.bundled().find("marbled-newt").orElseThrow().stages());
  }

  @Test
  void a_relative_nobody_knows_is_refused_at_its_line() {
    String text = CareLibrary.bundledText("marbled-newt");
    assertThatThrownBy(
            () ->
                CareSheetReader.read("m.yaml", text.replaceFirst("like: crested-newt", "like: x")))
        .isInstanceOf(UnreadableException.class)
        .hasMessageContaining("m.yaml, line")
        .hasMessageContaining("/stages/0/like: no sheet \"x\" ships with Islet");
    assertThatThrownBy(
            () ->
                CareSheetReader.read(
                    "m.yaml", text.replaceFirst("like: crested-newt", "like: slider/eft")))
        .hasMessageContaining("\"slider\" has no stage of that name");
  }

  /**
   * Length decides among the stages that follow from one another; an egg, and a newt's time on
   * land, are stages the keeper names.
   */
  @Test
  void no_length_leads_to_eggs_or_to_the_time_on_land() {
    CareSheet alpine = CareLibrary.bundled().find("alpine-newt").orElseThrow();
    assertThat(alpine.stages().stream().map(Stage::id))
        .containsExactly("egg", "larva", "eft", "adult", "on-land");
    assertThat(alpine.row().stream().map(Stage::id)).containsExactly("larva", "eft", "adult");
    assertThat(alpine.stageAt(0.1).id()).isEqualTo("larva");
    assertThat(alpine.stageAt(12).id()).isEqualTo("adult");
    assertThat(alpine.next(alpine.stage("egg").orElseThrow()).orElseThrow().id())
        .isEqualTo("larva");
    assertThat(alpine.next(alpine.stage("on-land").orElseThrow())).isEmpty();
  }

  /**
   * Nieuwkoop & Faber 1956, as remembered: a clawed frog hatches in about two days at 22 to 24 °C.
   */
  @Test
  void eggs_hatch_sooner_in_warmer_water() {
    Stage.Hatch hatch =
        CareLibrary.bundled()
            .find("clawed-frog")
            .orElseThrow()
            .stage("egg")
            .orElseThrow()
            .hatch()
            .orElseThrow();
    assertThat(hatch.daysAt(23)).isEqualTo(2);
    assertThat(hatch.daysAt(18)).isEqualTo(4);
    assertThat(hatch.daysAt(20.5)).isEqualTo(3);
    assertThat(hatch.daysAt(30)).as("nobody says of warmer water").isEqualTo(2);
  }
}

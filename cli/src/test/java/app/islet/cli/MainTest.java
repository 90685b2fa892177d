package app.islet.cli;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.care.CareLibrary;
import app.islet.core.care.SheetDraft;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class MainTest {
  private static final LocalDate DAY = LocalDate.of(2026, 3, 2);
  private final ByteArrayOutputStream out = new ByteArrayOutputStream();
  private final ByteArrayOutputStream err = new ByteArrayOutputStream();

  private int run(String... args) {
    return Main.run(List.of(args), DAY, new PrintStream(out), new PrintStream(err));
  }

  @Test
  void a_sound_enclosure_ends_with_0_and_its_assessment() {
    assertThat(run("check", "../samples/axolotl-pair.json")).isZero();
    assertThat(out.toString())
        .contains("\"waterL\" : 160.0", "\"severity\" : \"Note\"", "\"date\" : \"2026-03-02\"")
        .doesNotContain("Danger");
    assertThat(err.toString()).isEmpty();
  }

  @Test
  void a_danger_ends_with_1() {
    assertThat(run("check", "../samples/musk-too-deep.json")).isEqualTo(1);
    assertThat(out.toString())
        .contains("\"rule\" : \"water-too-deep\"", "\"field\" : \"/water/depthCm\"");
  }

  @Test
  void an_unreadable_file_ends_with_2_and_nothing_on_standard_output() {
    assertThat(run("check", "../samples/trailing-text.json")).isEqualTo(2);
    assertThat(out.toString()).isEmpty();
    assertThat(err.toString()).contains("trailing-text.json, line 10");
  }

  @Test
  void a_missing_file_or_argument_ends_with_2() {
    assertThat(run("check", "nowhere.json")).isEqualTo(2);
    assertThat(run("check")).isEqualTo(2);
    assertThat(run()).isEqualTo(2);
    assertThat(run("calc")).isEqualTo(2);
    assertThat(run("calc", "tan", "feedG")).isEqualTo(2);
    assertThat(run("calc", "tan", "feedG=1", "feedG=2", "proteinPercent=3")).isEqualTo(2);
    assertThat(out.toString()).isEmpty();
    assertThat(err.toString().lines()).hasSize(6);
  }

  @Test
  void a_keepers_own_sheet_is_read_and_judged_by(@TempDir Path folder) throws IOException {
    Path sheet =
        Files.writeString(
            folder.resolve("colder.yaml"),
            SheetDraft.of("axolotl", CareLibrary.bundledText("axolotl"))
                .copiedAs("colder", "Colder axolotl")
                .with(Map.of("/stages/3/water/harm/1", 20.0), "a test")
                .yaml());
    Path tank =
        Files.writeString(
            folder.resolve("tank.json"),
            Files.readString(Path.of("../samples/axolotl-pair.json"))
                .replace("\"axolotl\"", "\"colder\""));
    assertThat(run("check", sheet.toString())).isZero();
    assertThat(out.toString()).contains("Colder axolotl (colder): 4 stages");
    assertThat(run("check", "--sheet", sheet.toString(), tank.toString())).isZero();
    assertThat(out.toString()).contains("\"species\" : \"colder\"");
    assertThat(run("check", tank.toString())).isEqualTo(2);
    assertThat(err.toString()).contains("there is no care sheet \"colder\"");
  }

  @Test
  void a_bad_sheet_is_refused_with_file_line_and_field(@TempDir Path folder) throws IOException {
    Path sheet =
        Files.writeString(
            folder.resolve("bad.yaml"),
            CareLibrary.bundledText("axolotl").replaceFirst("heater: never", "heater: hot"));
    assertThat(run("check", sheet.toString())).isEqualTo(2);
    assertThat(err.toString())
        .contains("bad.yaml, line ", "/stages/1/heater: \"hot\" is not one of never");
  }

  @Test
  void a_file_that_is_no_text_ends_with_2(@TempDir Path folder) throws IOException {
    Path file =
        Files.write(folder.resolve("picture.json"), new byte[] {(byte) 0xff, (byte) 0xd8, 0, 1});
    assertThat(run("check", file.toString())).isEqualTo(2);
    assertThat(err.toString()).contains("not a text file in UTF-8");
  }

  @Test
  void calc_prints_one_object() {
    assertThat(
            run("calc", "water-change-to", "nowMgPerL=100", "targetMgPerL=51.2", "maxPercent=20"))
        .isZero();
    assertThat(out.toString()).startsWith("{\"changes\":3,\"percentEach\":");
  }

  @Test
  void a_batch_answers_every_line_in_order(@TempDir Path folder) throws IOException {
    Path file =
        Files.writeString(
            folder.resolve("lines"),
            """
                {"id": "tan", "in": {"feedG": 1, "proteinPercent": 50}}
                {"id": "tan", "in": {"feedG": -1, "proteinPercent": 50}}
                {"id": "water-change", "in": {"nowMgPerL": 10, "percent": 50}}
                """);
    assertThat(run("calc", "--batch", file.toString())).isZero();
    assertThat(out.toString().lines())
        .hasSize(3)
        .satisfiesExactly(
            a -> assertThat(a).startsWith("{\"tanG\":0.046"),
            b -> assertThat(b).startsWith("{\"error\":\"feedG must be 0 to"),
            c -> assertThat(c).isEqualTo("{\"afterMgPerL\":5.0}"));
  }

  @Test
  void what_is_proposed_is_a_document_that_check_accepts(@TempDir Path dir) throws IOException {
    for (String aim : List.of("now", "grown")) {
      out.reset();
      assertThat(run("propose", "vampire-crab", "adult", "6", "winterC=19", "--for", aim)).isZero();
      Path file = dir.resolve(aim + ".json");
      Files.writeString(file, out.toString());
      assertThat(err.toString()).isEmpty();
      assertThat(run("check", file.toString())).isZero();
    }
    assertThat(run("propose", "axolotl", "adult", "1")).isZero();
  }

  @Test
  void what_cannot_live_in_a_room_is_refused_in_one_sentence_with_1() {
    assertThat(run("propose", "axolotl", "adult", "1", "summerC=30", "chiller=no")).isEqualTo(1);
    assertThat(out.toString()).isEmpty();
    assertThat(err.toString())
        .startsWith("No enclosure passes for 1 axolotl (adult) in this room. Water of about ")
        .hasLineCount(1);
    assertThat(run("propose", "axolotl", "adult", "1", "summerC=30", "chiller=yes")).isZero();
  }

  @Test
  void every_species_and_stage_is_listed_once_a_line() {
    assertThat(run("propose", "--list")).isZero();
    assertThat(out.toString().lines())
        .contains("axolotl adult", "slider hatchling", "vampire-crab crablet")
        .doesNotHaveDuplicates()
        .hasSize(
            CareLibrary.bundled().all().stream().mapToInt(sheet -> sheet.stages().size()).sum());
  }

  @Test
  void a_proposal_that_is_not_understood_ends_with_2() {
    assertThat(run("propose")).isEqualTo(2);
    assertThat(run("propose", "axolotl", "adult")).isEqualTo(2);
    assertThat(run("propose", "unicorn", "adult", "1")).isEqualTo(2);
    assertThat(run("propose", "axolotl", "tadpole", "1")).isEqualTo(2);
    assertThat(run("propose", "axolotl", "adult", "0")).isEqualTo(2);
    assertThat(run("propose", "axolotl", "adult", "many")).isEqualTo(2);
    assertThat(run("propose", "axolotl", "adult", "1", "--for", "ever")).isEqualTo(2);
    assertThat(run("propose", "axolotl", "adult", "1", "chiller=perhaps")).isEqualTo(2);
    assertThat(run("propose", "axolotl", "adult", "1", "summerC=warm")).isEqualTo(2);
    assertThat(run("propose", "axolotl", "adult", "1", "summerC=18", "winterC=20")).isEqualTo(2);
    assertThat(run("propose", "axolotl", "adult", "1", "spring=18")).isEqualTo(2);
    assertThat(out.toString()).isEmpty();
    assertThat(err.toString()).contains("it has egg, larva, juvenile, adult").hasLineCount(11);
  }

  @Test
  void movements_are_read_and_who_is_where_is_told_for_any_day() {
    assertThat(run("ledger", "../samples/ledger.csv", "--on", "2027-03-13")).isZero();
    assertThat(out.toString().replaceAll("\\s", ""))
        .isEqualTo(
            "{\"census\":[{\"animals\":\"ClutchofMarch\",\"place\":\"Tub1\",\"count\":19}],"
                + "\"balance\":[{\"animals\":\"ClutchofMarch\",\"begun\":26,\"alive\":19,"
                + "\"died\":{\"bitten\":1,\"dried\":1,\"fungus\":5},\"left\":{}}]}");
    out.reset();
    assertThat(run("ledger", "../samples/ledger.csv")).isZero();
    assertThat(out.toString()).contains("\"sold\" : 3", "\"Slate tank\"", "\"parted\" : 1");
    assertThat(err.toString()).isEmpty();
  }

  @Test
  void movements_that_do_not_add_up_end_with_2_and_line_and_reason(@TempDir Path dir)
      throws IOException {
    Path file = dir.resolve("bad.csv");
    Files.writeString(
        file,
        "date,animals,count,from,to,cause,note\n2027-01-01,Frogs,5,begun,Tub,,\n2027-01-02,Frogs,6,Tub,died,,\n");
    assertThat(run("ledger", file.toString())).isEqualTo(2);
    assertThat(out.toString()).isEmpty();
    assertThat(err.toString()).contains("bad.csv, line 3: 6 of Frogs cannot go from Tub");
    assertThat(run("ledger", file.toString(), "--on", "today")).isEqualTo(2);
    assertThat(run("ledger", dir.resolve("none.csv").toString())).isEqualTo(2);
    assertThat(run("ledger")).isEqualTo(2);
    assertThat(out.toString()).isEmpty();
  }

  @Test
  void a_plan_is_a_line_of_json_for_each_thing_to_do() {
    assertThat(run("plan", "../samples/slider-pool.json", "--from", "2027-03-01", "--days", "7"))
        .isZero();
    List<String> lines = out.toString().lines().toList();
    assertThat(lines).allMatch(line -> line.startsWith("{\"date\":\"2027-03-0"));
    assertThat(lines).anyMatch(line -> line.contains("\"kind\":\"spot-clean\""));
    assertThat(lines)
        .filteredOn(line -> line.contains("\"kind\":\"feed\""))
        .isNotEmpty()
        .allMatch(
            line ->
                line.matches(
                    "\\{\"date\":.*,\"kind\":\"feed\",\"task\":.*,\"for\":.*,\"food\":.*,\"amount\":.*,\"servings\":(1.0|0.5),\"minutes\":.*}"));
    assertThat(run("plan", "../samples/slider-pool.json")).isZero();
  }

  @Test
  void a_plan_of_what_cannot_be_read_is_refused() {
    assertThat(run("plan")).isEqualTo(2);
    assertThat(run("plan", "none.json")).isEqualTo(2);
    assertThat(run("plan", "../samples/slider-pool.json", "--from", "soon")).isEqualTo(2);
    assertThat(err.toString()).contains("--from takes a day");
    assertThat(run("plan", "../samples/slider-pool.json", "--days", "0")).isEqualTo(2);
    assertThat(run("plan", "../samples/slider-pool.json", "--days")).isEqualTo(2);
    assertThat(run("plan", "../samples/slider-pool.json", "--weeks", "2")).isEqualTo(2);
  }
}

package app.islet.core.review;

import static app.islet.core.Setups.TODAY;
import static app.islet.core.Setups.animals;
import static app.islet.core.Setups.steady;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.Setups;
import app.islet.core.animal.Resident;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Site;
import app.islet.core.situation.HusbandryState;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What the core proposes passes its own review, for every species at every stage. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class ProposalTest {
  static Stream<Resident> everyStage() {
    return CareLibrary.bundled().all().stream()
        .flatMap(
            sheet ->
                sheet.stages().stream()
                    .map(stage -> Setups.stage(sheet, stage, stage.needs().group().least())));
  }

  private static Site room(Resident r) {
    double c =
        r.stage()
            .needs()
            .water()
            .or(() -> r.stage().needs().air())
            .map(t -> t.idealC().middle())
            .orElse(21.0);
    return steady(Math.min(c, 22));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("everyStage")
  void a_proposal_passes_its_own_review(Resident resident) {
    Optional<Enclosure> proposed =
        Proposal.of("Proposed", List.of(resident), room(resident), TODAY, 400, 400);
    assertThat(proposed).as(resident.words()).isPresent();
    assertThat(Review.of(HusbandryState.of(proposed.get(), List.of(resident), TODAY)).findings())
        .as(resident.words())
        .noneMatch(f -> f.severity() == Severity.DANGER || f.severity() == Severity.WRONG);
  }

  @Test
  void it_takes_no_more_room_than_there_is_and_says_so_where_that_is_too_little() {
    Resident slider = animals("slider", 1, 20);
    Site room = steady(22);
    Enclosure large = Proposal.of("Large", List.of(slider), room, TODAY, 400, 400).orElseThrow();
    assertThat(Proposal.of("Small", List.of(slider), room, TODAY, 60, 40)).isEmpty();
    assertThat(
            Proposal.of(
                "Tight",
                List.of(slider),
                room,
                TODAY,
                large.vessel().lengthCm() - 1,
                large.vessel().widthCm()))
        .satisfies(
            tight ->
                tight.ifPresent(
                    e -> assertThat(e.vessel().lengthCm()).isLessThan(large.vessel().lengthCm())));
    assertThat(Proposal.of("Nobody", List.of(), room, TODAY, 400, 400)).isEmpty();
  }

  @Test
  void those_that_cannot_live_together_get_no_proposal() {
    CareSheet frog = CareLibrary.bundled().find("dwarf-frog").orElseThrow();
    assertThat(
            Proposal.of(
                "Both",
                List.of(animals("axolotl", 1, 22), animals(frog.id(), 3, 3)),
                steady(20),
                TODAY,
                400,
                400))
        .isEmpty();
  }
}

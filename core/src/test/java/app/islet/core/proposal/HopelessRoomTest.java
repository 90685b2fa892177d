package app.islet.core.proposal;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.animal.Resident;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Site;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** In a room where nothing passes few vessels are tried: the answer is as if all had been. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class HopelessRoomTest {
  private static final LocalDate DAY = LocalDate.of(2026, 11, 28);

  @ParameterizedTest(name = "{0}, room of {1} to {2} °C, chiller {3}: {4}")
  @CsvSource({
    "axolotl, 33, 30, false, false",
    "axolotl, 28, 2, true, false",
    "slider, 60, 40, true, true",
    "vampire-crab, 35, 5, false, false",
    // Only the largest of all, and only the low one, stays cool enough.
    "red-clawed, 31, 20, false, true",
    "red-jointed-fiddler, 33, 30, true, true",
    "fiddler, 31, 20, false, true",
  })
  void what_passes_is_found_and_what_does_not_is_said(
      String species, double warmestC, double coldestC, boolean chiller, boolean passes) {
    CareSheet sheet = CareLibrary.bundled().find(species).orElseThrow();
    Resident grown =
        Fit.animals(sheet, sheet.grown(), Math.max(1, sheet.grown().needs().group().least()));
    Wish wish =
        new Wish(
            sheet.name(),
            List.of(grown),
            Site.room(warmestC, coldestC),
            DAY,
            new Wish.Limits(Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, chiller));
    assertThat(Proposer.today(wish)).isEqualTo(tryingAll(wish));
    assertThat(Proposer.today(wish).isPresent()).isEqualTo(passes);
  }

  private static Optional<Enclosure> tryingAll(Wish wish) {
    Course course = Course.of(wish.residents(), 0);
    Mender mender = new Mender(course.now(), wish.day(), wish.limits().chiller());
    Furnisher furnisher = new Furnisher(wish, course);
    return Candidates.of(course, wish.limits()).stream()
        .filter(furnisher::fits)
        .flatMap(v -> mender.mended(furnisher.furnished(v)).stream())
        .findFirst();
  }
}

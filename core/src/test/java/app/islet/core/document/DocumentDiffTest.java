package app.islet.core.document;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.Setups;
import app.islet.core.document.DocumentDiff.Difference;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.enclosure.Furnishings;
import java.util.List;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class DocumentDiffTest {
  private static final Enclosure TANK = Setups.tank(60, 30, 30, 20);

  private static String text(Enclosure e) {
    return DocumentWriter.write(new EnclosureDocument(e, List.of()));
  }

  private static Furnishing stone(String id, double x) {
    return new Furnishing(id, FurnishingKind.STONE, x, 5, 10, 10, 0, 8, false, false, false);
  }

  @Test
  void equal_designs_do_not_differ() {
    assertThat(DocumentDiff.between(text(TANK), text(TANK))).isEmpty();
  }

  @Test
  void a_changed_number_is_told_before_and_after() {
    assertThat(
            DocumentDiff.between(text(TANK), text(TANK.with(new Change("/water/depthCm", 17.5)))))
        .containsExactly(new Difference("/water/depthCm", "20", "17.5"));
  }

  @Test
  void a_part_keeps_its_name_when_another_goes() {
    Enclosure two = TANK.with(Furnishings.NONE.with(stone("a", 1), stone("b", 30)));
    Enclosure one = TANK.with(Furnishings.NONE.with(stone("b", 32)));
    assertThat(DocumentDiff.between(text(two), text(one)))
        .contains(
            new Difference("/furnishings/parts/a/xCm", "1", ""),
            new Difference("/furnishings/parts/b/xCm", "30", "32"))
        .noneMatch(d -> d.path().startsWith("/furnishings/parts/b/y"));
  }
}

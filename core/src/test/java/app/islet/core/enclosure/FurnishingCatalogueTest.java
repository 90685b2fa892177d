package app.islet.core.enclosure;

import static app.islet.core.Setups.tank;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.care.CareLibrary;
import app.islet.core.care.SubstrateMaterial;
import app.islet.core.document.DocumentReader;
import app.islet.core.document.DocumentWriter;
import app.islet.core.document.EnclosureDocument;
import app.islet.core.geometry.Grid;
import java.util.List;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What comes out of the tray can be put where it comes out. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class FurnishingCatalogueTest {
  private static final List<Enclosure> VESSELS =
      List.of(
          tank(20, 12, 15, 0),
          tank(30, 20, 20, 6),
          tank(60, 30, 30, 20).with(new Substrate(SubstrateMaterial.SAND, 4)),
          tank(120, 50, 50, 46),
          tank(400, 250, 90, 60));

  private static Furnishing last(Enclosure e) {
    return e.furnishings().parts().get(e.furnishings().parts().size() - 1);
  }

  @ParameterizedTest
  @EnumSource(FurnishingKind.class)
  void it_lies_within_the_vessel_and_stands_on_or_over_its_floor(FurnishingKind kind) {
    for (Enclosure e : VESSELS) {
      Furnishing part = last(FurnishingCatalogue.added(e, kind));
      assertThat(part.kind()).isEqualTo(kind);
      assertThat(part.xCm()).as("%s in %s", part, e.vessel()).isNotNegative();
      assertThat(part.yCm()).as("%s in %s", part, e.vessel()).isNotNegative();
      assertThat(part.xCm() + part.lengthCm())
          .as("%s in %s", part, e.vessel())
          .isLessThanOrEqualTo(e.vessel().lengthCm());
      assertThat(part.yCm() + part.widthCm())
          .as("%s in %s", part, e.vessel())
          .isLessThanOrEqualTo(e.vessel().widthCm());
      assertThat(part.bottomCm()).as("%s in %s", part, e.vessel()).isNotNegative();
      assertThat(part.topCm()).isGreaterThan(part.bottomCm());
      assertThat(part.lengthCm()).isPositive();
      assertThat(part.widthCm()).isPositive();
    }
  }

  @ParameterizedTest
  @EnumSource(FurnishingKind.class)
  void a_design_with_it_is_written_and_read_again(FurnishingKind kind) {
    DocumentReader reader = new DocumentReader(CareLibrary.bundled());
    for (Enclosure e : VESSELS) {
      EnclosureDocument with = new EnclosureDocument(FurnishingCatalogue.added(e, kind), List.of());
      String written = DocumentWriter.write(with);
      assertThat(DocumentWriter.write(reader.read("tray", written))).isEqualTo(written);
    }
  }

  @Test
  void each_has_a_name_of_its_own() {
    Enclosure e = tank(60, 30, 30, 20);
    for (int n = 0; n < 3; n++) {
      e = FurnishingCatalogue.added(e, FurnishingKind.FLOATING_PLANTS);
    }
    e = FurnishingCatalogue.removed(e, "floating-plants-2");
    e = FurnishingCatalogue.added(e, FurnishingKind.FLOATING_PLANTS);
    assertThat(e.furnishings().parts().stream().map(Furnishing::id))
        .containsExactly("floating-plants-1", "floating-plants-3", "floating-plants-2");
  }

  @Test
  void a_copy_is_the_same_thing_a_little_aside() {
    Enclosure one = FurnishingCatalogue.added(tank(100, 50, 50, 30), FurnishingKind.CAVE);
    Furnishing cave = last(one);
    Enclosure two = FurnishingCatalogue.copied(one, cave.id());
    Furnishing copy = last(two);
    assertThat(copy).isEqualTo(cave.at(cave.xCm() + 3, cave.yCm() + 3).named("cave-2"));
    assertThat(FurnishingCatalogue.removed(two, "cave-2")).isEqualTo(one);
    assertThat(FurnishingCatalogue.copied(one, "nothing-of-that-name")).isEqualTo(one);
    assertThat(FurnishingCatalogue.removed(one, "nothing-of-that-name")).isEqualTo(one);
  }

  @Test
  void a_copy_at_the_end_of_the_vessel_goes_to_the_other_side() {
    Furnishing box =
        last(FurnishingCatalogue.added(tank(100, 50, 50, 30), FurnishingKind.BASKING_BOX));
    Enclosure two =
        FurnishingCatalogue.copied(
            FurnishingCatalogue.added(tank(100, 50, 50, 30), FurnishingKind.BASKING_BOX), box.id());
    assertThat(last(two).xCm()).isEqualTo(box.xCm() - 3);
    assertThat(last(two).yCm()).as("as broad as the vessel").isZero();
  }

  /** A partition as it comes parts the tank in two pieces of water; a back wall does not. */
  @Test
  void a_partition_goes_from_pane_to_pane() {
    Enclosure e = tank(60, 30, 30, 20);
    double open = Grid.of(e).figures().waterL();
    assertThat(Grid.of(FurnishingCatalogue.added(e, FurnishingKind.PARTITION)).partlyDry())
        .isTrue();
    assertThat(Grid.of(FurnishingCatalogue.added(e, FurnishingKind.BACK_WALL)).partlyDry())
        .isFalse();
    assertThat(Grid.of(FurnishingCatalogue.added(e, FurnishingKind.BACK_WALL)).figures().waterL())
        .isEqualTo(open * 0.9, within(1e-6));
  }
}

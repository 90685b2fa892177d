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
  void a_copy_is_the_same_thing_beside_the_first() {
    Enclosure one = FurnishingCatalogue.added(tank(100, 50, 50, 30), FurnishingKind.CAVE);
    Furnishing cave = last(one);
    Enclosure two = FurnishingCatalogue.copied(one, cave.id());
    Furnishing copy = last(two);
    assertThat(copy).isEqualTo(cave.at(copy.xCm(), copy.yCm()).named("cave-2"));
    assertThat(apart(cave, copy)).isTrue();
    assertThat(FurnishingCatalogue.removed(two, "cave-2")).isEqualTo(one);
    assertThat(FurnishingCatalogue.copied(one, "nothing-of-that-name")).isEqualTo(one);
    assertThat(FurnishingCatalogue.removed(one, "nothing-of-that-name")).isEqualTo(one);
  }

  @Test
  void a_copy_of_what_leaves_no_room_beside_it_is_set_a_little_over_it() {
    Enclosure one = FurnishingCatalogue.added(tank(100, 50, 50, 30), FurnishingKind.BASKING_BOX);
    Furnishing box = last(one);
    one = FurnishingCatalogue.copied(one, box.id());
    one = FurnishingCatalogue.copied(one, box.id());
    assertThat(last(one).xCm()).isEqualTo(box.xCm() - 3);
    assertThat(last(one).yCm()).as("as broad as the vessel").isZero();
  }

  private static boolean apart(Furnishing one, Furnishing other) {
    return one.leftCm() + one.spanX() <= other.leftCm()
        || other.leftCm() + other.spanX() <= one.leftCm()
        || one.backCm() + one.spanY() <= other.backCm()
        || other.backCm() + other.spanY() <= one.backCm();
  }

  @ParameterizedTest
  @EnumSource(
      value = FurnishingKind.class,
      mode = EnumSource.Mode.EXCLUDE,
      names = {"BACK_WALL", "PARTITION", "BASKING_BOX", "SLOPE"})
  void three_of_a_kind_stand_apart(FurnishingKind kind) {
    Enclosure e = tank(120, 50, 50, 35);
    for (int n = 0; n < 3; n++) {
      e = FurnishingCatalogue.added(e, kind);
    }
    List<Furnishing> parts = e.furnishings().parts();
    assertThat(apart(parts.get(0), parts.get(1))).isTrue();
    assertThat(apart(parts.get(0), parts.get(2))).isTrue();
    assertThat(apart(parts.get(1), parts.get(2))).isTrue();
  }

  @Test
  void a_heater_keeps_off_the_stone_beside_it_and_a_lamp_hangs_over_both() {
    Enclosure e = tank(30, 20, 30, 25);
    e = FurnishingCatalogue.added(e, FurnishingKind.STONE);
    Furnishing stone = last(e);
    e = FurnishingCatalogue.added(e, FurnishingKind.FILTER);
    assertThat(apart(stone, last(e))).isTrue();
    e = FurnishingCatalogue.added(e, FurnishingKind.BASKING_LAMP);
    assertThat(last(e).bottomCm()).isGreaterThan(30);
  }

  @Test
  void a_ramp_leads_up_to_the_platform_and_the_lamps_hang_over_it() {
    Enclosure e = FurnishingCatalogue.added(tank(120, 50, 50, 35), FurnishingKind.FLOAT);
    Furnishing platform = last(e);
    e = FurnishingCatalogue.added(e, FurnishingKind.RAMP);
    Furnishing ramp = last(e);
    assertThat(platform.leftCm() - (ramp.leftCm() + ramp.spanX())).isBetween(0.0, 2.0);
    assertThat(ramp.risesLeft()).isFalse();
    e = FurnishingCatalogue.added(e, FurnishingKind.BASKING_LAMP);
    assertThat(last(e).midX()).isCloseTo(platform.midX(), within(1.0));
    assertThat(last(e).midY()).isCloseTo(platform.midY(), within(1.0));
    e = FurnishingCatalogue.added(e, FurnishingKind.UVB_LAMP);
    assertThat(last(e).midX()).isCloseTo(platform.midX(), within(1.0));
  }

  @Test
  void without_room_before_the_platform_the_ramp_rises_to_it_from_the_other_side() {
    Enclosure e = FurnishingCatalogue.added(tank(120, 50, 50, 35), FurnishingKind.FLOAT);
    String id = last(e).id();
    Furnishing left = last(e).at(0, 10);
    e = FurnishingCatalogue.removed(e, id).with(e.furnishings().withParts(List.of(left)));
    Furnishing ramp = last(FurnishingCatalogue.added(e, FurnishingKind.RAMP));
    assertThat(ramp.leftCm()).isBetween(left.leftCm() + left.spanX(), left.spanX() + 2);
    assertThat(ramp.risesLeft()).isTrue();
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

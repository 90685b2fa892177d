package app.islet.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.care.CareLibrary;
import app.islet.core.care.SubstrateMaterial;
import app.islet.core.document.DocumentReader;
import app.islet.core.document.DocumentWriter;
import app.islet.core.document.EnclosureDocument;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Land;
import app.islet.core.enclosure.Substrate;
import app.islet.core.enclosure.Vessel;
import app.islet.core.geometry.SubstrateVolumes.Volume;
import java.util.List;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** How much of each ground, worked by hand for boxes. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class SubstrateVolumesTest {
  /** 100 by 50 cm, 2 cm of sand; land over the right half, upright, 20 cm high, 8 cm of water. */
  private static Enclosure box(Land land) {
    return Enclosure.bare("Box", new Vessel(100, 50, 50), 8)
        .with(new Substrate(SubstrateMaterial.SAND, 2))
        .with(land);
  }

  private static double litres(Enclosure e, SubstrateMaterial material) {
    return SubstrateVolumes.of(e, Geometry.of(e)).uppermost().stream()
        .filter(v -> v.material() == material)
        .mapToDouble(Volume::litres)
        .sum();
  }

  @Test
  void land_is_heaped_of_what_covers_the_floor_where_nobody_said() {
    Enclosure e = box(new Land(50, 20, 0));
    assertThat(litres(e, SubstrateMaterial.SAND)).isCloseTo(10 + 45, within(0.2));
    assertThat(litres(e, SubstrateMaterial.SOIL)).isZero();
  }

  @Test
  void land_of_its_own_and_litter_are_counted_apart() {
    Enclosure e = box(new Land(50, 20, 0).of(SubstrateMaterial.SOIL, true));
    assertThat(litres(e, SubstrateMaterial.SAND)).isCloseTo(10, within(0.01));
    assertThat(litres(e, SubstrateMaterial.SOIL)).isCloseTo(45, within(0.2));
    assertThat(litres(e, SubstrateMaterial.LEAF_LITTER)).isCloseTo(5, within(0.01));
    assertThat(
            litres(
                box(new Land(50, 20, 0).of(SubstrateMaterial.SOIL, false)),
                SubstrateMaterial.LEAF_LITTER))
        .isZero();
  }

  @Test
  void what_land_is_of_is_written_and_read_again() {
    Enclosure e = box(new Land(50, 20, 5).of(SubstrateMaterial.MOSS, true));
    String written = DocumentWriter.write(new EnclosureDocument(e, List.of()));
    assertThat(written).contains("\"material\" : \"moss\"", "\"litter\" : true");
    assertThat(new DocumentReader(CareLibrary.bundled()).read("box", written).enclosure().land())
        .isEqualTo(e.land());
    Enclosure plain = box(new Land(50, 20, 5));
    assertThat(DocumentWriter.write(new EnclosureDocument(plain, List.of())))
        .doesNotContain("litter");
  }
}

package app.islet.core.plan;

import static app.islet.core.Setups.TODAY;
import static app.islet.core.Setups.animals;
import static app.islet.core.Setups.axolotlTank;
import static app.islet.core.Setups.axolotls;
import static app.islet.core.Setups.sliderPool;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.situation.HusbandryState;
import app.islet.core.water.WaterRecord;
import java.util.List;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class HelperMarksTest {
  private static List<String> marks(Enclosure e, Resident r, UnitSystem units) {
    return HelperMarks.of(HusbandryState.of(e, List.of(r), TODAY, WaterRecord.NONE)).stream()
        .map(phrase -> phrase.text(units))
        .toList();
  }

  @Test
  void the_level_is_measured_from_the_rim() {
    Enclosure e = axolotlTank();
    double below = e.vessel().heightCm() - e.ground().depthCm() - e.water().depthCm();
    assertThat(marks(e, axolotls(2, 22), UnitSystem.METRIC).get(0))
        .startsWith("Water " + (int) below + " cm below the rim, " + (int) e.water().depthCm());
  }

  @Test
  void temperatures_have_the_band_and_when_to_call() {
    assertThat(marks(axolotlTank(), axolotls(2, 22), UnitSystem.METRIC))
        .contains("Water 15 to 18 °C; under 8 °C or over 20 °C call");
    assertThat(marks(axolotlTank(), axolotls(2, 22), UnitSystem.US))
        .contains("Water 59 to 64.4 °F; under 46.4 °F or over 68 °F call");
  }

  @Test
  void who_basks_has_a_lamp_to_look_at_and_who_does_not_has_none() {
    assertThat(marks(sliderPool(), animals("slider", 1, 18), UnitSystem.METRIC))
        .anyMatch(mark -> mark.startsWith("Under the basking lamp"));
    assertThat(marks(axolotlTank(), axolotls(2, 22), UnitSystem.METRIC))
        .noneMatch(mark -> mark.contains("lamp"));
  }
}

package app.islet.core.enclosure;

import static app.islet.core.Setups.axolotlTank;
import static app.islet.core.Setups.tank;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.islet.core.care.CareLibrary;
import app.islet.core.document.DocumentReader;
import app.islet.core.document.DocumentWriter;
import app.islet.core.document.EnclosureDocument;
import java.util.List;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A number that a remedy changes is the number of that name in the document. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class ChangeTest {
  private static String written(Enclosure e) {
    return DocumentWriter.write(new EnclosureDocument(e, List.of())).replaceAll("\\s", "");
  }

  @ParameterizedTest(name = "{0} = {1}")
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "/vessel/lengthCm | 111 | \"lengthCm\":111",
        "/vessel/widthCm | 61 | \"widthCm\":61",
        "/vessel/heightCm | 57 | \"heightCm\":57",
        "/water/depthCm | 21.5 | \"depthCm\":21.5",
        "/water/restBelowSurfaceCm | 6 | \"restBelowSurfaceCm\":6",
        "/water/salinityPpt | 9 | \"salinityPpt\":9",
        "/ground/depthCm | 3.5 | \"depthCm\":3.5",
        "/land/sharePercent | 37 | \"sharePercent\":37",
        "/land/heightCm | 38 | \"heightCm\":38",
        "/land/rampCm | 19 | \"rampCm\":19",
        "/platform/sideCm | 23 | \"lengthCm\":23,\"widthCm\":23",
        "/furnishings/hides/count | 7 | \"count\":7",
        "/furnishings/hides/openingCm | 12 | \"openingCm\":12",
        "/furnishings/stones/topCm | 13 | \"topCm\":13",
        "/furnishings/stones/gapCm | 8.5 | \"gapCm\":8.5",
        "/furnishings/furtherWaysOut | 2 | \"furtherWaysOut\":2",
        "/conditions/humidityPercent | 81 | \"humidityPercent\":81",
        "/conditions/lightHours | 11 | \"lightHours\":11",
        "/conditions/lidGapCm | 1.5 | \"lidGapCm\":1.5",
        "/conditions/lossFactor | 1.2 | \"lossFactor\":1.2",
        "/conditions/evaporationFactor | 0.8 | \"evaporationFactor\":0.8",
        "/vessel/insulationMm | 30 | \"insulationMm\":30",
        "/equipment/heater/powerW | 150 | \"powerW\":150",
        "/equipment/heat-mat/powerW | 15 | \"powerW\":15",
        "/equipment/chiller/coolingW | 160 | \"coolingW\":160",
        "/equipment/filter/flowLph | 444 | \"flowLph\":444",
        "/equipment/uvb-lamp/distanceCm | 28 | \"distanceCm\":28",
        "/equipment/basking-lamp/distanceCm | 26 | \"distanceCm\":26",
        "/equipment/fan/airSpeedMs | 1.4 | \"airSpeedMs\":1.4"
      })
  void it_stands_in_the_document(String field, double value, String words) {
    Enclosure changed = axolotlTank().with(new Change(field, value));
    assertThat(written(axolotlTank())).doesNotContain(words);
    assertThat(written(changed)).contains(words);
    assertThat(
            new DocumentReader(CareLibrary.bundled())
                .read("changed", written(changed))
                .enclosure()
                .withSite(changed.site()))
        .as("read again")
        .isEqualTo(changed);
  }

  @Test
  void a_device_that_is_there_is_changed_and_not_doubled() {
    Enclosure e = tank(60, 30, 30, 20, new Equipment.Heater(25, false));
    Enclosure changed = e.with(new Change("/equipment/heater/powerW", 100));
    assertThat(changed.all(Equipment.Heater.class)).hasSize(1);
    assertThat(changed.all(Equipment.Heater.class).findFirst().orElseThrow().powerW())
        .isEqualTo(100);
  }

  @Test
  void what_no_vessel_can_hold_is_refused_with_both_heights() {
    Enclosure e = tank(60, 30, 30, 20);
    assertThatThrownBy(() -> e.with(new Change("/water/depthCm", 31)))
        .hasMessage(
            "the water would stand 31 cm above the floor, but the vessel is only 30 cm high");
    assertThatThrownBy(() -> e.with(new Change("/land/heightCm", 32.5)))
        .hasMessage("the land would be 32.5 cm high, but the vessel is only 30 cm high");
    assertThatThrownBy(() -> e.with(e.ground().withPoints(List.of(new Substrate.Point(10, 33)))))
        .hasMessage("the ground would rise to 33 cm, but the vessel is only 30 cm high");
    assertThatThrownBy(() -> e.with(new Change("/water/wetness", 1)))
        .hasMessage("there is no number called /water/wetness");
  }
}

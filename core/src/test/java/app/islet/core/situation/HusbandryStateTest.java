package app.islet.core.situation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.care.CareLibrary;
import app.islet.core.document.DocumentReader;
import app.islet.core.document.EnclosureDocument;
import java.time.LocalDate;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class HusbandryStateTest {
  private static final LocalDate DAY = LocalDate.of(2026, 5, 4);

  private static HusbandryState tank(String residents) {
    EnclosureDocument document =
        new DocumentReader(CareLibrary.bundled())
            .read(
                "tank",
                """
                                {"islet": "enclosure", "version": 1, "name": "Tank",
                                 "vessel": {"lengthCm": 80, "widthCm": 40, "heightCm": 40},
                                 "water": {"depthCm": 25}, "ground": {"material": "sand", "depthCm": 3}, "lid": "none",
                                 "furnishings": {"parts": [
                                   {"id": "shelf-1", "kind": "shelf", "xCm": 50, "yCm": 0, "lengthCm": 30, "widthCm": 40, "bottomCm": 34, "topCm": 36},
                                   {"id": "ramp-1", "kind": "ramp", "xCm": 20, "yCm": 10, "lengthCm": 30, "widthCm": 20, "bottomCm": 20, "topCm": 36}]},
                                 "residents": [%s]}"""
                    .formatted(residents));
    return HusbandryState.of(document.enclosure(), document.residents(), DAY);
  }

  @Test
  @DisplayName("The rim over the highest foothold is counted from the shelf a turtle walks up to")
  void rimOverTheShelf() {
    HusbandryState turtle =
        tank("{\"species\": \"common-musk\", \"name\": \"One\", \"lengthCm\": 10}");
    assertThat(turtle.rimAboveFootholdCm()).isCloseTo(4, within(0.01));
    assertThat(turtle.rimAboveFootholdCm(turtle.residents().get(0))).isCloseTo(4, within(0.01));
  }

  @Test
  @DisplayName("With nobody in it, it is counted from the water line")
  void nobody() {
    assertThat(tank("").rimAboveFootholdCm()).isEqualTo(12);
  }
}

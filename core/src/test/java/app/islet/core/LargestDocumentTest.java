package app.islet.core;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.animal.Resident;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.document.DocumentReader;
import app.islet.core.document.DocumentWriter;
import app.islet.core.document.EnclosureDocument;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.enclosure.Vessel;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** The largest document that is read can be judged, in little memory and without a long wait. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class LargestDocumentTest {
  private static final int RESIDENTS = 200;
  private static final int PARTS = 200;

  private static EnclosureDocument largest() {
    List<Furnishing> parts = new ArrayList<>();
    for (int i = 0; i < PARTS; i++) {
      parts.add(stone(i));
    }
    Enclosure e =
        Enclosure.bare("Largest", new Vessel(200, 100, 60), 30)
            .with(new Equipment.Filter(800, Optional.empty(), true));
    List<CareSheet> sheets = List.copyOf(CareLibrary.bundled().all());
    List<Resident> residents = new ArrayList<>();
    for (int i = 0; i < RESIDENTS; i++) {
      residents.add(
          new Resident(
              "R" + i,
              sheets.get(i % sheets.size()),
              1,
              0,
              0,
              OptionalDouble.of(2 + (i * 0.37) % 15),
              OptionalDouble.empty(),
              Optional.empty()));
    }
    return new EnclosureDocument(e.with(e.furnishings().withParts(parts)), residents);
  }

  private static Furnishing stone(int i) {
    double xCm = (i * 7) % 180;
    double yCm = (i * 5) % 80;
    double turnDeg = 11 * (i % 17);
    double topCm = 8 + i % 20;
    return new Furnishing(
        "p" + i, FurnishingKind.STONE, xCm, yCm, 9, 7, 5, topCm, turnDeg, false, false, false);
  }

  @Test
  void it_is_read_and_judged_with_findings_in_step_with_its_residents() {
    EnclosureDocument read =
        new DocumentReader(CareLibrary.bundled())
            .read("largest.json", DocumentWriter.write(largest()));
    Assessment a = Assessment.of(read.enclosure(), read.residents(), LocalDate.of(2026, 3, 2));
    assertThat(a.review().findings()).hasSizeBetween(RESIDENTS, 40 * RESIDENTS);
  }

  /** Prints how long it takes, the first times and once everything is warm. */
  public static void main(String[] args) {
    EnclosureDocument largest = largest();
    for (int time = 0; time < 6; time++) {
      long from = System.nanoTime();
      Assessment.of(largest.enclosure(), largest.residents(), LocalDate.of(2026, 3, 2));
      System.out.printf("%.0f ms%n", (System.nanoTime() - from) / 1e6);
    }
  }
}

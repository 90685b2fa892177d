package app.islet.core.enclosure;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * Vessels as they are sold, by nominal name and inner dimensions; common practice, no source. Two
 * of one volume may differ in floor.
 */
public record StandardVessel(String name, Vessel vessel) {
  private static final List<StandardVessel> ALL =
      Stream.of(
              cm("40 cm", 40, 25, 25),
              cm("60 cm", 60, 30, 30),
              cm("60 cm deep box", 60, 45, 45),
              cm("45 cm tall box", 45, 45, 60),
              cm("60 cm tall box", 60, 45, 90),
              cm("80 cm", 80, 35, 40),
              cm("90 cm box", 90, 45, 45),
              cm("100 cm", 100, 40, 40),
              cm("100 cm wide", 100, 50, 50),
              cm("120 cm", 120, 50, 50),
              cm("120 cm wide", 120, 60, 50),
              cm("150 cm", 150, 60, 60),
              cm("200 cm", 200, 60, 60),
              cm("200 cm pool", 200, 80, 70),
              cm("250 cm pool", 250, 100, 80),
              cm("300 cm pool", 300, 150, 80),
              inches("10 gal", 20, 10, 12),
              inches("15 gal", 24, 12, 12),
              inches("20 gal high", 24, 12, 16),
              inches("20 gal long", 30, 12, 12),
              inches("29 gal", 30, 12, 18),
              inches("40 gal breeder", 36, 18, 16),
              inches("55 gal", 48, 13, 21),
              inches("75 gal", 48, 18, 21),
              inches("120 gal", 48, 24, 24),
              inches("125 gal", 72, 18, 21),
              inches("180 gal", 72, 24, 25))
          .sorted(Comparator.comparingDouble(v -> v.vessel().footprintCm2()))
          .toList();

  /** All of them, the smallest floor first. */
  public static List<StandardVessel> all() {
    return ALL;
  }

  private static StandardVessel cm(String name, double length, double width, double height) {
    return new StandardVessel(name, new Vessel(length, width, height));
  }

  private static StandardVessel inches(String name, double length, double width, double height) {
    return cm(name, length * 2.54, width * 2.54, height * 2.54);
  }
}

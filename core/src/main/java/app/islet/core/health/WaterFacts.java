package app.islet.core.health;

import app.islet.core.care.Habitat;
import app.islet.core.care.Needs;
import app.islet.core.care.Stage;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.water.Ammonia;
import app.islet.core.water.Limits;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** What a test of the water and a thermometer tell. */
public final class WaterFacts {
  private static final double USUAL_PH = 7.5;
  private static final double USUAL_C = 22;

  /** A kit is read no finer. */
  private static final double READING = 1e-9;

  /**
   * What was measured; what was not is empty.
   *
   * @param ammoniaMgPerL all of it, as nitrogen, 0 to 100
   * @param nitriteMgPerL as nitrogen, 0 to 100
   * @param tempC of the water, or of the air where it lives on land, -1.8 to 40
   * @param ph 4 to 11
   */
  public record Reading(
      OptionalDouble ammoniaMgPerL,
      OptionalDouble nitriteMgPerL,
      OptionalDouble tempC,
      OptionalDouble ph) {
    public static final Reading NONE =
        new Reading(
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            OptionalDouble.empty());
  }

  private WaterFacts() {}

  public static List<RecordedFact> of(Stage stage, Reading reading) {
    List<RecordedFact> facts = new ArrayList<>();
    double free = freeMgPerL(reading);
    boolean ammonia = free > Limits.FREE_AMMONIA_WATCH + READING;
    boolean nitrite = reading.nitriteMgPerL().orElse(0) > Limits.NITRITE_WATCH + READING;
    if (ammonia) {
      facts.add(
          new RecordedFact(
              RecordKind.AMMONIA_HIGH,
              Phrase.of(
                  "Ammonia {} as nitrogen, of which {} is free: over the limit",
                  mg(reading.ammoniaMgPerL().orElse(0)),
                  mg(free))));
    }
    if (nitrite) {
      facts.add(
          new RecordedFact(
              RecordKind.NITRITE_HIGH,
              Phrase.of(
                  "Nitrite {} as nitrogen: over the limit",
                  mg(reading.nitriteMgPerL().orElse(0)))));
    }
    boolean both = reading.ammoniaMgPerL().isPresent() && reading.nitriteMgPerL().isPresent();
    if (both && !ammonia && !nitrite) {
      facts.add(
          new RecordedFact(
              RecordKind.AMMONIA_ZERO, Phrase.of("Ammonia and nitrite within their limits")));
    }
    reading.tempC().ifPresent(c -> temperature(stage, c).ifPresent(facts::add));
    return List.copyOf(facts);
  }

  /** Free ammonia; where pH or temperature is unknown as in usual water. */
  private static double freeMgPerL(Reading reading) {
    if (reading.ammoniaMgPerL().isEmpty()) {
      return 0;
    }
    return reading.ammoniaMgPerL().getAsDouble()
        * Ammonia.freeShare(reading.tempC().orElse(USUAL_C), reading.ph().orElse(USUAL_PH));
  }

  private static Quantity mg(double mgPerL) {
    return new Quantity(Dimension.CONCENTRATION, mgPerL);
  }

  private static Optional<RecordedFact> temperature(Stage stage, double tempC) {
    Optional<Needs.Temperature> needs =
        stage.habitat() == Habitat.LAND ? stage.needs().air() : stage.needs().water();
    return needs.flatMap(
        t -> {
          if (tempC > t.toleratedC().max()) {
            return Optional.of(
                new RecordedFact(
                    RecordKind.WARM,
                    Phrase.of(
                        "{}: warmer than the {} it tolerates",
                        Quantity.celsius(tempC),
                        Quantity.celsius(t.toleratedC().max()))));
          }
          if (tempC < t.toleratedC().min()) {
            return Optional.of(
                new RecordedFact(
                    RecordKind.COLD,
                    Phrase.of(
                        "{}: colder than the {} it tolerates",
                        Quantity.celsius(tempC),
                        Quantity.celsius(t.toleratedC().min()))));
          }
          return t.idealC().contains(tempC)
              ? Optional.of(
                  new RecordedFact(
                      RecordKind.TEMP_RIGHT,
                      Phrase.of("{}: within its range", Quantity.celsius(tempC))))
              : Optional.empty();
        });
  }
}

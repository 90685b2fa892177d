package app.islet.web.store.water;

import app.islet.core.water.Parameter;
import app.islet.core.water.WaterEvent;
import app.islet.core.water.WaterTest;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import org.hibernate.annotations.Immutable;
import org.jspecify.annotations.Nullable;

/** One line of the log as it stands: a test, something done, or a round's tick that did it. */
@Entity
@Immutable
@Table(name = "water_line")
public class WaterLine {
  private static final String TEST = "TEST";
  private static final String ROUND = "ROUND:";

  @Id private String line;
  private Long entry;
  private Long enclosureId;
  private LocalDate day;
  private @Nullable LocalTime atTime;
  private boolean reading;
  private String kind;
  private double amount;
  private @Nullable Double ammonia;
  private @Nullable Double nitrite;
  private @Nullable Double nitrate;
  private @Nullable Double ph;
  private @Nullable Double carbonate;
  private @Nullable Double hardness;
  private @Nullable Double salinity;
  private @Nullable Double temperature;
  private boolean asIon;

  /** For Hibernate only. */
  protected WaterLine() {}

  /** Names the line in pages: a letter for its kind and the entry's number. */
  public String line() {
    return line;
  }

  Long entry() {
    return entry;
  }

  Long enclosureId() {
    return enclosureId;
  }

  public LocalDate day() {
    return day;
  }

  public boolean isTest() {
    return kind.equals(TEST);
  }

  /** Whether the rounds ticked it, so that it is taken back there. */
  public boolean isFromRounds() {
    return kind.startsWith(ROUND);
  }

  /** Whether the kit counted nitrogen as the whole ion. */
  public boolean asIon() {
    return asIon;
  }

  public WaterTest test() {
    Map<Parameter, Double> values = new EnumMap<>(Parameter.class);
    put(values, Parameter.AMMONIA, ammonia);
    put(values, Parameter.NITRITE, nitrite);
    put(values, Parameter.NITRATE, nitrate);
    put(values, Parameter.PH, ph);
    put(values, Parameter.CARBONATE, carbonate);
    put(values, Parameter.HARDNESS, hardness);
    put(values, Parameter.SALINITY, salinity);
    put(values, Parameter.TEMPERATURE, temperature);
    return new WaterTest(day, Optional.ofNullable(atTime), values);
  }

  private static void put(
      Map<Parameter, Double> values, Parameter parameter, @Nullable Double value) {
    if (value != null) {
      values.put(parameter, value);
    }
  }

  /**
   * What was done; a tick of the rounds counts as the change the plan asks for.
   *
   * @param partPercent share of the plan's water change, {@code largePercent} of its large one
   */
  public Optional<WaterEvent> event(double partPercent, double largePercent) {
    return switch (kind) {
      case TEST -> Optional.empty();
      case "ROUND:water-change" -> change(partPercent);
      case "ROUND:large-change" -> change(largePercent);
      case "ROUND:rinse-filter" -> Optional.of(new WaterEvent(day, WaterEvent.Kind.RINSED, 0));
      default -> Optional.of(new WaterEvent(day, WaterEvent.Kind.valueOf(kind), amount));
    };
  }

  private Optional<WaterEvent> change(double percent) {
    return percent >= WaterEvent.Kind.CHANGE.least()
        ? Optional.of(new WaterEvent(day, WaterEvent.Kind.CHANGE, percent))
        : Optional.empty();
  }
}

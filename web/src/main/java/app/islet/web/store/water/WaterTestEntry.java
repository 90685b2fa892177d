package app.islet.web.store.water;

import app.islet.core.water.Parameter;
import app.islet.core.water.WaterTest;
import app.islet.web.base.log.LogEntry;
import app.islet.web.base.log.Stamp;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** A test of the water on a day. Never changed; an entry that voids another takes it back. */
@Entity
@Table(name = "water_test")
class WaterTestEntry extends LogEntry {
  private Long enclosureId;
  private LocalDate day;
  private @Nullable LocalTime atTime;
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
  protected WaterTestEntry() {}

  WaterTestEntry(
      long enclosureId, WaterTest test, boolean asIon, Stamp stamp, @Nullable Long voids) {
    super(stamp, voids);
    Map<Parameter, Double> values = test.values();
    this.enclosureId = enclosureId;
    this.day = test.day();
    this.atTime = test.time().orElse(null);
    this.ammonia = values.get(Parameter.AMMONIA);
    this.nitrite = values.get(Parameter.NITRITE);
    this.nitrate = values.get(Parameter.NITRATE);
    this.ph = values.get(Parameter.PH);
    this.carbonate = values.get(Parameter.CARBONATE);
    this.hardness = values.get(Parameter.HARDNESS);
    this.salinity = values.get(Parameter.SALINITY);
    this.temperature = values.get(Parameter.TEMPERATURE);
    this.asIon = asIon;
  }

  /** An entry that takes this one back. */
  WaterTestEntry voided(Stamp stamp) {
    return new WaterTestEntry(enclosureId, new WaterTest(day, Map.of()), asIon, stamp, id());
  }
}

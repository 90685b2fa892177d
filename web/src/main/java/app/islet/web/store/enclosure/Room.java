package app.islet.web.store.enclosure;

import app.islet.core.enclosure.Site;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** A room enclosures stand in. Its temperatures are the site of every design in it. */
@Entity
public class Room {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long collectionId;
  private String name;

  @Column(name = "summer_day_c")
  private double summerDayC;

  @Column(name = "summer_night_c")
  private double summerNightC;

  @Column(name = "winter_day_c")
  private double winterDayC;

  @Column(name = "winter_night_c")
  private double winterNightC;

  private double humidityPercent;
  private @Nullable Boolean residualCurrentDevice;
  private boolean smallChildren;
  private double sunHours;
  private @Nullable Double latitude;
  private @Nullable Double longitude;
  private boolean outdoors;

  /** For Hibernate only. */
  protected Room() {}

  public Room(long collectionId, String name, Site site) {
    this.collectionId = collectionId;
    change(name, site);
  }

  public final void change(String newName, Site site) {
    this.name = newName;
    this.summerDayC = site.summerDayC();
    this.summerNightC = site.summerNightC();
    this.winterDayC = site.winterDayC();
    this.winterNightC = site.winterNightC();
    this.humidityPercent = site.humidityPercent();
    this.residualCurrentDevice = site.residualCurrentDevice().orElse(null);
    this.smallChildren = site.smallChildren();
    this.sunHours = site.sunHours();
    this.latitude = orNull(site.latitude());
    this.longitude = orNull(site.longitude());
    this.outdoors = site.outdoors();
  }

  public Long id() {
    return id;
  }

  public Long collectionId() {
    return collectionId;
  }

  public String name() {
    return name;
  }

  public Site site() {
    return new Site(
        summerDayC,
        summerNightC,
        winterDayC,
        winterNightC,
        humidityPercent,
        Optional.ofNullable(residualCurrentDevice),
        smallChildren,
        sunHours,
        orEmpty(latitude),
        orEmpty(longitude),
        outdoors);
  }

  private static @Nullable Double orNull(OptionalDouble value) {
    return value.isPresent() ? value.getAsDouble() : null;
  }

  private static OptionalDouble orEmpty(@Nullable Double value) {
    return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
  }
}

package app.islet.core.enclosure;

import app.islet.core.field.Between;
import app.islet.core.field.Stored;
import app.islet.core.quantity.Dimension;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;

/**
 * Where the enclosure stands: room temperatures by season and time of day, °C, room humidity, %,
 * and what matters for the safety of people.
 *
 * @param residualCurrentDevice whether the socket has one; absent while it was not checked
 * @param smallChildren whether children under five live in or often come to the household
 * @param sunHours how long the sun shines through a window onto the front on a clear summer's day
 * @param latitude of the place, north positive, where somebody said; {@code longitude} east
 *     positive
 * @param outdoors whether it stands under the sky: sun, rain, frost
 */
public record Site(
    @Between(of = Dimension.TEMPERATURE, min = -20, max = 50) double summerDayC,
    @Between(of = Dimension.TEMPERATURE, min = -20, max = 50) double summerNightC,
    @Between(of = Dimension.TEMPERATURE, min = -20, max = 50) double winterDayC,
    @Between(of = Dimension.TEMPERATURE, min = -20, max = 50) double winterNightC,
    @Stored(usual = "50", always = true) @Between(of = Dimension.PERCENT, min = 0, max = 100)
        double humidityPercent,
    Optional<Boolean> residualCurrentDevice,
    boolean smallChildren,
    @Stored(usual = "0") @Between(of = Dimension.HOURS, min = 0, max = 16) double sunHours,
    @Between(of = Dimension.ANGLE, min = -90, max = 90) OptionalDouble latitude,
    @Between(of = Dimension.ANGLE, min = -180, max = 180) OptionalDouble longitude,
    boolean outdoors) {
  /** An ordinary heated room, for a design that says nothing; common practice, no source. */
  public static final Site LIVING_ROOM = new Site(25, 20, 21, 17, 50);

  /** Whether winter is in July; not where nobody said where on earth it is. */
  public boolean isSouth() {
    return latitude.isPresent() && latitude.getAsDouble() < 0;
  }

  /** A room of which nothing but its air is known. */
  public Site(
      double summerDayC,
      double summerNightC,
      double winterDayC,
      double winterNightC,
      double humidityPercent) {
    this(
        summerDayC,
        summerNightC,
        winterDayC,
        winterNightC,
        humidityPercent,
        Optional.empty(),
        false);
  }

  /** A room out of the sun, nobody said where on earth. */
  public Site(
      double summerDayC,
      double summerNightC,
      double winterDayC,
      double winterNightC,
      double humidityPercent,
      Optional<Boolean> residualCurrentDevice,
      boolean smallChildren) {
    this(
        summerDayC,
        summerNightC,
        winterDayC,
        winterNightC,
        humidityPercent,
        residualCurrentDevice,
        smallChildren,
        0,
        OptionalDouble.empty(),
        OptionalDouble.empty(),
        false);
  }

  /**
   * A room of which the warmest day and the coldest night are known; the other times as usual in a
   * heated home: a summer's night 5 K cooler, a winter's day 4 K warmer. Common practice, no
   * source.
   *
   * @throws IllegalArgumentException if the coldest night is warmer than the warmest day
   */
  public static Site room(double warmestC, double coldestC) {
    if (!(coldestC <= warmestC)) {
      throw new IllegalArgumentException("the coldest night cannot be warmer than the warmest day");
    }
    return new Site(
        warmestC,
        Math.max(coldestC, warmestC - 5),
        Math.min(warmestC, coldestC + 4),
        coldestC,
        LIVING_ROOM.humidityPercent);
  }

  public Site withSafety(boolean device, boolean children) {
    return with(Optional.of(device), children, sunHours, latitude, longitude);
  }

  /** The same room with so many hours of sun on the glass. */
  public Site withSunHours(double hours) {
    return with(residualCurrentDevice, smallChildren, hours, latitude, longitude);
  }

  /** The same room at a place on earth. */
  public Site at(double lat, double lon) {
    return with(
        residualCurrentDevice,
        smallChildren,
        sunHours,
        OptionalDouble.of(lat),
        OptionalDouble.of(lon));
  }

  private Site with(
      Optional<Boolean> device,
      boolean children,
      double hours,
      OptionalDouble lat,
      OptionalDouble lon) {
    return new Site(
        summerDayC,
        summerNightC,
        winterDayC,
        winterNightC,
        humidityPercent,
        device,
        children,
        hours,
        lat,
        lon,
        outdoors);
  }

  /** The same air under the sky. */
  public Site underTheSky() {
    return new Site(
        summerDayC,
        summerNightC,
        winterDayC,
        winterNightC,
        humidityPercent,
        residualCurrentDevice,
        smallChildren,
        sunHours,
        latitude,
        longitude,
        true);
  }

  public double coldestC() {
    return all().min().orElseThrow();
  }

  public double warmestC() {
    return all().max().orElseThrow();
  }

  private DoubleStream all() {
    return DoubleStream.of(summerDayC, summerNightC, winterDayC, winterNightC);
  }
}

package app.islet.core.climate;

/** Powers of what is sold or drawn without them; common practice, no source. */
public final class UsualPower {
  /** A straight UVB tube, W. */
  public static final double TUBE_W = 24;

  public static final double AIR_PUMP_W = 3;
  public static final double FAN_W = 3;

  /** A filter's pump, W for each litre an hour. */
  public static final double PUMP_W_PER_LPH = 1 / 60.0;

  /** Heat a small chiller moves for each watt it draws. */
  public static final double CHILLER_COP = 2;

  private UsualPower() {}
}

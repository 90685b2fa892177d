package app.islet.core.quantity;

/**
 * The two unit systems a keeper may choose between. US means US customary: inches, US gallons, °F.
 */
public enum UnitSystem {
  METRIC,
  US
}

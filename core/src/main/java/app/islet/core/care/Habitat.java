package app.islet.core.care;

/** Where a stage lives. */
public enum Habitat {
  /** All in water; land is no use to it. */
  WATER,
  /** Swims and leaves the water. */
  BOTH,
  /** Walks on land; water is a dish or a pool, and deep water drowns it. */
  LAND
}

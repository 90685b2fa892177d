package app.islet.core.livestock;

/** How an animal came. */
public enum Origin {
  /** Out of eggs of the collection. */
  HATCHED,
  BOUGHT,
  FOUND,
  GIVEN
}

package app.islet.core.animal;

/** By what it is known in which stage some animals are; what stands first goes before the rest. */
public enum StageBasis {
  /** They lie in their eggs. */
  EGGS,
  /** The stage that was last entered of the batch they are raised in. */
  BATCH_SEEN,
  /** Nobody entered one: by the days since their batch hatched. */
  BATCH_FORECAST,
  /** The keeper says so. */
  STATED,
  /** By what was measured. */
  LENGTH,
  /** By the days since they hatched, and the growth of their sheet. */
  AGE,
  /** Nothing is known of them: taken as grown. */
  USUAL
}

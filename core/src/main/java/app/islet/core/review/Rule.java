package app.islet.core.review;

import app.islet.core.situation.HusbandryState;
import java.util.Set;
import java.util.stream.Stream;

/**
 * One question an experienced keeper asks of every enclosure. Stateless; found by {@link
 * java.util.ServiceLoader}.
 */
public interface Rule {
  /**
   * Names the rule in documents, in the store and in reports, as {@code water-too-deep}; never
   * changed, however the class is called.
   */
  String id();

  /** Names its findings went by before; what was accepted under one of them stays accepted. */
  default Set<String> formerIds() {
    return Set.of();
  }

  /** Findings in this situation; none when all is well or nothing is known. */
  Stream<Finding> judge(HusbandryState situation);

  /** A finding of this rule to be filled in. */
  default Finding.Builder finding(Severity severity, Step step) {
    return Finding.by(this, severity, step);
  }
}

package app.islet.core.rearing;

import java.time.LocalDateTime;
import java.util.Optional;

/**
 * Something done to, or seen in, a tub or box.
 *
 * @param milestone id of the stage they were seen in; empty for every other kind
 * @param note may be empty
 * @param sizes where they were measured
 */
public record TubEvent(
    LocalDateTime at, Kind kind, String milestone, String note, Optional<Sizes> sizes) {
  /** What it is. */
  public enum Kind {
    FED,
    /** All of the last meal is gone. */
    EATEN,
    /** Something of the last meal lay there when its time was over. */
    LEFT_OVER,
    CHANGED,
    /** Water of the tank poured through a box. */
    FLUSHED,
    STAGE,
    /** Measured: the smallest and the largest. */
    SIZED,
    /** Sick or suspect: last in the round, with tools of its own. */
    APART,
    /** No longer apart. */
    WELL,
    NOTE
  }

  /** One that says nothing but its kind. */
  public static TubEvent of(LocalDateTime at, Kind kind) {
    return new TubEvent(at, kind, "", "", Optional.empty());
  }

  /** Seen in a stage. */
  public static TubEvent stage(LocalDateTime at, String milestone) {
    return new TubEvent(at, Kind.STAGE, milestone, "", Optional.empty());
  }
}

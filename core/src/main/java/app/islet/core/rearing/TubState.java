package app.islet.core.rearing;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What its log tells of a tub.
 *
 * @param milestone id of the stage last seen; empty where nobody said
 * @param sizes when they were last measured
 * @param notEatingSince the day of the first meal that was left, since one was eaten
 * @param apart whether it is sick or suspect
 */
public record TubState(
    Optional<String> milestone,
    Optional<Sizes> sizes,
    Last last,
    Optional<LocalDate> notEatingSince,
    Today today,
    boolean apart) {
  /**
   * When it was last seen to.
   *
   * @param mealOpen when it was fed, while it is not known whether it was eaten
   */
  public record Last(
      Optional<LocalDateTime> fed,
      Optional<LocalDateTime> changed,
      Optional<LocalDateTime> mealOpen) {}

  /** How often each was done today. */
  public record Today(int fed, int changed, int flushed) {}

  /** A tub nobody has logged anything of. */
  public static final TubState NEW = of(List.of(), LocalDate.EPOCH);

  public static TubState of(Collection<TubEvent> log, LocalDate today) {
    Optional<String> milestone = Optional.empty();
    Optional<Sizes> sizes = Optional.empty();
    Optional<LocalDateTime> fed = Optional.empty();
    Optional<LocalDateTime> changed = Optional.empty();
    Optional<LocalDate> notEating = Optional.empty();
    Optional<LocalDateTime> mealOpen = Optional.empty();
    boolean apart = false;
    List<TubEvent> inOrder = log.stream().sorted(Comparator.comparing(TubEvent::at)).toList();
    for (TubEvent e : inOrder) {
      switch (e.kind()) {
        case FED -> {
          fed = Optional.of(e.at());
          mealOpen = fed;
        }
        case EATEN -> {
          notEating = Optional.empty();
          mealOpen = Optional.empty();
        }
        case LEFT_OVER -> {
          notEating = notEating.or(() -> Optional.of(e.at().toLocalDate()));
          mealOpen = Optional.empty();
        }
        case CHANGED -> changed = Optional.of(e.at());
        case STAGE -> milestone = Optional.of(e.milestone());
        case SIZED -> sizes = e.sizes();
        case APART -> apart = true;
        case WELL -> apart = false;
        case FLUSHED, NOTE -> {}
      }
    }
    return new TubState(
        milestone,
        sizes,
        new Last(fed, changed, mealOpen),
        notEating,
        countsOf(inOrder, today),
        apart);
  }

  private static Today countsOf(List<TubEvent> log, LocalDate today) {
    return new Today(
        count(log, TubEvent.Kind.FED, today),
        count(log, TubEvent.Kind.CHANGED, today),
        count(log, TubEvent.Kind.FLUSHED, today));
  }

  private static int count(List<TubEvent> log, TubEvent.Kind kind, LocalDate today) {
    return (int)
        log.stream().filter(e -> e.kind() == kind && e.at().toLocalDate().equals(today)).count();
  }

  public Optional<LocalDateTime> fed() {
    return last.fed();
  }

  public Optional<LocalDateTime> changed() {
    return last.changed();
  }

  public Optional<LocalDateTime> mealOpen() {
    return last.mealOpen();
  }

  /** Days without a meal that was eaten; 0 while it eats. */
  public long daysWithoutFood(LocalDate on) {
    return notEatingSince.map(since -> ChronoUnit.DAYS.between(since, on) + 1).orElse(0L);
  }
}

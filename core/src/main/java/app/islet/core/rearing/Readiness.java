package app.islet.core.rearing;

import app.islet.core.care.CareSheet;
import app.islet.core.care.LawNote;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Whether young may be handed on: by age, by food, by size, and by the law.
 *
 * @param readyOn the first day by age
 * @param oldEnough by today
 * @param largeEnough empty where nobody measured them
 * @param takes what they must eat by then
 * @param law what the law says of animals so small
 */
public record Readiness(
    LocalDate readyOn,
    boolean oldEnough,
    Optional<Boolean> largeEnough,
    double lengthCm,
    String takes,
    List<LawNote> law) {
  public Readiness {
    law = List.copyOf(law);
  }

  /**
   * Empty where the guide knows no conditions.
   *
   * @param lengthCm of the smallest, where they were measured
   */
  public static Optional<Readiness> of(
      RearingGuide guide,
      CareSheet sheet,
      LocalDate beganOn,
      OptionalDouble lengthCm,
      LocalDate today) {
    return guide
        .outcome()
        .ready()
        .map(
            when -> {
              LocalDate day = beganOn.plusWeeks(when.weeks());
              double size = lengthCm.orElse(guide.last().lengthCm());
              return new Readiness(
                  day,
                  !today.isBefore(day),
                  lengthCm.isPresent()
                      ? Optional.of(lengthCm.getAsDouble() >= when.lengthCm())
                      : Optional.empty(),
                  when.lengthCm(),
                  when.takes(),
                  sheet.law().stream().filter(note -> note.holdsFor(size)).toList());
            });
  }

  /** Whether age and size are met; what it eats only the keeper sees. */
  public boolean isReady() {
    return oldEnough && largeEnough.orElse(false);
  }
}

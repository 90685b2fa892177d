package app.islet.core.health;

import app.islet.core.animal.HealthNote;
import app.islet.core.care.AnimalGroup;
import app.islet.core.livestock.LifeEvent;
import app.islet.core.quantity.Range;
import app.islet.core.text.English;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Where an animal stands in the change of its skin, by what was entered of it.
 *
 * @param since the day the phase began; empty in {@link Phase#BETWEEN}
 * @param usual days of the phase for one of its size
 * @param lost limbs that are missing and may grow again
 */
public record Skin(
    SkinGuide guide, Phase phase, Optional<LocalDate> since, Range usual, Optional<Lost> lost) {
  private static final Set<LifeEvent.Kind> SKINS =
      EnumSet.of(LifeEvent.Kind.SHED, LifeEvent.Kind.MOULTED);
  // Whoever eats or walks about has come up again.
  private static final Set<LifeEvent.Kind> UP =
      EnumSet.of(
          LifeEvent.Kind.SHED,
          LifeEvent.Kind.MOULTED,
          LifeEvent.Kind.SEEN,
          LifeEvent.Kind.FED,
          LifeEvent.Kind.BATHED,
          LifeEvent.Kind.BASKING);

  /** Before, in, or after. */
  public enum Phase {
    BETWEEN,
    /** Dug in or hidden to change its skin. */
    BURIED,
    /** The new skin is soft still. */
    SOFT
  }

  /**
   * Limbs lost on the last day they were entered.
   *
   * @param skinsSince how often it changed its skin since
   */
  public record Lost(LocalDate day, int limbs, int skinsSince, Growth growth) {}

  /** How far a lost limb has come, as a rule. */
  public enum Growth {
    NEVER,
    NOT_YET,
    GROWING,
    /** By now it should be nearly whole. */
    WHOLE
  }

  /**
   * @param bodyCm length of its body
   * @param single whether it is one animal: of a group others may have been seen meanwhile
   * @param events of it, in any order
   */
  public static Skin of(
      SkinGuide guide,
      double bodyCm,
      boolean single,
      Collection<LifeEvent> events,
      LocalDate today) {
    List<LifeEvent> past =
        events.stream()
            .filter(e -> !e.day().isAfter(today))
            .sorted(Comparator.comparing(LifeEvent::day))
            .toList();
    Optional<LocalDate> buried = last(past, EnumSet.of(LifeEvent.Kind.BURIED));
    Optional<LocalDate> up = last(past, single ? UP : SKINS);
    Optional<LocalDate> skin = last(past, SKINS);
    Optional<Lost> lost = lost(guide, past, today);
    if (buried.isPresent() && (up.isEmpty() || up.get().isBefore(buried.get()))) {
      return new Skin(guide, Phase.BURIED, buried, guide.restDays(bodyCm), lost);
    }
    boolean soft =
        skin.isPresent()
            && guide.softDays().max() > 0
            && ChronoUnit.DAYS.between(skin.get(), today) <= guide.softDays().max();
    return soft
        ? new Skin(guide, Phase.SOFT, skin, guide.softDays(), lost)
        : new Skin(guide, Phase.BETWEEN, Optional.empty(), new Range(0, 0), lost);
  }

  private static Optional<LocalDate> last(List<LifeEvent> events, Set<LifeEvent.Kind> kinds) {
    return events.stream()
        .filter(e -> kinds.contains(e.kind()))
        .map(LifeEvent::day)
        .max(Comparator.naturalOrder());
  }

  private static Optional<Lost> lost(SkinGuide guide, List<LifeEvent> events, LocalDate today) {
    return last(events, EnumSet.of(LifeEvent.Kind.LIMB))
        .map(
            day -> {
              double limbs =
                  events.stream()
                      .filter(e -> e.kind() == LifeEvent.Kind.LIMB && e.day().equals(day))
                      .mapToDouble(e -> e.amount().orElse(1))
                      .sum();
              int skins =
                  (int)
                      events.stream()
                          .filter(e -> SKINS.contains(e.kind()) && e.day().isAfter(day))
                          .map(LifeEvent::day)
                          .distinct()
                          .count();
              long weeks = ChronoUnit.WEEKS.between(day, today);
              return new Lost(day, (int) limbs, skins, growth(guide.regrowth(), skins, weeks));
            });
  }

  private static Growth growth(SkinGuide.Regrowth r, int skins, long weeks) {
    if (!r.happens()) {
      return Growth.NEVER;
    }
    boolean bySkins = r.moults().max() > 0;
    double gone = bySkins ? skins : weeks;
    double whole = bySkins ? r.moults().max() : r.weeks().max();
    if (gone >= whole) {
      return Growth.WHOLE;
    }
    return gone > 0 ? Growth.GROWING : Growth.NOT_YET;
  }

  /** 1 on the first day of the phase. */
  public long day(LocalDate today) {
    return since.map(day -> ChronoUnit.DAYS.between(day, today) + 1).orElse(0L);
  }

  /** It is left alone until then; longer than that is worth a look for smell, not a dig. */
  public Optional<LocalDate> until() {
    return since.map(day -> day.plusDays((long) usual.max()));
  }

  public boolean isLong(LocalDate today) {
    return until().filter(today::isAfter).isPresent();
  }

  /**
   * What it asks for: to be left alone while it is dug in or soft. A single one that is dug in does
   * not eat; of a group the others do.
   */
  public Optional<HealthNote> note(boolean single, LocalDate today) {
    Set<HealthNote.Spared> spares =
        phase == Phase.BURIED && single
            ? EnumSet.allOf(HealthNote.Spared.class)
            : EnumSet.of(HealthNote.Spared.HANDLING);
    return since
        .filter(day -> guide.softDays().max() > 0 && guide.group() == AnimalGroup.CRAB)
        .map(
            day ->
                new HealthNote(
                    "skin",
                    phaseWords(day, today),
                    guide.leave(),
                    day,
                    Optional.empty(),
                    0,
                    spares,
                    false));
  }

  /** How it stands, a sentence each; none where nothing is known or to be done. */
  public List<String> words(LocalDate today) {
    List<String> lines = new ArrayList<>();
    since.ifPresent(day -> lines.add(phaseWords(day, today)));
    if (phase == Phase.BURIED && isLong(today)) {
      lines.add(
          "That is long. Smell at the ground: only a smell of fish is a bad sign. Do not dig.");
    }
    lost.ifPresent(l -> lines.add(lostWords(l)));
    return List.copyOf(lines);
  }

  private String phaseWords(LocalDate day, LocalDate today) {
    return phase == Phase.BURIED
        ? "Dug in since %s, day %d. One of its size is left alone for %.0f to %.0f days."
            .formatted(English.shortDay(day), day(today), usual.min(), usual.max())
        : "Changed its skin on %s: soft for up to %.0f days, nobody touches it."
            .formatted(English.shortDay(day), usual.max());
  }

  private static String moults(int count) {
    return switch (count) {
      case 0 -> "no moult since";
      case 1 -> "one moult since";
      default -> count + " moults since";
    };
  }

  private String lostWords(Lost l) {
    String what =
        (l.limbs() == 1 ? "A limb" : l.limbs() + " limbs")
            + " missing since "
            + English.shortDay(l.day());
    String grown =
        switch (l.growth()) {
          case NEVER -> "it does not grow again.";
          case NOT_YET -> "nothing can be seen of it yet.";
          case GROWING -> "it should be growing.";
          case WHOLE -> "it should be nearly whole by now.";
        };
    return guide.regrowth().moults().max() > 0
        ? "%s; %s: %s".formatted(what, moults(l.skinsSince()), grown)
        : "%s: %s".formatted(what, grown);
  }
}

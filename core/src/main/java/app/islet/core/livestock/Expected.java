package app.islet.core.livestock;

import app.islet.core.animal.Resident;
import app.islet.core.care.Breeding;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Evidence;
import app.islet.core.care.Stage;
import app.islet.core.quantity.DayWindow;
import app.islet.core.quantity.Range;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What is to come of mating and eggs, and within which days.
 *
 * @param note what must be there for it, or what becomes of the young
 * @param since the day it is counted from; empty for a season
 */
public record Expected(
    What what, DayWindow window, Optional<LocalDate> since, String note, Evidence basis) {
  /** Eggs at a known temperature hatch within this share of the day it tells; from memory. */
  private static final double SPREAD = 0.15;

  /** A window that ended so long ago is no news, days. */
  private static final int FORGOTTEN_DAYS = 30;

  /** What comes. */
  public enum What {
    /** Eggs laid hatch. */
    HATCHING,
    /** Eggs carried hatch. */
    BROOD,
    /** She lays, or gives birth. */
    LAYING
  }

  /**
   * Who breeds, and where.
   *
   * @param female whether there may be a grown female among them
   * @param tempC of the water, where somebody measured it
   * @param south whether they live south of the equator
   */
  public record Breeders(CareSheet sheet, boolean female, OptionalDouble tempC, boolean south) {
    /** Grown, and not all of them known as males. */
    public static Breeders of(Resident r, OptionalDouble tempC, boolean south) {
      boolean female = r.stage().adult() && r.males() < r.count();
      return new Breeders(r.sheet(), female, tempC, south);
    }
  }

  /** What is expected of them on a day, the soonest first. */
  public static List<Expected> of(
      Breeders breeders, Collection<LifeEvent> events, LocalDate today) {
    List<Expected> all = new ArrayList<>();
    newest(events, LifeEvent.Kind.EGGS).flatMap(day -> hatching(breeders, day)).ifPresent(all::add);
    newest(events, LifeEvent.Kind.BERRIED)
        .flatMap(day -> brood(breeders.sheet(), day))
        .ifPresent(all::add);
    if (breeders.female()) {
      breeders
          .sheet()
          .breeding()
          .laying()
          .map(laying -> season(laying, breeders.south(), today))
          .ifPresent(all::add);
    }
    return all.stream()
        .filter(e -> ChronoUnit.DAYS.between(e.window().to(), today) <= FORGOTTEN_DAYS)
        .sorted(Comparator.comparing(e -> e.window().from()))
        .toList();
  }

  private static Optional<LocalDate> newest(Collection<LifeEvent> events, LifeEvent.Kind kind) {
    return events.stream()
        .filter(e -> e.kind() == kind)
        .map(LifeEvent::day)
        .max(Comparator.naturalOrder());
  }

  private static Optional<Expected> hatching(Breeders b, LocalDate laid) {
    return b.sheet().stages().stream()
        .flatMap(stage -> stage.hatch().stream())
        .findFirst()
        .map(hatch -> hatching(hatch, laid, b.tempC()));
  }

  /**
   * When eggs laid on a day hatch: by the temperature they lie at, else within all the sheet says.
   */
  public static Expected hatching(Stage.Hatch hatch, LocalDate laid, OptionalDouble tempC) {
    Range days =
        tempC.isPresent()
            ? about(hatch.daysAt(tempC.getAsDouble()))
            : new Range(hatch.days().min(), hatch.days().max());
    return new Expected(
        What.HATCHING, DayWindow.after(laid, days), Optional.of(laid), "", hatch.basis());
  }

  private static Range about(double days) {
    return new Range((1 - SPREAD) * days, (1 + SPREAD) * days);
  }

  private static Optional<Expected> brood(CareSheet sheet, LocalDate berried) {
    return sheet
        .breeding()
        .carrying()
        .map(
            carrying ->
                new Expected(
                    What.BROOD,
                    DayWindow.after(berried, carrying.days()),
                    Optional.of(berried),
                    carrying.note(),
                    carrying.basis()));
  }

  /** The season that is on, or the next one. */
  private static Expected season(Breeding.Laying laying, boolean south, LocalDate today) {
    YearMonth month = YearMonth.from(today);
    while (!laying.isIn(month.getMonth(), south)) {
      month = month.plusMonths(1);
    }
    YearMonth first = month;
    YearMonth last = month;
    while (!laying.isAllYear() && laying.isIn(first.minusMonths(1).getMonth(), south)) {
      first = first.minusMonths(1);
    }
    while (!laying.isAllYear() && laying.isIn(last.plusMonths(1).getMonth(), south)) {
      last = last.plusMonths(1);
    }
    return new Expected(
        What.LAYING,
        laying.isAllYear()
            ? new DayWindow(today, today.plusYears(1))
            : new DayWindow(first.atDay(1), last.atEndOfMonth()),
        Optional.empty(),
        laying.where(),
        laying.basis());
  }
}

package app.islet.core.water;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * Days of the nitrogen played through.
 *
 * @param days how it stands at the end of each day, the first being the beginning
 * @param balance where all nitrogen went
 */
public record NitrogenRun(List<Nitrogen> days, Balance balance) {
  private static final int STEPS_A_DAY = 12;

  /** Share of the filter's bacteria that live through each; common practice and memory. */
  private static final double RINSED = 0.9;

  private static final double RINSED_TAP = 0.3;

  /** Without flow the water in the filter runs out of oxygen; half are gone after so long. */
  private static final double HALF_DEAD_HOURS = 12;

  /**
   * Nitrogen of the whole tank, g.
   *
   * @param came as food, doses and with the new water
   * @param plants took up
   * @param poured away with the old water
   */
  public record Balance(double beganG, double came, double plants, double poured, double endedG) {
    /** What is not accounted for; zero but for rounding. */
    public double missingG() {
      return beganG + came - plants - poured - endedG;
    }
  }

  public NitrogenRun {
    days = List.copyOf(days);
  }

  public Nitrogen last() {
    return days.get(days.size() - 1);
  }

  /**
   * What happens while it runs.
   *
   * @param loadGPerDay ammonia nitrogen of the food, each day
   * @param tap what comes in with a change
   * @param events on their days, counted from the beginning
   * @param keepDosed whether somebody doses ammonia up whenever it is nearly gone, as in a start-up
   *     without animals
   */
  public record Feeding(
      double loadGPerDay, Nitrogen tap, Map<Integer, List<WaterEvent>> events, boolean keepDosed) {
    /** Nothing but food. */
    public static Feeding fed(double loadGPerDay) {
      return new Feeding(loadGPerDay, new Nitrogen(0, 0, 0, 4, 0, 0), Map.of(), false);
    }

    /** Events by how many days after {@code first} they were. */
    static Map<Integer, List<WaterEvent>> since(LocalDate first, List<WaterEvent> events) {
      return events.stream()
          .filter(e -> !e.day().isBefore(first))
          .collect(Collectors.groupingBy(e -> (int) ChronoUnit.DAYS.between(first, e.day())));
    }
  }

  /** Ammonia that a start-up is dosed to, and below which it is dosed again, mg/L. */
  static final double DOSE_MG_PER_L = 1;

  private static final double DOSE_AGAIN = 0.25;

  /** While so much nitrite waits, a further dose only makes it wait longer. */
  private static final double NITRITE_WAITS = 1;

  /** Where the carbonate is nearly used up half the water is changed, or all stands still. */
  private static final double MIN_CARBONATE_DH = 1;

  private static final double SOUR_CHANGE = 0.5;

  private static boolean isDosedAgain(Nitrogen n) {
    return n.ammoniaMgPerL() < DOSE_AGAIN && n.nitriteMgPerL() < NITRITE_WAITS;
  }

  public static NitrogenRun play(NitrogenModel model, Nitrogen begin, Feeding course, int days) {
    Nitrogen now = begin;
    double perTank = model.waterL() / 1000;
    double came = 0;
    double plants = 0;
    double poured = 0;
    List<Nitrogen> all = new ArrayList<>(days + 1);
    for (int day = 0; day <= days; day++) {
      for (WaterEvent event : course.events.getOrDefault(day, List.of())) {
        Nitrogen after = after(event, now, model, course.tap);
        if (event.kind() == WaterEvent.Kind.CHANGE) {
          double share = event.amount() / 100;
          poured += now.totalMgPerL() * share * perTank;
          came += course.tap.totalMgPerL() * share * perTank;
        } else {
          came += (after.totalMgPerL() - now.totalMgPerL()) * perTank;
        }
        now = after;
      }
      if (course.keepDosed && day > 0 && now.carbonateDh() < MIN_CARBONATE_DH) {
        poured += now.totalMgPerL() * SOUR_CHANGE * perTank;
        came += course.tap.totalMgPerL() * SOUR_CHANGE * perTank;
        now = now.mixed(SOUR_CHANGE, course.tap);
      }
      if (course.keepDosed && day > 0 && isDosedAgain(now)) {
        came += DOSE_MG_PER_L * perTank;
        now = now.dosed(DOSE_MG_PER_L);
      }
      all.add(now);
      if (day == days) {
        break;
      }
      for (int step = 0; step < STEPS_A_DAY; step++) {
        NitrogenModel.Stepped stepped =
            model.step(now, course.loadGPerDay / perTank, 1.0 / STEPS_A_DAY);
        now = stepped.next();
        plants += stepped.plantsMgPerL() * perTank;
      }
      came += course.loadGPerDay;
    }
    return new NitrogenRun(
        all,
        new Balance(
            begin.totalMgPerL() * perTank, came, plants, poured, now.totalMgPerL() * perTank));
  }

  private static Nitrogen after(WaterEvent event, Nitrogen now, NitrogenModel model, Nitrogen tap) {
    return switch (event.kind()) {
      case CHANGE -> now.mixed(event.amount() / 100, tap);
      case AMMONIA_DOSE -> now.dosed(event.amount());
      case RIPE_MEDIA -> {
        double more = model.mostGPerDay() * model.filterShare() * event.amount() / 100;
        yield now.eaters(
            Math.min(model.mostGPerDay(), now.ammoniaEaters() + more),
            Math.min(model.mostGPerDay(), now.nitriteEaters() + more));
      }
      case RINSED -> left(now, model, RINSED);
      case RINSED_TAP -> left(now, model, RINSED_TAP);
      case NEW_MEDIA -> left(now, model, 1 - event.amount() / 100);
      case PUMP_STOPPED -> left(now, model, Math.pow(0.5, event.amount() / HALF_DEAD_HOURS));
      case FLOW, SALT, RAIN, TOPPED_UP, TREATED, MOVED_IN -> now;
    };
  }

  /** So many of those in the filter live; those on ground and glass all do. */
  private static Nitrogen left(Nitrogen now, NitrogenModel model, double share) {
    double lives = 1 - model.filterShare() * (1 - share);
    return now.eaters(now.ammoniaEaters() * lives, now.nitriteEaters() * lives);
  }
}

package app.islet.core.climate;

import app.islet.core.animal.Resident;
import app.islet.core.care.Habitat;
import app.islet.core.care.Needs;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.enclosure.Lid;
import app.islet.core.geometry.Geometry;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.Range;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A mishap played through on this enclosure: it begins at midnight of a day that ran as it should.
 *
 * @param course the hours that follow
 * @param moments when somebody leaves what it tolerates, and when harm begins, soonest first
 * @param strip the first three days hour by hour: the worst that any resident has
 */
public record FailureSimulation(
    FailureScenario mishap, TemperatureSeries course, List<Moment> moments, List<Hour> strip) {
  private static final int DAYS = 7;
  private static final int HOLIDAY_DAYS = 21;
  private static final int STEP_MINUTES = 10;
  private static final int STRIP_HOURS = 72;

  /** How an hour goes. */
  public enum Hour {
    WELL,
    /** Outside what somebody stands for a time. */
    OUTSIDE,
    HARM
  }

  /** A heater's head must stay under water; where none is drawn, so far under the line. */
  private static final double COVERED_CM = 3;

  /**
   * @param hours after it began
   * @param harm whether harm begins then, or only what is tolerated is left
   */
  public record Moment(double hours, boolean harm, Phrase what) {}

  public FailureSimulation {
    moments = moments.stream().sorted(Comparator.comparingDouble(Moment::hours)).toList();
    strip = List.copyOf(strip);
  }

  /** When the first harm begins; absent where none does within the days played. */
  public Optional<Moment> firstHarm() {
    return moments.stream().filter(Moment::harm).findFirst();
  }

  /** The same with more that happens meanwhile. */
  public FailureSimulation with(List<Moment> more) {
    if (more.isEmpty()) {
      return this;
    }
    List<Moment> all = new ArrayList<>(moments);
    all.addAll(more);
    double harm = first(all, true);
    double outside = first(all, false);
    List<Hour> hours = new ArrayList<>();
    for (int hour = 0; hour < strip.size(); hour++) {
      hours.add(
          hour >= Math.floor(harm)
              ? Hour.HARM
              : hour >= Math.floor(outside) ? Hour.OUTSIDE : strip.get(hour));
    }
    return new FailureSimulation(mishap, course, all, hours);
  }

  private static double first(List<Moment> moments, boolean harm) {
    return moments.stream()
        .filter(m -> m.harm() == harm)
        .mapToDouble(Moment::hours)
        .min()
        .orElse(Double.POSITIVE_INFINITY);
  }

  /** All mishaps that can happen to this enclosure; none under the sky, where no model holds. */
  public static List<FailureSimulation> of(
      Enclosure e, Geometry geometry, List<Resident> residents) {
    if (e.site().outdoors()) {
      return List.of();
    }
    Stage stage = new Stage(e, geometry, residents);
    List<FailureSimulation> all = new ArrayList<>();
    for (FailureScenario mishap : FailureScenario.values()) {
      if (stage.canHappen(mishap)) {
        all.add(stage.play(mishap));
      }
    }
    return all;
  }

  private static final class Stage {
    private final Enclosure e;
    private final Geometry geometry;
    private final List<Resident> residents;
    private final ClimateModel model;
    private final Settings settings;

    Stage(Enclosure e, Geometry geometry, List<Resident> residents) {
      this.e = e;
      this.geometry = geometry;
      this.residents = residents;
      this.model = ClimateModel.of(e, geometry);
      this.settings = model.settings(Climate.wanted(residents));
    }

    boolean canHappen(FailureScenario mishap) {
      return switch (mishap) {
        case HEATER_STUCK, HEATER_DEAD -> e.has(Equipment.Heater.class);
        case CHILLER_DEAD -> e.has(Equipment.Chiller.class);
        case FAN_DEAD -> e.has(Equipment.Fan.class);
        case FILTER_DEAD -> e.has(Equipment.Filter.class) && geometry.hasWater();
        case LID_OPEN -> e.lid() != Lid.NONE;
        case NO_TOP_UP -> geometry.hasWater();
        default -> true;
      };
    }

    FailureSimulation play(FailureScenario mishap) {
      TemperatureSeries before = model.spell(mishap.summer(), model.machines(), settings);
      double waterC = before.waterC()[before.steps() - 1];
      double boxC = before.boxC()[before.steps() - 1];
      Envelope envelope =
          mishap == FailureScenario.LID_OPEN
              ? Envelope.of(e.with(Lid.NONE), geometry)
              : model.envelope();
      TemperatureSeries course =
          ThermalSimulation.spell(
              envelope,
              machines(mishap),
              mishap == FailureScenario.HEATER_STUCK ? settings.stuck() : settings,
              model.room().shifted(mishap.shiftK()),
              mishap.summer(),
              mishap == FailureScenario.NO_TOP_UP ? HOLIDAY_DAYS : DAYS,
              STEP_MINUTES,
              waterC,
              boxC);
      List<Moment> moments = new ArrayList<>();
      residents.forEach(r -> leaves(course, r, moments));
      if (mishap == FailureScenario.NO_TOP_UP) {
        sinks(course, moments);
      }
      return new FailureSimulation(mishap, course, moments, strip(course, moments));
    }

    private HeatSources machines(FailureScenario mishap) {
      HeatSources m = model.machines();
      return switch (mishap) {
        case POWER_CUT_WINTER, POWER_CUT_SUMMER -> m.off();
        case HEATER_DEAD -> m.heater(0);
        case CHILLER_DEAD -> m.chiller(0);
        case FAN_DEAD -> m.fan(0);
        case FILTER_DEAD -> m.pump(0);
        default -> m;
      };
    }

    private List<Hour> strip(TemperatureSeries course, List<Moment> moments) {
      double harm = first(moments, true);
      List<Hour> strip = new ArrayList<>();
      for (int hour = 0; hour < STRIP_HOURS; hour++) {
        int step = Math.min(course.steps() - 1, hour * 60 / course.stepMinutes());
        boolean outside = residents.stream().anyMatch(r -> isOutside(course, r, step));
        strip.add(hour >= harm ? Hour.HARM : outside ? Hour.OUTSIDE : Hour.WELL);
      }
      return strip;
    }

    private static boolean isOutside(TemperatureSeries course, Resident r, int step) {
      return need(r).map(t -> !t.toleratedC().contains(lived(course, r)[step])).orElse(false);
    }

    private static boolean inWater(Resident r) {
      return r.stage().habitat() != Habitat.LAND && r.stage().needs().water().isPresent();
    }

    private static Optional<Needs.Temperature> need(Resident r) {
      Needs needs = r.stage().needs();
      return inWater(r) ? needs.water() : needs.air();
    }

    private static float[] lived(TemperatureSeries course, Resident r) {
      return inWater(r) ? course.waterC() : course.boxC();
    }

    private void leaves(TemperatureSeries course, Resident r, List<Moment> moments) {
      float[] lived = lived(course, r);
      need(r)
          .ifPresent(
              t -> {
                leaves(course, lived, t.toleratedC(), 0, false, r, moments);
                leaves(course, lived, t.harmC(), t.stands().harmHours(), true, r, moments);
              });
    }

    /**
     * @param stands hours it stands beyond the range before it counts
     */
    private void leaves(
        TemperatureSeries course,
        float[] lived,
        Range range,
        double stands,
        boolean harm,
        Resident r,
        List<Moment> moments) {
      double outside = 0;
      for (int step = 0; step < lived.length; step++) {
        outside = range.contains(lived[step]) ? 0 : outside + STEP_MINUTES / 60.0;
        if (outside > stands) {
          moments.add(
              new Moment(
                  (step + 1) * course.stepMinutes() / 60.0,
                  harm,
                  Phrase.of(
                      harm
                          ? "harm begins for {}: {}, outside {}"
                          : "{} leaves what it tolerates: {}, outside {}",
                      r.words(),
                      Quantity.celsius(lived[step]),
                      Phrase.range(range, Dimension.TEMPERATURE))));
          return;
        }
      }
    }

    /** The line falls by what evaporates. */
    private void sinks(TemperatureSeries course, List<Moment> moments) {
      double cmPerHour =
          course.energy().evaporatedKg()
              / Math.max(0.01, geometry.litresPerCm())
              / (course.days() * 24);
      double played = course.days() * 24;
      if (e.has(Equipment.Heater.class)) {
        double covered =
            e.furnishings().parts().stream()
                .filter(p -> p.kind() == FurnishingKind.HEATER)
                .mapToDouble(Furnishing::topCm)
                .map(top -> Math.max(0, geometry.lineCm() - top))
                .min()
                .orElse(COVERED_CM);
        at(
            covered / cmPerHour,
            played,
            true,
            moments,
            Phrase.of("the heater's head stands dry after {} have gone", Quantity.cm(covered)));
      }
      for (Resident r : residents) {
        r.stage()
            .needs()
            .depth()
            .ifPresent(
                depth -> {
                  double spare = e.water().depthCm() - depth.minCm();
                  if (spare > 0) {
                    at(
                        spare / cmPerHour,
                        played,
                        false,
                        moments,
                        Phrase.of(
                            "too shallow for {} once {} have gone", r.words(), Quantity.cm(spare)));
                  }
                });
      }
    }

    private static void at(
        double hours, double played, boolean harm, List<Moment> moments, Phrase what) {
      if (hours > 0 && hours <= played) {
        moments.add(new Moment(hours, harm, what));
      }
    }
  }
}

package app.islet.core.proposal;

import app.islet.core.animal.Cohort;
import app.islet.core.animal.SpaceNeeds;
import app.islet.core.enclosure.StandardVessel;
import app.islet.core.enclosure.Vessel;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;

/** Vessels worth trying, the smallest floor first: as sold, and made to measure beyond them. */
final class Candidates {
  /** Made to measure: length for each width, and the rounding a maker works to, cm. */
  private static final double LENGTH_PER_WIDTH = 2.2;

  private static final double STEP_CM = 5;
  private static final double[] HEIGHTS_CM = {40, 60, 80, 100};

  /** So many of each floor beyond those that are sold, from low to high. */
  static final int HEIGHTS = HEIGHTS_CM.length;

  private static final double[] LARGER = {1.02, 1.2, 1.5, 2, 3};

  private Candidates() {}

  /** Those with floor enough at the end of a course that fit the place. */
  static List<Vessel> of(Course course, Wish.Limits limits) {
    double floor =
        course.points().stream()
            .mapToDouble(p -> new SpaceNeeds(Cohort.of(p.residents())).floorCm2())
            .max()
            .orElse(0);
    List<Vessel> all = new ArrayList<>();
    StandardVessel.all().stream()
        .map(StandardVessel::vessel)
        .filter(v -> v.footprintCm2() >= floor)
        .forEach(all::add);
    double largest = all.stream().mapToDouble(Vessel::footprintCm2).max().orElse(floor);
    DoubleStream.of(LARGER)
        .map(times -> times * Math.max(floor, largest))
        .forEach(
            area ->
                DoubleStream.of(HEIGHTS_CM)
                    .forEach(height -> all.addAll(madeToMeasure(area, height))));
    return all.stream()
        .filter(v -> v.lengthCm() <= limits.lengthCm() && v.widthCm() <= limits.widthCm())
        .toList();
  }

  private static List<Vessel> madeToMeasure(double areaCm2, double heightCm) {
    double width = Math.ceil(Math.sqrt(areaCm2 / LENGTH_PER_WIDTH) / STEP_CM) * STEP_CM;
    double length = Math.ceil(areaCm2 / width / STEP_CM) * STEP_CM;
    return length <= Vessel.MAX_CM ? List.of(new Vessel(length, width, heightCm)) : List.of();
  }
}

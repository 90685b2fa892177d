package app.islet.core;

import app.islet.core.animal.Resident;
import app.islet.core.climate.Climate;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.geometry.Geometry;
import app.islet.core.plan.Plan;
import app.islet.core.plan.Planner;
import app.islet.core.plan.Purchase;
import app.islet.core.plan.Shopping;
import app.islet.core.review.Acceptance;
import app.islet.core.review.Review;
import app.islet.core.situation.HusbandryState;
import app.islet.core.water.NitrogenLoad;
import app.islet.core.water.WaterRecord;
import java.time.LocalDate;
import java.util.List;

/**
 * The front door: a design, its residents and a day in; everything Islet can say about them out,
 * computed once.
 *
 * @param ammoniaGPerDay nitrogen of total ammonia that the planned food makes on an average day, g
 */
public record Assessment(
    HusbandryState situation,
    Review review,
    Plan plan,
    List<Purchase> shopping,
    double ammoniaGPerDay) {
  public static Assessment of(Enclosure enclosure, List<Resident> residents, LocalDate date) {
    return of(enclosure, residents, date, WaterRecord.NONE);
  }

  /** The same with what was tested in the water and done to it. */
  public static Assessment of(
      Enclosure enclosure, List<Resident> residents, LocalDate date, WaterRecord record) {
    HusbandryState situation = HusbandryState.of(enclosure, residents, date, record);
    return of(situation, Review.of(situation));
  }

  /** The same of a design that is being drawn; its remedies are not tried. */
  public static Assessment sketch(
      Enclosure enclosure, List<Resident> residents, LocalDate date, WaterRecord record) {
    HusbandryState situation = HusbandryState.of(enclosure, residents, date, record);
    return of(situation, Review.sketch(situation));
  }

  private static Assessment of(HusbandryState situation, Review review) {
    return new Assessment(
        situation,
        review,
        Planner.plan(situation),
        Shopping.list(situation),
        NitrogenLoad.gPerDay(situation.residents()));
  }

  /** The same, with the keeper's acceptances laid over the findings. */
  public Assessment accepting(List<Acceptance> acceptances) {
    return new Assessment(
        situation,
        review.accepting(acceptances, situation.date()),
        plan.declining(acceptances),
        shopping,
        ammoniaGPerDay);
  }

  public Enclosure enclosure() {
    return situation.enclosure();
  }

  public Geometry geometry() {
    return situation.geometry();
  }

  public Climate climate() {
    return situation.climate();
  }

  public List<Resident> residents() {
    return situation.residents();
  }

  /** Animals in the enclosure. */
  public int heads() {
    return residents().stream().mapToInt(Resident::count).sum();
  }
}

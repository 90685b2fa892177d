package app.islet.core.proposal;

import app.islet.core.animal.Cohort;
import app.islet.core.animal.Heads;
import app.islet.core.animal.Resident;
import app.islet.core.animal.Size;
import app.islet.core.animal.SpaceNeeds;
import app.islet.core.build.BuildSheet;
import app.islet.core.build.PowerLine;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Stage;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Site;
import app.islet.core.enclosure.Vessel;
import app.islet.core.plan.Planner;
import app.islet.core.review.Finding;
import app.islet.core.situation.HusbandryState;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Whether a species fits a room, and what it asks of its keeper: grown, in as few as are at ease,
 * in the smallest enclosure that passes there.
 *
 * @param home none where nothing passes in that room
 * @param obstacle what stands in the way then
 * @param rooms floor and water of each stage
 */
public record Fit(
    CareSheet sheet, int count, Optional<Home> home, Optional<Finding> obstacle, List<Room> rooms) {
  /**
   * What the smallest enclosure that passes takes.
   *
   * @param power what its devices draw
   * @param minutesADay of work, on average
   */
  public record Home(Vessel vessel, List<PowerLine> power, double minutesADay) {
    public Home {
      power = List.copyOf(power);
    }

    /** Electricity in an average month, kWh. */
    public double kwhAMonth() {
      return power.stream()
          .mapToDouble(p -> (p.winterKwhPerMonth() + p.summerKwhPerMonth()) / 2)
          .sum();
    }
  }

  /**
   * @param floorCm2 and {@code waterL} for as few as are at ease in that stage
   */
  public record Room(Stage stage, int count, double floorCm2, OptionalDouble waterL) {}

  public Fit {
    rooms = List.copyOf(rooms);
  }

  /**
   * @param chiller whether one may be bought
   */
  public static Fit of(CareSheet sheet, Site site, boolean chiller, LocalDate day) {
    int count = Math.max(1, sheet.grown().needs().group().least());
    Resident grown = animals(sheet, sheet.grown(), count);
    Wish wish =
        new Wish(
            sheet.name(),
            List.of(grown),
            site,
            day,
            new Wish.Limits(Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, chiller));
    Optional<Home> home = Proposer.today(wish).map(e -> home(e, grown, day));
    return new Fit(
        sheet,
        count,
        home,
        home.isPresent() ? Optional.empty() : Proposer.obstacle(wish),
        sheet.row().stream().map(stage -> room(sheet, stage)).toList());
  }

  private static Home home(Enclosure e, Resident grown, LocalDate day) {
    HusbandryState s = HusbandryState.of(e, List.of(grown), day);
    return new Home(e.vessel(), BuildSheet.of(s).power(), Planner.plan(s).minutesADay());
  }

  private static Room room(CareSheet sheet, Stage stage) {
    int count = Math.max(1, stage.needs().group().least());
    SpaceNeeds needs = new SpaceNeeds(Cohort.of(List.of(animals(sheet, stage, count))));
    return new Room(stage, count, needs.floorCm2(), needs.waterL());
  }

  /** Some animals of a stage of which nothing else is known. */
  public static Resident animals(CareSheet sheet, Stage stage, int count) {
    return Resident.described(sheet, Heads.of(count), Size.UNKNOWN, Optional.of(stage.id()));
  }

  /** Electricity over an average life, kWh, from the middle of its span of years. */
  public OptionalDouble kwhALife() {
    return home.isEmpty()
        ? OptionalDouble.empty()
        : OptionalDouble.of(home.get().kwhAMonth() * 12 * sheet.lifespan().years().middle());
  }
}

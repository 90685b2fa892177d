package app.islet.core.situation;

import app.islet.core.animal.Cohort;
import app.islet.core.animal.Resident;
import app.islet.core.care.AnimalGroup;
import app.islet.core.care.Body;
import app.islet.core.care.Needs;
import app.islet.core.climate.Climate;
import app.islet.core.climate.RoomCourse;
import app.islet.core.climate.Spot;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.Site;
import app.islet.core.geometry.Basking;
import app.islet.core.geometry.BaskingPlace;
import app.islet.core.geometry.Geometry;
import app.islet.core.geometry.Grid;
import app.islet.core.geometry.Reachability;
import app.islet.core.geometry.SwimmingSpace;
import app.islet.core.light.UvField;
import app.islet.core.light.UvPlace;
import app.islet.core.quantity.Range;
import app.islet.core.water.WaterRecord;
import app.islet.core.water.WaterState;
import app.islet.core.water.Waters;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/** Everything a rule may look at. */
public record HusbandryState(
    Enclosure enclosure,
    List<Resident> residents,
    LocalDate date,
    Geometry geometry,
    Climate climate,
    WaterRecord waterRecord) {
  public HusbandryState {
    residents = List.copyOf(residents);
  }

  /** With no test of the water known. */
  public static HusbandryState of(Enclosure enclosure, List<Resident> residents, LocalDate date) {
    return of(enclosure, residents, date, WaterRecord.NONE);
  }

  /**
   * @param waterRecord what was tested in the water and done to it
   */
  public static HusbandryState of(
      Enclosure enclosure, List<Resident> residents, LocalDate date, WaterRecord waterRecord) {
    Geometry geometry = Geometry.of(enclosure);
    List<Resident> today = ColdRest.on(enclosure, waterRecord, residents, date);
    return new HusbandryState(
        enclosure, today, date, geometry, Climate.of(enclosure, geometry, today), waterRecord);
  }

  /** The residents as they are judged: together where they are alike. */
  public List<Cohort> cohorts() {
    return Cohort.of(residents);
  }

  /** The same with every entry of animals of several sizes laid out by size. */
  public HusbandryState bySize() {
    return residents.stream().allMatch(r -> r.bySize().size() == 1)
        ? this
        : with(residents.stream().flatMap(r -> r.bySize().stream()).toList());
  }

  /** How many animals live here. */
  public int heads() {
    return residents.stream().mapToInt(Resident::count).sum();
  }

  /** The water and the dishes, each by itself. */
  public Waters waters() {
    return Waters.of(enclosure, geometry, waterRecord);
  }

  /** The water, ready to be asked. */
  public WaterState waterState() {
    return WaterState.of(enclosure, geometry, climate, residents, waterRecord);
  }

  /** The same animals in another enclosure. */
  public HusbandryState with(Enclosure other) {
    return of(other, residents, date, waterRecord);
  }

  /** The same enclosure with other residents; it need not be surveyed again. */
  public HusbandryState with(List<Resident> others) {
    return with(others, date);
  }

  /** The same with other residents on another day. */
  public HusbandryState with(List<Resident> others, LocalDate day) {
    List<Resident> then = ColdRest.on(enclosure, waterRecord, others, day);
    return new HusbandryState(enclosure, then, day, geometry, climate.of(then), waterRecord);
  }

  /**
   * The water it lives in, from the coldest room hour to the warmest, °C; of one that rests, at
   * this time of year alone.
   */
  public Optional<Range> waterC(Resident r) {
    return climate.water().map(water -> livedC(r, water.winterC(), water.summerC()));
  }

  /** The same of the air over its land. */
  public Optional<Range> airC(Resident r) {
    return climate.air().map(air -> livedC(r, air.winterC(), air.summerC()));
  }

  private Range livedC(Resident r, double winterC, double summerC) {
    if (!r.isResting()) {
      return new Range(winterC, Math.max(winterC, summerC));
    }
    double summer = RoomCourse.of(enclosure.site()).summerShare(date.getDayOfYear());
    double nowC = winterC + summer * (summerC - winterC);
    return new Range(nowC, nowC);
  }

  /** Where an animal of these gets to, in an enclosure that is drawn with its parts. */
  public Optional<Reachability> reach(Resident r) {
    return geometry.grid().map(grid -> reach(r, grid));
  }

  /** The same in a grid of this enclosure, for a drawing of one without parts too. */
  public static Reachability reach(Resident r, Grid grid) {
    return grid.reach(body(r));
  }

  /** From the highest place it gets to up to the wall's edge there, cm; negative over it. */
  public double rimAboveFootholdCm(Resident r) {
    return reach(r).map(Reachability::leastRimCm).orElse(geometry.rimAboveFootholdCm());
  }

  /** The same for whoever gets nearest to the edge; of a body that gets anywhere without one. */
  public double rimAboveFootholdCm() {
    return residents.stream()
        .mapToDouble(this::rimAboveFootholdCm)
        .min()
        .orElse(geometry.rimAboveFootholdCm());
  }

  /** Where an animal of these lies dry, in an enclosure that is drawn with its parts. */
  public Optional<Basking> basking(Resident r) {
    return basking(r, List.of());
  }

  /** The same, of what lies under one of the lamps. */
  public Optional<Basking> basking(Resident r, List<Furnishing> lamps) {
    return geometry.grid().map(grid -> grid.basking(body(r), lamps, measured(r.widthCm())));
  }

  /** The basking place under its lamp, in the room of a day between summer and winter. */
  public Optional<Spot> spot() {
    Site site = enclosure.site();
    return Spot.of(enclosure, geometry, (site.summerDayC() + site.winterDayC()) / 2);
  }

  /** UV index everywhere in the enclosure; lamps that are not drawn hang over the place. */
  public UvField uvField() {
    Optional<BaskingPlace> place = BaskingPlace.of(enclosure, geometry);
    double back =
        residents.stream()
            .filter(r -> r.stage().needs().uv().isPresent())
            .mapToDouble(Resident::heightCm)
            .max()
            .orElse(0);
    return UvField.of(
        enclosure,
        date,
        place.map(BaskingPlace::xCm).orElse(enclosure.vessel().lengthCm() / 2),
        place.map(BaskingPlace::heightCm).orElse(geometry.lineCm()) + back);
  }

  /** What UVB it gets where it basks. */
  public Optional<UvPlace> uvPlace(Resident r) {
    return UvPlace.of(enclosure, geometry, r, date);
  }

  /** Its room in the water, in an enclosure that is drawn with its parts. */
  public Optional<SwimmingSpace> swim(Resident r) {
    return geometry.grid().map(grid -> swim(r, grid));
  }

  /** The same in a grid of this enclosure, for a drawing of one without parts too. */
  public static SwimmingSpace swim(Resident r, Grid grid) {
    return grid.swim(measured(r.heightCm()));
  }

  private static Reachability.Body body(Resident r) {
    Needs needs = r.stage().needs();
    double length = measured(r.bodyCm());
    Body shape = r.sheet().body();
    // Only a shell is held by a gap; a soft body backs out.
    boolean shelled = r.sheet().group() == AnimalGroup.TURTLE;
    return new Reachability.Body(
        length,
        needs.locomotion(),
        needs.depth().map(Needs.Depth::restWithinCm).orElse(0.0),
        shelled ? length * shape.widthShare() : 0,
        shelled ? length * shape.headShare() : 0,
        length * shape.heightShare());
  }

  /** No finer than a ruler reads it, so that a body is not searched again for a hair of growth. */
  private static double measured(double lengthCm) {
    double step = lengthCm < 5 ? 0.1 : 0.5;
    return Math.round(lengthCm / step) * step;
  }

  /** The same enclosure with its residents grown as expected. */
  public HusbandryState after(int days) {
    return with(grown(days), date.plusDays(days));
  }

  /** The residents grown as expected here. */
  public List<Resident> grown(int days) {
    return grown(residents, enclosure.site(), date, days);
  }

  /** Some grown as expected from a day on: under the sky some rest through the winter. */
  public static List<Resident> grown(List<Resident> some, Site site, LocalDate from, int days) {
    return some.stream()
        .map(r -> r.after(GrowingDays.of(r, from, days, site.outdoors(), site.isSouth())))
        .toList();
  }
}

package app.islet.core.enclosure;

import app.islet.core.field.Stored;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** A design: everything about the box except who lives in it. */
public record Enclosure(
    @Stored(most = Enclosure.MAX_NAME) String name,
    @Stored(usual = "HOME") Purpose purpose,
    Vessel vessel,
    Water water,
    Substrate ground,
    Optional<Land> land,
    Lid lid,
    Optional<Platform> platform,
    @Stored(most = 50, always = true) List<Equipment> equipment,
    @Stored(usual = "NONE") Furnishings furnishings,
    @Stored(usual = "UNKNOWN") Conditions conditions,
    @Stored(usual = "LIVING_ROOM", always = true) Site site,
    @Stored(most = Enclosure.MAX_COMPANY) List<Companion> company) {
  public static final int MAX_COMPANY = 20;

  /** Characters. */
  public static final int MAX_NAME = 80;

  public Enclosure {
    equipment = List.copyOf(equipment);
    company = List.copyOf(company);
    double lineCm = ground.depthCm() + water.depthCm();
    if (!(lineCm <= vessel.heightCm())) {
      throw new IllegalArgumentException(
          "the water would stand %s cm above the floor, but the vessel is only %s cm high"
              .formatted(plain(lineCm), plain(vessel.heightCm())));
    }
    for (Substrate.Point point : ground.points()) {
      if (!(ground.depthCm() + point.riseCm() <= vessel.heightCm())) {
        throw new IllegalArgumentException(
            "the ground would rise to %s cm, but the vessel is only %s cm high"
                .formatted(plain(ground.depthCm() + point.riseCm()), plain(vessel.heightCm())));
      }
    }
    if (land.isPresent() && !(land.get().heightCm() <= vessel.heightCm())) {
      throw new IllegalArgumentException(
          "the land would be %s cm high, but the vessel is only %s cm high"
              .formatted(plain(land.get().heightCm()), plain(vessel.heightCm())));
    }
  }

  /** An open vessel of fresh water, bare and without a device, in an ordinary room. */
  public static Enclosure bare(String name, Vessel vessel, double depthCm) {
    return new Enclosure(
        name,
        Purpose.HOME,
        vessel,
        new Water(depthCm, OptionalDouble.empty()),
        Substrate.NONE,
        Optional.empty(),
        Lid.NONE,
        Optional.empty(),
        List.of(),
        Furnishings.NONE,
        Conditions.UNKNOWN,
        Site.LIVING_ROOM,
        List.of());
  }

  private static String plain(double cm) {
    return cm == Math.rint(cm) ? String.valueOf((long) cm) : String.valueOf(cm);
  }

  /** Height of the water line above the vessel's floor, cm. */
  public double waterLineCm() {
    return ground.depthCm() + water.depthCm();
  }

  public <E extends Equipment> Stream<E> all(Class<E> kind) {
    return equipment.stream().filter(kind::isInstance).map(kind::cast);
  }

  public boolean has(Class<? extends Equipment> kind) {
    return all(kind).findAny().isPresent();
  }

  /** Places where an animal can leave the water. */
  public int waysOut() {
    return (land.isPresent() ? 1 : 0)
        + (platform.isPresent() ? 1 : 0)
        + furnishings.furtherWaysOut();
  }

  public Enclosure withName(String newName) {
    return edit(draft -> draft.name = newName);
  }

  public Enclosure withSite(Site newSite) {
    return edit(draft -> draft.site = newSite);
  }

  public Enclosure with(Water newWater) {
    return edit(draft -> draft.water = newWater);
  }

  public Enclosure with(Substrate newGround) {
    return edit(draft -> draft.ground = newGround);
  }

  public Enclosure with(Land newLand) {
    return edit(draft -> draft.land = Optional.of(newLand));
  }

  public Enclosure with(Lid newLid) {
    return edit(draft -> draft.lid = newLid);
  }

  public Enclosure with(Platform newPlatform) {
    return edit(draft -> draft.platform = Optional.of(newPlatform));
  }

  public Enclosure with(Furnishings newFurnishings) {
    return edit(draft -> draft.furnishings = newFurnishings);
  }

  public Enclosure with(Conditions newConditions) {
    return edit(draft -> draft.conditions = newConditions);
  }

  /** This design with these animals without a care sheet and no others. */
  public Enclosure with(Companion... some) {
    return edit(draft -> draft.company = List.of(some));
  }

  public Enclosure with(Purpose newPurpose) {
    return edit(draft -> draft.purpose = newPurpose);
  }

  /** Whether all of its water is changed each day: a holding tub without a filter. */
  public boolean isChangedDaily() {
    return purpose.isHolding() && purpose != Purpose.WINTER_BOX && !has(Equipment.Filter.class);
  }

  /** What lies between a UVB lamp and the animals. */
  public Lid over(Equipment.UvbLamp lamp) {
    return lamp.through().orElse(lid);
  }

  /** This design with these devices and no others. */
  public Enclosure with(Equipment... devices) {
    return edit(draft -> draft.equipment = List.of(devices));
  }

  /** This design with all of the numbers changed, one after the other. */
  public Enclosure with(List<Change> changes) {
    Enclosure changed = this;
    for (Change change : changes) {
      changed = changed.with(change);
    }
    return changed;
  }

  /** This design with one number changed. */
  public Enclosure with(Change change) {
    return DesignField.of(change.field()).set(this, change.value());
  }

  /** This design with a tube fitted on {@code day} in place of the old one. */
  public Enclosure withNewTube(LocalDate day) {
    return replacing(
        Equipment.UvbLamp.class,
        first(Equipment.UvbLamp.class).orElse(Equipment.UvbLamp.UNKNOWN).fitted(day));
  }

  /** The first device of a kind. */
  public <E extends Equipment> Optional<E> first(Class<E> kind) {
    return all(kind).findFirst();
  }

  public Enclosure with(Vessel v) {
    return edit(draft -> draft.vessel = v);
  }

  /** This design with that device in the place of all of its kind. */
  Enclosure replacing(Class<? extends Equipment> kind, Equipment device) {
    List<Equipment> others =
        new ArrayList<>(equipment.stream().filter(Predicate.not(kind::isInstance)).toList());
    others.add(device);
    return edit(draft -> draft.equipment = others);
  }

  private Enclosure edit(Consumer<Draft> change) {
    Draft draft = new Draft(this);
    change.accept(draft);
    return draft.build();
  }

  /** The parts of a design laid out to change one of them. */
  private static final class Draft {
    private String name;
    private Vessel vessel;
    private Water water;
    private Substrate ground;
    private Optional<Land> land;
    private Lid lid;
    private Optional<Platform> platform;
    private List<Equipment> equipment;
    private Furnishings furnishings;
    private Conditions conditions;
    private Site site;
    private List<Companion> company;
    private Purpose purpose;

    private Draft(Enclosure e) {
      name = e.name;
      vessel = e.vessel;
      water = e.water;
      ground = e.ground;
      land = e.land;
      lid = e.lid;
      platform = e.platform;
      equipment = e.equipment;
      furnishings = e.furnishings;
      conditions = e.conditions;
      site = e.site;
      company = e.company;
      purpose = e.purpose;
    }

    private Enclosure build() {
      return new Enclosure(
          name,
          purpose,
          vessel,
          water,
          ground,
          land,
          lid,
          platform,
          equipment,
          furnishings,
          conditions,
          site,
          company);
    }
  }
}

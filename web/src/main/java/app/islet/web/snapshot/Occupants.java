package app.islet.web.snapshot;

import app.islet.core.animal.Heads;
import app.islet.core.animal.Keeping;
import app.islet.core.animal.Measure;
import app.islet.core.animal.OwnGrowth;
import app.islet.core.animal.Resident;
import app.islet.core.animal.Size;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.care.OwnMenu;
import app.islet.web.animal.Animal;
import app.islet.web.animal.Measurement;
import app.islet.web.animal.Residents;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * Animals of the store as the core sees them: by the sheets and schools they are kept by, as old as
 * they are on a day.
 *
 * @param schools what the collection keeps each species by, where it chose
 * @param menus what keepers feed them in a stage instead of what their sheet says, by their ids
 */
public record Occupants(
    CareLibrary library,
    Map<String, String> schools,
    Map<Long, List<OwnMenu>> menus,
    LocalDate day) {
  public EnclosureSnapshot.Occupant occupant(Residents.Stay stay, List<Measurement> all) {
    Animal r = stay.animal();
    List<Measurement> sizes = ofThisForm(r, all);
    CareSheet sheet =
        library
            .find(r.species())
            .orElseThrow(() -> new IllegalStateException("no care sheet " + r.species()));
    Keeping keeping =
        new Keeping(
            Optional.ofNullable(r.statedStage()),
            Optional.ofNullable(r.school()).or(() -> Optional.ofNullable(schools.get(sheet.id()))),
            Optional.of(stay.since()),
            r.alsoFed(),
            r.ration(),
            Optional.empty());
    Size size =
        Size.of(newest(sizes, Measurement::lengthCm), newest(sizes, Measurement::massG))
            .downTo(smallest(sizes));
    Heads heads = Heads.of(stay.count(), stay.all(), r.males(), r.females());
    Resident resident =
        growing(new Resident(r.name(), sheet, heads, size, keeping), lengths(sizes), r.formSince());
    boolean since = sizes.stream().anyMatch(m -> m.day().isAfter(stay.since()));
    return new EnclosureSnapshot.Occupant(
        r, fed(r, since ? resident.measuredSince() : resident), all);
  }

  private Resident fed(Animal animal, Resident resident) {
    return menus.getOrDefault(animal.id(), List.of()).stream()
        .filter(menu -> menu.stage().equals(resident.stage().id()))
        .findFirst()
        .map(resident::fed)
        .orElse(resident);
  }

  /** What was measured of a tadpole says nothing of the frog. */
  public static List<Measurement> ofThisForm(Animal animal, List<Measurement> sizes) {
    return animal
        .formSince()
        .map(since -> sizes.stream().filter(m -> !m.day().isBefore(since)).toList())
        .orElse(sizes);
  }

  /** How it grows by what was measured of the form it has. */
  public static Optional<OwnGrowth> growth(
      Animal animal, Resident resident, List<Measurement> sizes) {
    return OwnGrowth.of(
        resident.sheet(), resident.stage(), lengths(ofThisForm(animal, sizes)), animal.formSince());
  }

  public static List<Measure> lengths(List<Measurement> sizes) {
    return sizes.stream()
        .filter(m -> m.lengthCm() != null)
        .map(m -> new Measure(m.day(), Objects.requireNonNull(m.lengthCm())))
        .toList();
  }

  /** The same, grown since the last length by what all lengths tell. */
  private Resident growing(Resident r, List<Measure> lengths, Optional<LocalDate> formSince) {
    if (lengths.isEmpty()) {
      return r;
    }
    LocalDate last = lengths.get(lengths.size() - 1).day();
    Size size =
        r.size()
            .measured(
                (int) ChronoUnit.DAYS.between(last, day),
                OwnGrowth.of(r.sheet(), r.stage(), lengths, formSince).map(OwnGrowth::growth));
    return new Resident(r.name(), r.species(), r.heads(), size, r.keeping());
  }

  /** Measured together with the length that counts; a later length of all speaks for all. */
  private static OptionalDouble smallest(List<Measurement> sizes) {
    for (int i = sizes.size() - 1; i >= 0; i--) {
      if (sizes.get(i).lengthCm() != null) {
        Double cm = sizes.get(i).smallestCm();
        return cm == null ? OptionalDouble.empty() : OptionalDouble.of(cm);
      }
    }
    return OptionalDouble.empty();
  }

  private static OptionalDouble newest(
      List<Measurement> sizes, Function<Measurement, @Nullable Double> what) {
    for (int i = sizes.size() - 1; i >= 0; i--) {
      Double value = what.apply(sizes.get(i));
      if (value != null) {
        return OptionalDouble.of(value);
      }
    }
    return OptionalDouble.empty();
  }
}

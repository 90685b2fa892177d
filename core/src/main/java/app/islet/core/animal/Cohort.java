package app.islet.core.animal;

import app.islet.core.care.CareSheet;
import app.islet.core.care.Stage;
import app.islet.core.text.English;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * The animals of one enclosure that are judged together: of one species and stage, kept by one
 * school. Whether a keeper entered them one by one or as a group makes no difference.
 *
 * @param members as they were entered, the largest first
 */
public record Cohort(List<Resident> members) {
  private record Key(String species, String stage, String school) {
    private static Key of(Resident r) {
      return new Key(r.species().id(), r.stage().id(), r.sheet().school().name());
    }
  }

  public Cohort {
    members =
        members.stream().sorted(Comparator.comparingDouble(Resident::bodyCm).reversed()).toList();
  }

  /** All cohorts of an enclosure, in an order that does not depend on how they were entered. */
  public static List<Cohort> of(List<Resident> residents) {
    if (residents.size() == 1) {
      return List.of(new Cohort(residents));
    }
    Map<Key, List<Resident>> together = new LinkedHashMap<>();
    for (Resident r : residents) {
      together.computeIfAbsent(Key.of(r), key -> new ArrayList<>()).add(r);
    }
    return together.values().stream()
        .map(Cohort::new)
        .sorted(
            Comparator.comparing((Cohort c) -> c.first().species().id())
                .thenComparing(c -> -c.first().stage().fromLengthCm())
                .thenComparing(c -> c.first().sheet().school().name()))
        .toList();
  }

  /** The cohorts of each kind there is together, whatever their stage and school. */
  public static List<List<Cohort>> kinds(List<Cohort> cohorts) {
    return List.copyOf(
        cohorts.stream()
            .collect(
                Collectors.groupingBy(
                    c -> c.sheet().kind(), LinkedHashMap::new, Collectors.toList()))
            .values());
  }

  private Resident first() {
    return members.get(0);
  }

  public CareSheet sheet() {
    return first().sheet();
  }

  public Stage stage() {
    return first().stage();
  }

  public int count() {
    return members.stream().mapToInt(Resident::count).sum();
  }

  /** Who they are, by the names their keeper gave them. */
  public String who() {
    return names(members);
  }

  /** Of several sizes of one entry the name is said once. */
  private static String names(List<Resident> of) {
    return English.list(of.stream().map(Resident::name).distinct().toList());
  }

  /** All of them, as in {@code 2 axolotls (adult) and 3 alpine newts (adult)}. */
  public static String words(List<Cohort> cohorts) {
    return English.list(cohorts.stream().map(c -> c.all().words()).toList());
  }

  /** All of them as one entry of the largest one's size. */
  public Resident all() {
    return members.size() == 1 ? first() : together(first(), members, who());
  }

  /** All of them as one entry, once for each size there is, the largest first. */
  public List<Resident> bodies() {
    return members.size() == 1
        ? members
        : bySize().stream().map(alike -> together(alike.get(0), members, who())).toList();
  }

  /** Those of one size as one entry, for each size there is, the largest first. */
  public List<Resident> sizes() {
    return members.size() == 1
        ? members
        : bySize().stream().map(alike -> together(alike.get(0), alike, names(alike))).toList();
  }

  private List<List<Resident>> bySize() {
    Map<Double, List<Resident>> sizes = new LinkedHashMap<>();
    for (Resident r : members) {
      sizes.computeIfAbsent(r.bodyCm(), cm -> new ArrayList<>()).add(r);
    }
    return List.copyOf(sizes.values());
  }

  private static Resident together(Resident body, List<Resident> alike, String names) {
    return body.asOneOf(
        names,
        new Heads(
            alike.stream().mapToInt(Resident::count).sum(),
            alike.stream().mapToInt(Resident::males).sum(),
            alike.stream().mapToInt(Resident::females).sum()),
        alike.stream().flatMap(r -> r.alsoFed().stream()).distinct().toList());
  }
}

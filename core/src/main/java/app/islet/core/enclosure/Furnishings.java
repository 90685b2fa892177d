package app.islet.core.enclosure;

import app.islet.core.care.Plant;
import java.util.List;
import java.util.Optional;

/**
 * What stands in the box.
 *
 * @param furtherWaysOut places where an animal can leave the water besides land and platform: wood,
 *     net, cork
 * @param parts things that stand in a place of their own, as drawn
 * @param spareShells empty snail shells a hermit crab may move into
 */
public record Furnishings(
    Optional<Hides> hides,
    Optional<Stones> stones,
    List<Plant> plants,
    List<Dish> dishes,
    int furtherWaysOut,
    List<Furnishing> parts,
    int spareShells) {
  public static final Furnishings NONE =
      new Furnishings(Optional.empty(), Optional.empty(), List.of(), List.of(), 0, List.of(), 0);

  public Furnishings {
    plants = List.copyOf(plants);
    dishes = List.copyOf(dishes);
    parts = List.copyOf(parts);
  }

  /** Places to be out of sight: those drawn and those only counted. */
  public int hidingPlaces() {
    long drawn = parts.stream().filter(part -> part.kind().hides()).count();
    return (int) drawn + hides.map(Hides::count).orElse(0);
  }

  public Furnishings with(Hides some) {
    return new Furnishings(
        Optional.of(some), stones, plants, dishes, furtherWaysOut, parts, spareShells);
  }

  /** The same with so many hides that are only counted; none are as none said. */
  public Furnishings withHides(int count, double openingCm) {
    return new Furnishings(
        count > 0 ? Optional.of(new Hides(count, openingCm)) : Optional.empty(),
        stones,
        plants,
        dishes,
        furtherWaysOut,
        parts,
        spareShells);
  }

  public Furnishings with(Stones some) {
    return new Furnishings(
        hides, Optional.of(some), plants, dishes, furtherWaysOut, parts, spareShells);
  }

  public Furnishings with(Plant... some) {
    return new Furnishings(
        hides, stones, List.of(some), dishes, furtherWaysOut, parts, spareShells);
  }

  public Furnishings with(Dish... some) {
    return new Furnishings(
        hides, stones, plants, List.of(some), furtherWaysOut, parts, spareShells);
  }

  public Furnishings withFurtherWaysOut(int ways) {
    return new Furnishings(hides, stones, plants, dishes, ways, parts, spareShells);
  }

  public Furnishings with(Furnishing... some) {
    return withParts(List.of(some));
  }

  public Furnishings withParts(List<Furnishing> some) {
    return new Furnishings(hides, stones, plants, dishes, furtherWaysOut, some, spareShells);
  }

  public Furnishings withSpareShells(int shells) {
    return new Furnishings(hides, stones, plants, dishes, furtherWaysOut, parts, shells);
  }
}

package app.islet.core.enclosure;

import app.islet.core.care.Plant;
import app.islet.core.field.Between;
import app.islet.core.field.Stored;
import app.islet.core.quantity.Dimension;
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
    @Stored List<Plant> plants,
    @Stored(most = 20) List<Dish> dishes,
    @Stored(usual = "0") @Between(of = Dimension.COUNT, min = 0, max = 100) int furtherWaysOut,
    @Stored(usual = "0") @Between(of = Dimension.COUNT, min = 0, max = 1000) int spareShells,
    @Stored(most = Furnishings.MAX_PARTS) List<Furnishing> parts) {
  public static final int MAX_PARTS = 200;

  public static final Furnishings NONE =
      new Furnishings(Optional.empty(), Optional.empty(), List.of(), List.of(), 0, 0, List.of());

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
        Optional.of(some), stones, plants, dishes, furtherWaysOut, spareShells, parts);
  }

  /** The same with so many hides that are only counted; none are as none said. */
  public Furnishings withHides(int count, double openingCm) {
    return new Furnishings(
        count > 0 ? Optional.of(new Hides(count, openingCm)) : Optional.empty(),
        stones,
        plants,
        dishes,
        furtherWaysOut,
        spareShells,
        parts);
  }

  public Furnishings with(Stones some) {
    return new Furnishings(
        hides, Optional.of(some), plants, dishes, furtherWaysOut, spareShells, parts);
  }

  public Furnishings with(Plant... some) {
    return new Furnishings(
        hides, stones, List.of(some), dishes, furtherWaysOut, spareShells, parts);
  }

  public Furnishings with(Dish... some) {
    return new Furnishings(
        hides, stones, plants, List.of(some), furtherWaysOut, spareShells, parts);
  }

  public Furnishings withFurtherWaysOut(int ways) {
    return new Furnishings(hides, stones, plants, dishes, ways, spareShells, parts);
  }

  public Furnishings with(Furnishing... some) {
    return withParts(List.of(some));
  }

  public Furnishings withParts(List<Furnishing> some) {
    return new Furnishings(hides, stones, plants, dishes, furtherWaysOut, spareShells, some);
  }

  public Furnishings withSpareShells(int shells) {
    return new Furnishings(hides, stones, plants, dishes, furtherWaysOut, shells, parts);
  }
}

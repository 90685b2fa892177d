package app.islet.core.water;

import app.islet.core.enclosure.Dish;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.geometry.Geometry;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * All water of an enclosure: what is in the vessel, and the dishes on its land.
 *
 * @param main absent where the vessel holds none
 */
public record Waters(Optional<OneWater> main, List<OneWater> dishes) {
  public Waters {
    dishes = List.copyOf(dishes);
  }

  public static Waters of(Enclosure e, Geometry g, WaterRecord record) {
    List<Dish> all = e.furnishings().dishes();
    return new Waters(
        g.hasWater() ? Optional.of(main(e, g, record)) : Optional.empty(),
        IntStream.range(0, all.size())
            .mapToObj(i -> dish(all.get(i), all.size() == 1 ? 0 : i + 1))
            .toList());
  }

  private static OneWater main(Enclosure e, Geometry g, WaterRecord record) {
    return new OneWater(
        Phrase.of(e.site().outdoors() ? "the pond" : "the water"),
        OptionalDouble.of(g.waterL()),
        e.water().depthCm(),
        OptionalDouble.of(g.footprintCm2() * g.waterSharePercent() / 100),
        record.newest(Parameter.SALINITY).orElse(e.water().salinityPpt()),
        false);
  }

  private static OneWater dish(Dish dish, int number) {
    return new OneWater(
        number == 0 ? Phrase.of("the dish") : Phrase.of("dish {}", Quantity.count(number)),
        dish.waterL(),
        dish.depthCm(),
        dish.areaCm2(),
        dish.salinityPpt(),
        true);
  }

  public List<OneWater> all() {
    return Stream.concat(main.stream(), dishes.stream()).toList();
  }

  /** Litres of some of them as far as they are known; absent where none is. */
  public static OptionalDouble litres(List<OneWater> some) {
    List<Double> known = new ArrayList<>();
    some.forEach(water -> water.waterL().ifPresent(known::add));
    return known.isEmpty()
        ? OptionalDouble.empty()
        : OptionalDouble.of(known.stream().mapToDouble(litres -> litres).sum());
  }
}

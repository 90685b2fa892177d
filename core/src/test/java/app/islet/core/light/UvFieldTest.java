package app.islet.core.light;

import static app.islet.core.Setups.TODAY;
import static app.islet.core.Setups.animals;
import static app.islet.core.Setups.sliderPool;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.enclosure.Lid;
import app.islet.core.enclosure.UvShape;
import app.islet.core.geometry.Geometry;
import app.islet.core.quantity.UnitSystem;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class UvFieldTest {
  private static Enclosure lit(
      UvShape shape, double uviAt30, OptionalDouble read, Furnishing... parts) {
    Enclosure e =
        sliderPool()
            .with(Lid.NONE)
            .with(
                new Equipment.UvbLamp(
                    Optional.of(TODAY),
                    OptionalDouble.of(30),
                    shape,
                    OptionalDouble.of(uviAt30),
                    read));
    return e.with(e.furnishings().with(parts));
  }

  private static Furnishing lamp(String id, double x) {
    return new Furnishing(
        id, FurnishingKind.UVB_LAMP, x - 5, 35, 10, 10, 90, 95, false, false, false);
  }

  @Test
  void a_reading_is_met_where_it_was_read() {
    UvField field =
        UvField.of(lit(UvShape.SPOT, 9, OptionalDouble.of(3.3)), TODAY.plusYears(2), 100, 42);
    assertThat(field.uvi(100, 40, 42)).isCloseTo(3.3, within(1e-9));
  }

  @Test
  void lamps_add_up_and_each_falls_off_with_its_own_distance() {
    Enclosure one = lit(UvShape.SPOT, 4, OptionalDouble.empty(), lamp("a", 60));
    Enclosure two = lit(UvShape.SPOT, 4, OptionalDouble.empty(), lamp("a", 60), lamp("b", 140));
    double left = UvField.of(one, TODAY, 0, 0).uvi(60, 40, 60);
    assertThat(left).as("30 cm under it").isCloseTo(4, within(1e-9));
    UvField both = UvField.of(two, TODAY, 0, 0);
    assertThat(both.uvi(60, 40, 60)).isGreaterThan(left);
    assertThat(both.uvi(100, 40, 60))
        .isCloseTo(2 * UvField.of(one, TODAY, 0, 0).uvi(100, 40, 60), within(1e-9));
  }

  @Test
  void glass_stops_it_mesh_takes_a_third_age_and_water_take_their_part() {
    Enclosure open = lit(UvShape.SPOT, 4, OptionalDouble.empty(), lamp("a", 100));
    double bare = UvField.of(open, TODAY, 0, 0).uvi(100, 40, 60);
    assertThat(UvField.of(open.with(Lid.GLASS), TODAY, 0, 0).uvi(100, 40, 60)).isZero();
    assertThat(UvField.of(open.with(Lid.MESH), TODAY, 0, 0).uvi(100, 40, 60))
        .isCloseTo(0.65 * bare, within(1e-9));
    assertThat(UvField.of(open, TODAY.plusDays(365), 0, 0).uvi(100, 40, 60))
        .isCloseTo(0.7 * bare, within(0.01));
    UvField field = UvField.of(open, TODAY, 0, 0);
    assertThat(field.uvi(100, 40, 20)).isLessThan(field.uvi(100, 40, 40) / 2);
  }

  @Test
  void what_stands_between_shades_and_what_lies_beside_does_not() {
    Furnishing float1 =
        new Furnishing("f", FurnishingKind.FLOAT, 90, 30, 20, 20, 0, 2, false, false, false);
    Furnishing aside =
        new Furnishing("w", FurnishingKind.WOOD, 10, 10, 20, 10, 0, 60, false, false, false);
    Enclosure spot = lit(UvShape.SPOT, 4, OptionalDouble.empty(), lamp("a", 100), float1, aside);
    Enclosure open = lit(UvShape.SPOT, 4, OptionalDouble.empty(), lamp("a", 100));
    UvField shaded = UvField.of(spot, TODAY, 0, 0);
    UvField bare = UvField.of(open, TODAY, 0, 0);
    assertThat(shaded.uvi(100, 40, 20)).as("under the float").isZero();
    assertThat(shaded.uvi(100, 40, 43)).as("on it").isEqualTo(bare.uvi(100, 40, 43));
    assertThat(shaded.uvi(140, 40, 20)).as("beside it").isEqualTo(bare.uvi(140, 40, 20));
    Furnishing tube =
        new Furnishing("t", FurnishingKind.UVB_LAMP, 40, 38, 120, 4, 90, 95, false, false, false);
    double half =
        UvField.of(lit(UvShape.LINEAR, 4, OptionalDouble.empty(), tube, float1), TODAY, 0, 0)
            .uvi(100, 40, 20);
    double all =
        UvField.of(lit(UvShape.LINEAR, 4, OptionalDouble.empty(), tube), TODAY, 0, 0)
            .uvi(100, 40, 20);
    assertThat(half).isStrictlyBetween(0.0, all);
  }

  @Test
  void the_band_of_distances_gives_the_zone_at_its_ends() {
    Enclosure e = lit(UvShape.SPOT, 6, OptionalDouble.empty());
    UvPlace place = UvPlace.of(e, Geometry.of(e), animals("slider", 1, 18), TODAY).orElseThrow();
    assertThat(place.known()).isTrue();
    assertThat(place.nearestCm().orElseThrow()).isLessThan(place.farthestCm().orElseThrow());
    double at = place.nearestCm().orElseThrow();
    assertThat(6 * 30 * 30 / (at * at)).isCloseTo(place.need().uvi().max(), within(0.4));
    assertThat(place.shadeUvi()).isLessThan(place.atBackUvi());
  }

  @Test
  void the_timetable_puts_the_basking_lamp_into_the_middle_of_the_day() {
    Enclosure e = sliderPool();
    List<Timetable.Row> rows = Timetable.of(e, List.of(animals("slider", 1, 18)), TODAY).rows();
    assertThat(rows).extracting(Timetable.Row::outlet).contains("Heater", "Filter", "UVB lamp");
    Timetable.Row light = rows.get(0);
    Timetable.Row basking = rows.get(1);
    assertThat(light.on()).contains(LocalTime.of(8, 0));
    assertThat(basking.on().orElseThrow()).isAfterOrEqualTo(light.on().orElseThrow());
    assertThat(basking.off().orElseThrow()).isBeforeOrEqualTo(light.off().orElseThrow());
    assertThat(rows.get(rows.size() - 1).why().text(UnitSystem.METRIC)).contains("moon");
  }
}

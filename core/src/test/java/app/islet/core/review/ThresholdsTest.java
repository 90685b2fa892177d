package app.islet.core.review;

import static app.islet.core.Setups.animals;
import static app.islet.core.Setups.axolotlTank;
import static app.islet.core.Setups.axolotls;
import static app.islet.core.Setups.finding;
import static app.islet.core.Setups.sliderPool;
import static app.islet.core.Setups.tank;
import static app.islet.core.Setups.with;
import static app.islet.core.review.Severity.DANGER;
import static app.islet.core.review.Severity.WATCH;
import static app.islet.core.review.Severity.WRONG;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Land;
import app.islet.core.quantity.Range;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Just inside and just outside of what the care sheet asks for: a rule speaks on one side of its
 * threshold and is silent on the other, and grows graver where it says so.
 */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class ThresholdsTest {
  private static final Resident AXOLOTLS = axolotls(2, 22);
  private static final Resident HATCHLING = animals("common-musk", 1, 3);
  private static final Resident SLIDER = animals("slider", 1, 18);

  /** Floor or water of less than this share of what is recommended is Wrong, of more a Watch. */
  private static final double GRAVE = needs(AXOLOTLS).space().leastShare();

  /**
   * @param expected what it finds; none where it is silent
   */
  private record Row(
      String rule, Enclosure design, Resident who, Optional<Severity> expected, String words) {
    @Override
    public String toString() {
      return rule + ": " + words;
    }
  }

  private static Row speaks(String rule, Severity how, Enclosure e, Resident r, Change at) {
    return new Row(rule, e.with(at), r, Optional.of(how), at + " is " + how.word());
  }

  private static Row silent(String rule, Enclosure e, Resident r, Change at) {
    return new Row(rule, e.with(at), r, Optional.empty(), at + " is well");
  }

  private static Needs needs(Resident r) {
    return r.stage().needs();
  }

  static Stream<Row> rows() {
    return Stream.of(floor(), water(), depth(), deep(), awash(), light(), flow(), hides())
        .flatMap(rows -> rows);
  }

  private static Stream<Row> floor() {
    Enclosure e = axolotlTank();
    double enough = needs(AXOLOTLS).space().floorCm2For(AXOLOTLS.count()) / e.vessel().widthCm();
    String at = "/vessel/lengthCm";
    return Stream.of(
        silent("floor-too-small", e, AXOLOTLS, new Change(at, enough)),
        speaks("floor-too-small", WATCH, e, AXOLOTLS, new Change(at, enough - 1)),
        speaks("floor-too-small", WATCH, e, AXOLOTLS, new Change(at, GRAVE * enough + 0.1)),
        speaks("floor-too-small", WRONG, e, AXOLOTLS, new Change(at, GRAVE * enough - 0.1)));
  }

  /** In a tank without anything in it a centimetre of depth is a centimetre of depth. */
  private static Stream<Row> water() {
    Enclosure e = tank(200, 50, 60, 30);
    double litresPerCm = 200 * 50 / 1000.0;
    double enough =
        needs(AXOLOTLS).space().waterLFor(AXOLOTLS.count(), AXOLOTLS.bodyCm()).orElseThrow()
            / litresPerCm;
    String at = "/water/depthCm";
    return Stream.of(
        silent("too-little-water", e, AXOLOTLS, new Change(at, 0.991 * enough)),
        speaks("too-little-water", WATCH, e, AXOLOTLS, new Change(at, 0.989 * enough)),
        speaks("too-little-water", WATCH, e, AXOLOTLS, new Change(at, GRAVE * enough + 0.1)),
        speaks("too-little-water", WRONG, e, AXOLOTLS, new Change(at, GRAVE * enough - 0.1)));
  }

  private static Stream<Row> depth() {
    double least = needs(AXOLOTLS).depth().orElseThrow().minCm();
    String at = "/water/depthCm";
    return Stream.of(
        silent("water-too-shallow", axolotlTank(), AXOLOTLS, new Change(at, least)),
        speaks("water-too-shallow", WATCH, axolotlTank(), AXOLOTLS, new Change(at, least - 0.1)),
        speaks("water-too-shallow", WATCH, axolotlTank(), AXOLOTLS, new Change(at, 0.9 * least)),
        speaks("water-too-shallow", WRONG, axolotlTank(), AXOLOTLS, new Change(at, 0.89 * least)),
        speaks("water-too-shallow", WRONG, axolotlTank(), AXOLOTLS, new Change(at, 0.5 * least)),
        speaks("water-too-shallow", DANGER, axolotlTank(), AXOLOTLS, new Change(at, 0.49 * least)));
  }

  /** A hatchling drowns where there is no rest; with one it may be deeper. */
  private static Stream<Row> deep() {
    Needs.Depth depth = needs(HATCHLING).depth().orElseThrow();
    Enclosure bare = tank(60, 40, 60, 8);
    Enclosure rested = bare.with(new Change("/water/restBelowSurfaceCm", depth.restWithinCm()));
    String at = "/water/depthCm";
    return Stream.of(
        silent("water-too-deep", bare, HATCHLING, new Change(at, depth.bareMaxCm())),
        speaks("water-too-deep", WATCH, bare, HATCHLING, new Change(at, depth.bareMaxCm() + 0.1)),
        speaks("water-too-deep", WRONG, bare, HATCHLING, new Change(at, depth.bareMaxCm() + 1.1)),
        speaks("water-too-deep", DANGER, bare, HATCHLING, new Change(at, depth.bareMaxCm() + 2.1)),
        silent("water-too-deep", rested, HATCHLING, new Change(at, depth.maxCm())),
        speaks("water-too-deep", WATCH, rested, HATCHLING, new Change(at, depth.maxCm() + 0.1)),
        speaks("water-too-deep", WATCH, rested, HATCHLING, new Change(at, 1.25 * depth.maxCm())),
        speaks("water-too-deep", WRONG, rested, HATCHLING, new Change(at, 1.26 * depth.maxCm())),
        speaks("water-too-deep", DANGER, rested, HATCHLING, new Change(at, 1.51 * depth.maxCm())));
  }

  /** Land is watched from a centimetre over the line down; a centimetre under it, it is none. */
  private static Stream<Row> awash() {
    Enclosure e = tank(60, 40, 60, 10).with(new Land(40, 12, 20));
    Resident newt = animals("eastern-newt", 1, 5);
    String at = "/water/depthCm";
    return Stream.of(
        silent("no-way-out", e, HATCHLING, new Change(at, 10.9)),
        speaks("no-way-out", WATCH, e, HATCHLING, new Change(at, 11.1)),
        speaks("no-way-out", WRONG, e, HATCHLING, new Change(at, 12.1)),
        speaks("no-way-out", DANGER, e, HATCHLING, new Change(at, 13.1)),
        silent("wrong-habitat", e, newt, new Change(at, 10.9)),
        speaks("wrong-habitat", WATCH, e, newt, new Change(at, 11.1)),
        speaks("wrong-habitat", WRONG, e, newt, new Change(at, 12.1)),
        speaks("wrong-habitat", DANGER, e, newt, new Change(at, 13.1)));
  }

  private static Stream<Row> light() {
    Range hours = needs(SLIDER).daylight().orElseThrow().hours();
    String at = "/conditions/lightHours";
    return Stream.of(
        silent("day-length", sliderPool(), SLIDER, new Change(at, hours.min())),
        speaks("day-length", WATCH, sliderPool(), SLIDER, new Change(at, hours.min() - 0.1)),
        silent("day-length", sliderPool(), SLIDER, new Change(at, hours.max())),
        speaks("day-length", WATCH, sliderPool(), SLIDER, new Change(at, hours.max() + 0.1)),
        speaks("day-length", WATCH, sliderPool(), SLIDER, new Change(at, 18)),
        speaks("day-length", WRONG, sliderPool(), SLIDER, new Change(at, 18.1)));
  }

  /** Half a litre an hour is within what a label says. */
  private static Stream<Row> flow() {
    Enclosure e = axolotlTank();
    double litres = 100 * 50 * 32 / 1000.0;
    Range turnover = needs(AXOLOTLS).filtration().orElseThrow().turnoverPerHour();
    double least = turnover.min() * litres;
    double most = turnover.max() * litres;
    String at = "/equipment/filter/flowLph";
    return Stream.of(
        silent("filter-too-weak", e, AXOLOTLS, new Change(at, least)),
        speaks("filter-too-weak", WATCH, e, AXOLOTLS, new Change(at, least - 1)),
        silent("filter-too-strong", e, AXOLOTLS, new Change(at, most)),
        speaks("filter-too-strong", WATCH, e, AXOLOTLS, new Change(at, most + 1)));
  }

  private static Stream<Row> hides() {
    double wanted = Math.ceil(needs(AXOLOTLS).shelter().hidesPerAnimal() * AXOLOTLS.count());
    String at = "/furnishings/hides/count";
    return Stream.of(
        silent("too-few-hides", axolotlTank(), AXOLOTLS, new Change(at, wanted)),
        speaks("too-few-hides", WATCH, axolotlTank(), AXOLOTLS, new Change(at, wanted - 1)));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("rows")
  void a_rule_speaks_on_one_side_of_its_threshold_only(Row row) {
    assertThat(finding(row.rule(), row.design(), row.who()).map(Finding::severity))
        .isEqualTo(row.expected());
  }

  @ParameterizedTest(name = "{0} °C")
  @MethodSource("surfaces")
  void a_basking_surface_is_as_grave_as_what_it_does(double surfaceC, Optional<Severity> expected) {
    Enclosure e = with(sliderPool(), new Equipment.BaskingLamp(75, OptionalDouble.of(surfaceC)));
    assertThat(finding("no-basking-lamp", e, SLIDER).map(Finding::severity)).isEqualTo(expected);
  }

  static Stream<Arguments> surfaces() {
    Range spot = needs(SLIDER).basking().orElseThrow().spotC();
    return Stream.of(
        Arguments.of(spot.min() - 5.1, Optional.of(WRONG)),
        Arguments.of(spot.min() - 4.9, Optional.of(WATCH)),
        Arguments.of(spot.min(), Optional.empty()),
        Arguments.of(spot.max(), Optional.empty()),
        Arguments.of(spot.max() + 0.1, Optional.of(WATCH)),
        Arguments.of(40, Optional.of(WATCH)),
        Arguments.of(40.1, Optional.of(WRONG)),
        Arguments.of(45, Optional.of(WRONG)),
        Arguments.of(45.1, Optional.of(DANGER)));
  }

  @ParameterizedTest
  @MethodSource("groups")
  void a_group_is_as_large_as_its_kind_asks(int count, Optional<Severity> expected) {
    assertThat(
            finding("group-too-large", axolotlTank(), animals("dwarf-frog", count, 3.2))
                .map(Finding::severity))
        .isEqualTo(expected);
  }

  static Stream<Arguments> groups() {
    Needs.Group group = needs(animals("dwarf-frog", 4, 3.2)).group();
    return Stream.of(
        Arguments.of(group.least(), Optional.empty()),
        Arguments.of(group.least() - 1, Optional.of(WATCH)),
        Arguments.of(group.most(), Optional.empty()),
        Arguments.of(group.most() + 2, Optional.of(WATCH)),
        Arguments.of(group.most() + 3, Optional.of(WRONG)));
  }
}

package app.islet.core.review;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.Setups;
import app.islet.core.animal.Resident;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Stage;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.situation.HusbandryState;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * A group entered as one, or animal by animal under their names, in any order, is the same group:
 * it is judged alike.
 */
class SplitTest {
  private static final List<CareSheet> SHEETS = List.copyOf(CareLibrary.bundled().all());
  private static final int BATCHES = 5;
  private static final int MANY = 40;
  private static final int EACH = 50;

  static LongStream seeds() {
    return LongStream.range(0, BATCHES);
  }

  static LongStream more() {
    return LongStream.range(BATCHES, MANY);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void judged_alike_however_they_are_entered(long seed) {
    judgedAlike(seed);
  }

  @ParameterizedTest
  @MethodSource("more")
  @Tag("long")
  void many_are_judged_alike_however_they_are_entered(long seed) {
    judgedAlike(seed);
  }

  private static void judgedAlike(long seed) {
    Random random = new Random(seed);
    for (int n = 0; n < EACH; n++) {
      Enclosure e = enclosure(random);
      List<Resident> groups = groups(random);
      assertThat(says(e, entered(groups, random)))
          .as("%s", groups.stream().map(Resident::words).toList())
          .isEqualTo(says(e, groups));
    }
  }

  private static Enclosure enclosure(Random random) {
    Enclosure e = random.nextBoolean() ? Setups.axolotlTank() : Setups.sliderPool();
    double length = 30 + random.nextInt(170);
    return e.with(new Change("/vessel/lengthCm", length))
        .with(new Change("/water/depthCm", 3 + random.nextInt(30)))
        .with(new Change("/furnishings/hides/count", random.nextInt(5)));
  }

  private static List<Resident> groups(Random random) {
    List<Resident> groups = new ArrayList<>();
    for (int n = 0; n <= random.nextInt(3); n++) {
      groups.add(group("Group " + n, random, SHEETS.get(random.nextInt(SHEETS.size()))));
    }
    return groups;
  }

  private static Resident group(String name, Random random, CareSheet sheet) {
    Stage stage = sheet.stages().get(random.nextInt(sheet.stages().size()));
    int males = random.nextInt(3);
    int females = random.nextInt(3);
    int count = Math.max(1, males + females + random.nextInt(2));
    OptionalDouble length =
        random.nextBoolean()
            ? OptionalDouble.of(sheet.body().adultLengthCm() * (0.2 + random.nextDouble()))
            : OptionalDouble.empty();
    return new Resident(
        name,
        sheet,
        count,
        males,
        females,
        length,
        OptionalDouble.empty(),
        Optional.of(stage.id()));
  }

  /** Each animal by itself, under a name of its own, in an order of chance. */
  private static List<Resident> entered(List<Resident> groups, Random random) {
    List<Resident> entries = new ArrayList<>();
    for (Resident group : groups) {
      for (int n = 0; n < group.count(); n++) {
        int male = n < group.males() ? 1 : 0;
        int female = male == 0 && n < group.males() + group.females() ? 1 : 0;
        entries.add(
            new Resident(
                "Name " + entries.size(),
                group.species(),
                1,
                male,
                female,
                group.lengthCm(),
                group.massG(),
                group.statedStage()));
      }
    }
    Collections.shuffle(entries, random);
    return entries;
  }

  private static List<String> says(Enclosure e, List<Resident> residents) {
    return Review.of(HusbandryState.of(e, residents, Setups.TODAY)).findings().stream()
        .map(
            f ->
                f.severity().word()
                    + " "
                    + f.rule()
                    + ": "
                    + f.what().text(UnitSystem.METRIC)
                    + f.remedies().stream().map(r -> r.text().text(UnitSystem.METRIC)).toList()
                    + f.otherwise())
        .sorted()
        .toList();
  }
}

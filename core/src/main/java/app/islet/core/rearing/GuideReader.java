package app.islet.core.rearing;

import app.islet.core.care.Evidence;
import app.islet.core.text.Fields;
import app.islet.core.text.Node;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;

/** Reads the guides that come with the application. */
final class GuideReader {
  private static final List<String> FILES =
      List.of(
          "axolotl",
          "clawed-frog",
          "dwarf-frog",
          "fire-salamander",
          "newt",
          "tadpole",
          "tiger-salamander",
          "turtle",
          "vampire-crab");

  static final List<RearingGuide> ALL = FILES.stream().map(GuideReader::file).toList();

  private GuideReader() {}

  private static RearingGuide file(String name) {
    String file = name + ".yaml";
    try (InputStream in =
        GuideReader.class.getResourceAsStream("/app/islet/core/rearing/" + file)) {
      if (in == null) {
        throw new IllegalStateException(file + " is missing from the application");
      }
      return read(file, new String(in.readAllBytes(), StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * @throws app.islet.core.text.UnreadableException naming file, line, field and what would be
   *     right
   */
  static RearingGuide read(String file, String yaml) {
    return Fields.of(file, Node.yaml(file, yaml)).whole(GuideReader::guide);
  }

  private static RearingGuide guide(Fields f) {
    return new RearingGuide(
        f.text("id", 40),
        Set.copyOf(f.texts("species", 40)),
        f.optionalGroup("young", GuideReader::young)
            .orElse(new RearingGuide.Young(RearingGuide.Beginning.HATCHING, "young", "young")),
        f.groups("milestones", 20, Milestone::read),
        f.groups("housing", 5, Housing::read),
        new RearingGuide.Changes(
            f.text("water", 200),
            f.text("regroup", 200),
            f.optionalGroup("weaning", GuideReader::weaning),
            f.optionalGroup("foodChange", GuideReader::foodChange)),
        outcome(f));
  }

  private static RearingGuide.Young young(Fields f) {
    return new RearingGuide.Young(
        f.choice("begins", RearingGuide.Beginning.class), f.text("one", 30), f.text("many", 30));
  }

  private static RearingGuide.Outcome outcome(Fields f) {
    List<RearingGuide.Loss> losses = f.groups("losses", 12, GuideReader::loss);
    return f.optionalGroup(
            "survival",
            s ->
                new RearingGuide.Outcome(
                    losses,
                    s.range("percent", 0, 100, "%"),
                    Evidence.of(s.text("basis", 200)),
                    f.optionalGroup("sale", GuideReader::readyWhen)))
        .orElseThrow(() -> new IllegalArgumentException("a guide says how many survive"));
  }

  private static RearingGuide.Loss loss(Fields f) {
    return new RearingGuide.Loss(f.text("cause", 60), f.text("remedy", 200));
  }

  private static RearingGuide.ReadyWhen readyWhen(Fields f) {
    return new RearingGuide.ReadyWhen(
        f.whole("weeks", 1, 200, "weeks"),
        f.text("takes", 100),
        f.number("lengthCm", 0.1, 60, "cm"),
        Evidence.of(f.text("basis", 200)));
  }

  private static Weaning weaning(Fields f) {
    return new Weaning(
        f.number("fromC", 0, 35, "°C"),
        f.number("toC", 0, 35, "°C"),
        f.number("perDayC", 0.05, 5, "°C"),
        f.text("at", 40),
        Evidence.of(f.text("basis", 200)));
  }

  private static FoodChange foodChange(Fields f) {
    return new FoodChange(
        f.choice("from", YoungFood.Kind.class),
        f.choice("to", YoungFood.Kind.class),
        f.whole("days", 1, 60, "days"),
        f.text("at", 40),
        Evidence.of(f.text("basis", 200)));
  }
}

package app.islet.cli;

import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Stage;
import app.islet.core.document.TriageJson;
import app.islet.core.health.HealthTables;
import app.islet.core.health.Observed;
import app.islet.core.health.Sign;
import app.islet.core.health.Triage;
import app.islet.core.health.WaterFacts;
import java.io.PrintStream;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import org.apache.commons.text.similarity.LevenshteinDistance;

/** Prints what to make of signs, and what to do first, as one JSON object. 2: not understood. */
final class TriageCommand {
  private static final int MAX_DAYS = 3650;
  private static final int NEAREST = 3;
  private static final String EXAMPLE =
      "triage takes a species, a stage and signs, as in: ./islet triage axolotl adult red-skin,gills-forward day=2 tempC=21; ./islet triage --signs lists the signs";

  private TriageCommand() {}

  /** What was asked, or a sentence on what is wrong with it. */
  private static final class NotUnderstood extends RuntimeException {
    private static final long serialVersionUID = 1;

    NotUnderstood(String sentence) {
      super(sentence);
    }
  }

  static int run(List<String> args, PrintStream out, PrintStream err) {
    if (args.equals(List.of("--signs"))) {
      HealthTables.bundled().signs().forEach(sign -> out.println(sign.id() + " " + sign.words()));
      return Main.OK;
    }
    try {
      out.print(TriageJson.write(Triage.of(HealthTables.bundled(), observed(args))));
      return Main.OK;
    } catch (NotUnderstood e) {
      err.println(e.getMessage());
      return Main.UNREADABLE;
    }
  }

  private static Observed observed(List<String> args) {
    List<String> names = new ArrayList<>();
    Map<String, String> options = new HashMap<>();
    for (String word : args) {
      if (word.contains("=")) {
        options.put(word.replaceFirst("=.*$", ""), word.replaceFirst("^[^=]*=", ""));
      } else {
        names.add(word);
      }
    }
    if (names.size() != 3) {
      throw new NotUnderstood(EXAMPLE);
    }
    CareSheet sheet =
        CareLibrary.bundled()
            .find(names.get(0))
            .orElseThrow(
                () ->
                    unknown(
                        "species",
                        names.get(0),
                        CareLibrary.bundled().all().stream().map(CareSheet::id).toList()));
    Stage stage =
        sheet
            .stage(names.get(1))
            .orElseThrow(
                () ->
                    unknown(
                        "stage of " + sheet.id(),
                        names.get(1),
                        sheet.stages().stream().map(Stage::id).toList()));
    Set<String> signs = signs(names.get(2));
    int day = day(options.remove("day"));
    WaterFacts.Reading reading =
        new WaterFacts.Reading(
            number(options, "ammoniaMgPerL", 0, 100),
            number(options, "nitriteMgPerL", 0, 100),
            number(options, "tempC", -1.8, 40),
            number(options, "pH", 4, 11));
    if (!options.isEmpty()) {
      throw new NotUnderstood(
          "triage knows day, ammoniaMgPerL, nitriteMgPerL, tempC and pH, not "
              + String.join(", ", options.keySet()));
    }
    return new Observed(sheet, stage, signs, day, WaterFacts.of(stage, reading));
  }

  private static Set<String> signs(String typed) {
    Set<String> signs = new LinkedHashSet<>(List.of(typed.split(",", -1)));
    for (String id : signs) {
      if (HealthTables.bundled().sign(id).isEmpty()) {
        throw unknown("sign", id, HealthTables.bundled().signs().stream().map(Sign::id).toList());
      }
    }
    return signs;
  }

  private static NotUnderstood unknown(String what, String typed, Collection<String> known) {
    List<String> nearest =
        known.stream()
            .sorted(
                Comparator.comparingInt(
                    id -> LevenshteinDistance.getDefaultInstance().apply(typed, id)))
            .limit(NEAREST)
            .toList();
    return new NotUnderstood(
        "there is no %s \"%s\"; nearest are: %s"
            .formatted(what, typed, String.join(", ", nearest)));
  }

  private static int day(String typed) {
    if (typed == null) {
      return 1;
    }
    if (!typed.matches("\\d{1,4}")
        || Integer.parseInt(typed) < 1
        || Integer.parseInt(typed) > MAX_DAYS) {
      throw new NotUnderstood(
          "day must be a whole number from 1 to %d but was %s".formatted(MAX_DAYS, typed));
    }
    return Integer.parseInt(typed);
  }

  private static OptionalDouble number(
      Map<String, String> options, String key, double min, double max) {
    String typed = options.remove(key);
    if (typed == null) {
      return OptionalDouble.empty();
    }
    if (typed.matches("[+-]?(\\d+\\.?\\d*|\\.\\d+)([eE][+-]?\\d+)?")) {
      double value = Double.parseDouble(typed);
      if (value >= min && value <= max) {
        return OptionalDouble.of(value);
      }
    }
    throw new NotUnderstood(
        "%s must be a number from %s to %s but was %s".formatted(key, min, max, typed));
  }
}

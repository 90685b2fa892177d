package app.islet.core.care;

import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** A care sheet in sentences: every number it holds, each with what it rests on. */
public final class Statements {
  /** What the statement of how a stage is recognised is about. */
  public static final String HOW_TO_TELL = "How to tell";

  private Statements() {}

  /** What holds for the species whatever its stage. */
  public static List<Statement> of(CareSheet sheet) {
    StatementWriter s = new StatementWriter();
    s.say(
        "Lifespan",
        sheet.lifespan().basis(),
        "{} years",
        Phrase.range(sheet.lifespan().years(), Dimension.COUNT));
    Body body = sheet.body();
    s.say(
        "Grown",
        body.basis(),
        "about {} {}, about {}",
        Quantity.cm(body.adultLengthCm()),
        sheet.group().measure(),
        Quantity.grams(body.massG(body.adultLengthCm())));
    s.say(
        "Body",
        body.basis(),
        "{} of its length wide, {} high{}; swallows what is {} of its length wide",
        StatementWriter.share(body.widthShare()),
        StatementWriter.share(body.heightShare()),
        body.headShare() > 0
            ? Phrase.of(", a head of {}", StatementWriter.share(body.headShare()))
            : Phrase.of(""),
        StatementWriter.share(body.mouthShare()));
    s.say(
        "Growth",
        sheet.growth().basis(),
        "nears {}, closing {} of what is missing in a year; animals differ by a factor of two",
        Quantity.cm(sheet.growth().asymptoteCm()),
        StatementWriter.share(1 - Math.exp(-sheet.growth().perYear())));
    addBreeding(sheet.breeding(), s);
    s.say("Handling", sheet.people().basis(), "{}", sheet.people().handling());
    if (!sheet.people().hazards().isEmpty()) {
      s.say(
          "Mind",
          sheet.people().basis(),
          "{}",
          sheet.people().hazards().stream()
              .sorted()
              .map(Hazard::words)
              .collect(Collectors.joining(", ")));
    }
    for (LawNote note : sheet.law()) {
      s.say(note.kind().word(), note.basis(), "{}", note.text());
    }
    return s.all();
  }

  private static void addBreeding(Breeding breeding, StatementWriter s) {
    for (Breeding.SexSign sign : breeding.sexes()) {
      s.say(
          sign.sex() == Breeding.Sex.MALE ? "Male" : "Female",
          sign.basis(),
          "{}; from {}, {}",
          sign.sign(),
          Quantity.cm(sign.fromCm()),
          sign.surety().words());
    }
    breeding
        .laying()
        .ifPresent(
            laying ->
                s.say(
                    "Laying",
                    laying.basis(),
                    "{}, {}: {}",
                    laying.what(),
                    laying.words(),
                    laying.where()));
    breeding
        .carrying()
        .ifPresent(
            carrying ->
                s.say(
                    "Carries eggs",
                    carrying.basis(),
                    "{} days. {}",
                    Phrase.range(carrying.days(), Dimension.COUNT),
                    carrying.note()));
  }

  /** What holds for one stage. */
  public static List<Statement> of(Stage stage) {
    return StageStatements.of(stage);
  }

  /**
   * What one school says otherwise than another, stage by stage.
   *
   * @return its own statements, the name of the stage before what they are about
   */
  public static List<Statement> otherwise(CareSheet usual, CareSheet other) {
    List<Statement> differing = new ArrayList<>();
    for (Stage stage : other.stages()) {
      List<Statement> before = usual.stage(stage.id()).map(Statements::of).orElse(List.of());
      of(stage).stream()
          .filter(statement -> !before.contains(statement))
          .forEach(
              statement ->
                  differing.add(
                      new Statement(
                          stage.name() + ", " + lower(statement.about()),
                          statement.text(),
                          statement.basis())));
    }
    return differing;
  }

  private static String lower(String about) {
    return about.startsWith("UVB") || about.startsWith("pH")
        ? about
        : about.toLowerCase(Locale.ROOT);
  }
}

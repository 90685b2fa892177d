package app.islet.core.document;

import app.islet.core.animal.Heads;
import app.islet.core.animal.Keeping;
import app.islet.core.animal.Resident;
import app.islet.core.animal.Resting;
import app.islet.core.animal.Size;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.care.FoodItem;
import app.islet.core.care.Stage;
import app.islet.core.text.Fields;
import app.islet.core.text.Node;
import app.islet.core.text.Problem;
import app.islet.core.text.UnreadableException;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * Reads an enclosure document. Whatever is not as docs/format.md says is refused with its place.
 */
public final class DocumentReader {
  private static final int MAX_CHARACTERS = 1_000_000;
  private static final int MAX_RESIDENTS = 200;

  private final CareLibrary library;

  public DocumentReader(CareLibrary library) {
    this.library = library;
  }

  /**
   * @throws app.islet.core.text.UnreadableException with every problem, its line and field
   */
  public EnclosureDocument read(String fileName, String json) {
    if (json.length() > MAX_CHARACTERS) {
      throw new UnreadableException(
          fileName,
          List.of(
              new Problem(
                  "",
                  1,
                  "the file is longer than %d characters, more than any design has"
                      .formatted(MAX_CHARACTERS))));
    }
    return Fields.of(fileName, Node.json(fileName, json)).whole(this::document);
  }

  private EnclosureDocument document(Fields f) {
    String kind = f.text("islet", 40);
    double version = f.number("version", 0, 1e6, "");
    if (!kind.equals("enclosure")) {
      f.problem(
          "islet", "this says \"%s\"; an enclosure document says \"enclosure\"".formatted(kind));
    }
    if (version != EnclosureDocument.VERSION) {
      f.problem(
          "version",
          "version %s is not known here; this Islet reads version %d"
              .formatted(
                  BigDecimal.valueOf(version).stripTrailingZeros().toPlainString(),
                  EnclosureDocument.VERSION));
      f.refuseIfProblems();
    }
    return new EnclosureDocument(
        EnclosureFormat.read(f), f.groups("residents", MAX_RESIDENTS, this::resident));
  }

  private static Optional<FoodItem> food(Fields f, String id) {
    Optional<FoodItem> food = FoodItem.find(id);
    if (food.isEmpty()) {
      f.problem(
          "alsoFed",
          "there is no food \"%s\"; there are: %s"
              .formatted(
                  id,
                  FoodItem.all().stream()
                      .map(FoodItem::id)
                      .sorted()
                      .collect(Collectors.joining(", "))));
    }
    return food;
  }

  private Resident resident(Fields f) {
    String species = f.text("species", 60);
    Optional<CareSheet> sheet = library.find(species);
    if (sheet.isEmpty()) {
      f.problem(
          "species",
          "there is no care sheet \"%s\"; there are: %s"
              .formatted(
                  species, String.join(", ", library.all().stream().map(CareSheet::id).toList())));
    }
    Optional<String> stage = f.optionalText("stage", 40);
    if (sheet.isPresent() && stage.isPresent() && sheet.get().stage(stage.get()).isEmpty()) {
      f.problem(
          "stage",
          "\"%s\" is not a stage of %s; its stages are: %s"
              .formatted(
                  stage.get(),
                  species,
                  String.join(", ", sheet.get().stages().stream().map(Stage::id).toList())));
    }
    String name = f.optionalText("name", 60).orElse(sheet.map(CareSheet::name).orElse(species));
    int count = f.whole("count", 1, 1000, "animals", 1);
    int males = f.whole("males", 0, 1000, "animals", 0);
    int females = f.whole("females", 0, 1000, "animals", 0);
    var length = f.optionalNumber("lengthCm", Size.LENGTH);
    var smallest = f.optionalNumber("smallestCm", Size.LENGTH);
    var mass = f.optionalNumber("massG", Size.MASS);
    Optional<String> school = f.optionalText("school", 60);
    if (sheet.isPresent()
        && school.isPresent()
        && !sheet.get().schoolNames().contains(school.get())) {
      f.problem(
          "school",
          "\"%s\" is not a school of %s; its schools are: %s"
              .formatted(school.get(), species, String.join(", ", sheet.get().schoolNames())));
    }
    Optional<LocalDate> arrivedOn = f.optionalDate("arrivedOn");
    Optional<Resting> rest = f.optionalGroup("rest", DocumentReader::rest);
    List<FoodItem> alsoFed =
        f.texts("alsoFed", 40).stream().flatMap(id -> food(f, id).stream()).toList();
    double ration =
        f.optionalNumber("rationPercent", 100 * Keeping.MIN_RATION, 100 * Keeping.MAX_RATION, "%")
                .orElse(100)
            / 100;
    if (sheet.isEmpty()) {
      throw new IllegalArgumentException("no care sheet");
    }
    return new Resident(
        name,
        sheet.get(),
        new Heads(count, males, females),
        Size.of(length, mass).downTo(smallest),
        new Keeping(stage, school, arrivedOn, alsoFed, ration, Optional.empty())
            .resting(rest, false));
  }

  private static Resting rest(Fields f) {
    LocalDate from =
        f.optionalDate("from")
            .orElseThrow(() -> new IllegalArgumentException("a rest begins on a day: \"from\""));
    Optional<LocalDate> until = f.optionalDate("until");
    if (until.filter(day -> day.isBefore(from)).isPresent()) {
      f.problem("until", "the rest ends on %s, before it begins".formatted(until.get()));
    }
    return new Resting(from, until.filter(day -> !day.isBefore(from)));
  }
}

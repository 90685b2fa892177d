package app.islet.core.animal;

import app.islet.core.care.CareSheet;
import app.islet.core.care.FoodItem;
import app.islet.core.care.Stage;
import app.islet.core.quantity.Range;
import app.islet.core.text.English;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * One animal, or several of one species and size.
 *
 * @param name what the keeper calls it or them
 * @param species its care sheet, with all schools
 * @param males of {@code count}, as far as known
 * @param females of {@code count}, as far as known
 * @param lengthCm length last measured, along what {@link
 *     app.islet.core.care.AnimalGroup#measure()} says
 * @param massG mass last weighed, each
 * @param statedStage the stage the keeper names; where none is, the length decides
 * @param school the school they are kept by; the species' default where there is none
 * @param arrivedOn the day they came into this enclosure, where known
 * @param alsoFed what they get besides the foods of their sheet
 * @param smallestCm length of the smallest of them, where they differ and somebody measured
 */
public record Resident(
    String name,
    CareSheet species,
    int count,
    int males,
    int females,
    OptionalDouble lengthCm,
    OptionalDouble massG,
    Optional<String> statedStage,
    Optional<String> school,
    Optional<LocalDate> arrivedOn,
    List<FoodItem> alsoFed,
    OptionalDouble smallestCm) {
  private static final double DAYS_A_MONTH = 30.44;

  /** A tadpole's length is mostly tail: what it weighs beside a frog as long; from memory. */
  private static final double TADPOLE_SHARE = 0.1;

  /** How long a form lasts at most where its sheet does not say; from memory. */
  private static final double FORM_MONTHS = 6;

  public Resident {
    alsoFed = List.copyOf(alsoFed);
    if (smallestCm.isPresent()
        && lengthCm.isPresent()
        && smallestCm.getAsDouble() > lengthCm.getAsDouble()) {
      throw new IllegalArgumentException(
          "the smallest of them cannot be longer than the length of them");
    }
    if (count < 1 || males < 0 || females < 0 || males + females > count) {
      throw new IllegalArgumentException(
          "males and females together cannot be more than the %d there are".formatted(count));
    }
  }

  /** Kept as the default school of the species keeps it, fed by its sheet and long at home. */
  public Resident(
      String name,
      CareSheet species,
      int count,
      int males,
      int females,
      OptionalDouble lengthCm,
      OptionalDouble massG,
      Optional<String> statedStage) {
    this(
        name,
        species,
        count,
        males,
        females,
        lengthCm,
        massG,
        statedStage,
        Optional.empty(),
        Optional.empty(),
        List.of(),
        OptionalDouble.empty());
  }

  /** The same animals, all of one size. */
  public Resident(
      String name,
      CareSheet species,
      int count,
      int males,
      int females,
      OptionalDouble lengthCm,
      OptionalDouble massG,
      Optional<String> statedStage,
      Optional<String> school,
      Optional<LocalDate> arrivedOn,
      List<FoodItem> alsoFed) {
    this(
        name,
        species,
        count,
        males,
        females,
        lengthCm,
        massG,
        statedStage,
        school,
        arrivedOn,
        alsoFed,
        OptionalDouble.empty());
  }

  /** The care sheet that holds for these animals: that of the school they are kept by. */
  public CareSheet sheet() {
    return school.map(species::as).orElse(species);
  }

  /** The same animals kept by another school. */
  public Resident by(String schoolName) {
    return by(Optional.of(schoolName));
  }

  /** The same animals kept by the school, or by the default one. */
  public Resident by(Optional<String> schoolName) {
    return with(lengthCm, massG, statedStage, schoolName, arrivedOn, alsoFed);
  }

  /** The same animals, come into this enclosure that day. */
  public Resident arrived(LocalDate day) {
    return with(lengthCm, massG, statedStage, school, Optional.of(day), alsoFed);
  }

  /** The same animals, given these foods besides those of their sheet. */
  public Resident alsoFed(List<FoodItem> foods) {
    return with(lengthCm, massG, statedStage, school, arrivedOn, foods);
  }

  private Resident with(
      OptionalDouble length,
      OptionalDouble mass,
      Optional<String> stage,
      Optional<String> schoolName,
      Optional<LocalDate> arrival,
      List<FoodItem> foods) {
    return new Resident(
        name,
        species,
        count,
        males,
        females,
        length,
        mass,
        stage,
        schoolName,
        arrival,
        foods,
        smallestCm);
  }

  /** So many of the same animals, their sexes no longer known. */
  public Resident ofCount(int heads) {
    return asOneOf(name, heads, 0, 0, alsoFed);
  }

  /** The same body, of so many animals. */
  Resident asOneOf(String names, int heads, int male, int female, List<FoodItem> foods) {
    return new Resident(
        names,
        species,
        heads,
        male,
        female,
        lengthCm,
        massG,
        statedStage,
        school,
        arrivedOn,
        foods);
  }

  /** The same animals, of which the smallest is so long. */
  public Resident downTo(OptionalDouble cm) {
    return new Resident(
        name,
        species,
        count,
        males,
        females,
        lengthCm,
        massG,
        statedStage,
        school,
        arrivedOn,
        alsoFed,
        cm);
  }

  /** These animals by their sizes: the smallest by itself, where they differ. */
  public List<Resident> bySize() {
    if (smallestCm.isEmpty() || count < 2) {
      return List.of(this);
    }
    int rest = count - 1;
    int restMales = Math.min(males, rest);
    int restFemales = Math.min(females, rest - restMales);
    Resident others = downTo(OptionalDouble.empty());
    return List.of(
        others.asOneOf(name, rest, restMales, restFemales, alsoFed),
        others
            .with(smallestCm, OptionalDouble.empty(), statedStage, school, arrivedOn, alsoFed)
            .asOneOf(name, 1, males - restMales, females - restFemales, alsoFed));
  }

  /** The life stage: as stated, else by measured length, else the last. */
  public Stage stage() {
    return statedStage
        .flatMap(sheet()::stage)
        .orElseGet(
            () -> lengthCm.isPresent() ? sheet().stageAt(lengthCm.getAsDouble()) : sheet().grown());
  }

  /**
   * The same animals, measured again since their stage was named: growing moves a stage on, never
   * back, and not over a change of form, which is seen and not measured.
   */
  public Resident measuredSince() {
    Stage stage = stage();
    boolean outgrown =
        lengthCm.isPresent()
            && !stage.endsInChange()
            && !stage.phase()
            && sheet().stageAt(lengthCm.getAsDouble()).fromLengthCm() > stage.fromLengthCm();
    return outgrown && statedStage.isPresent()
        ? with(lengthCm, massG, Optional.empty(), school, arrivedOn, alsoFed)
        : this;
  }

  /** Measured length, or what is usual for the stage, cm. */
  public double bodyCm() {
    return lengthCm.orElseGet(() -> sheet().typicalLengthCm(stage()));
  }

  /** Weighed mass, or the estimate from length, g. */
  public double bodyG() {
    double share = stage().id().equals("tadpole") ? TADPOLE_SHARE : 1;
    return massG.orElseGet(() -> share * sheet().body().massG(bodyCm()));
  }

  /** The same animals, grown as expected for {@code days}. */
  public Resident after(double days) {
    boolean egg = stage().hatch().isPresent();
    double later = egg ? bodyCm() : sheet().growth().lengthCm(bodyCm(), days);
    double growth = later / bodyCm();
    OptionalDouble mass =
        massG.isPresent()
            ? OptionalDouble.of(massG.getAsDouble() * growth * growth * growth)
            : massG;
    return changesWithin(days)
        .map(next -> changedInto(next, days))
        .orElseGet(
            () ->
                downTo(OptionalDouble.empty())
                    .with(OptionalDouble.of(later), mass, statedStage, school, arrivedOn, alsoFed)
                    .downTo(grown(smallestCm, days))
                    .measuredSince());
  }

  private OptionalDouble grown(OptionalDouble cm, double days) {
    return cm.isPresent()
        ? OptionalDouble.of(sheet().growth().lengthCm(cm.getAsDouble(), days))
        : cm;
  }

  /** What it changes into within that time, if its form ends by then at the latest. */
  private Optional<Stage> changesWithin(double days) {
    Stage stage = stage();
    return stage.endsInChange() && days > formDays(stage) ? sheet().next(stage) : Optional.empty();
  }

  private static double formDays(Stage stage) {
    if (stage.hatch().isPresent()) {
      return stage.hatch().get().days().max();
    }
    return DAYS_A_MONTH * stage.recognised().ageMonths().map(Range::max).orElse(FORM_MONTHS);
  }

  /** Of another form, and as long as is usual for it: what was measured says nothing of it. */
  private Resident changedInto(Stage next, double days) {
    double left = days - formDays(stage());
    return downTo(OptionalDouble.empty())
        .with(
            OptionalDouble.of(sheet().typicalLengthCm(next)),
            OptionalDouble.empty(),
            Optional.of(next.id()),
            school,
            arrivedOn,
            alsoFed)
        .after(left);
  }

  /** Width of the body at its widest, cm. */
  public double widthCm() {
    return bodyCm() * sheet().body().widthShare();
  }

  /** Width of the head, cm; 0 where none gets stuck by it. */
  public double headCm() {
    return bodyCm() * sheet().body().headShare();
  }

  /** Height of the body, cm. */
  public double heightCm() {
    return bodyCm() * sheet().body().heightShare();
  }

  /** Whether the other fits its mouth, by the widest prey it swallows against the other's width. */
  public boolean swallows(Resident other) {
    return bodyCm() * sheet().body().mouthShare()
        >= other.bodyCm() * Math.min(1, other.sheet().body().widthShare());
  }

  /** As in {@code 2 axolotls (adult)}. */
  public String words() {
    String animals = count == 1 ? sheet().name() : sheet().plural();
    // Not through a formatter: a review says it some hundred times.
    return count
        + " "
        + English.name(animals)
        + " ("
        + stage().name().toLowerCase(Locale.ROOT)
        + ")";
  }
}

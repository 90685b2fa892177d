package app.islet.core.animal;

import app.islet.core.care.CareSheet;
import app.islet.core.care.Food;
import app.islet.core.care.FoodItem;
import app.islet.core.care.Growth;
import app.islet.core.care.OwnMenu;
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
 */
public record Resident(String name, CareSheet species, Heads heads, Size size, Keeping keeping) {
  private static final double DAYS_A_MONTH = 30.44;

  /** A tadpole's length is mostly tail: what it weighs beside a frog as long; from memory. */
  private static final double TADPOLE_SHARE = 0.1;

  /** How long a form lasts at most where its sheet does not say; from memory. */
  private static final double FORM_MONTHS = 6;

  /** One of a kind, of which nothing more is known. */
  public static Resident one(CareSheet species) {
    return described(species, Heads.of(1), Size.UNKNOWN, Optional.empty());
  }

  /**
   * Animals that stand on no books, as somebody describes them: kept by the usual school, fed by
   * their sheet and long at home. Those on the books are put together by {@link AnimalToday}.
   */
  public static Resident described(
      CareSheet species, Heads heads, Size size, Optional<String> stage) {
    return new Resident(
        heads.count() == 1 ? species.name() : species.plural(),
        species,
        heads,
        size,
        Keeping.USUAL.at(stage));
  }

  /** The same animals under that name. */
  public Resident named(String newName) {
    return new Resident(newName, species, heads, size, keeping);
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
        new Heads(count, males, females),
        Size.of(lengthCm, massG),
        Keeping.USUAL.at(statedStage));
  }

  public int count() {
    return heads.count();
  }

  public int males() {
    return heads.males();
  }

  public int females() {
    return heads.females();
  }

  public OptionalDouble lengthCm() {
    return size.lengthCm();
  }

  public OptionalDouble massG() {
    return size.massG();
  }

  public OptionalDouble smallestCm() {
    return size.smallestCm();
  }

  public Optional<String> statedStage() {
    return keeping.statedStage();
  }

  public Optional<String> school() {
    return keeping.school();
  }

  public Optional<LocalDate> arrivedOn() {
    return keeping.arrivedOn();
  }

  public List<FoodItem> alsoFed() {
    return keeping.alsoFed();
  }

  /** What they are fed at their stage, in portions of their own ration. */
  public List<Food> foods() {
    if (isResting()) {
      return List.of();
    }
    List<Food> foods = ownMenu().map(OwnMenu::foods).orElseGet(this::sheetFoods);
    return keeping.ration() == 1
        ? foods
        : foods.stream().map(food -> food.times(keeping.ration())).toList();
  }

  private List<Food> sheetFoods() {
    Stage stage = stage();
    double end =
        sheet().next(stage).map(Stage::fromLengthCm).orElse(sheet().growth().asymptoteCm());
    return stage.foods().stream()
        .flatMap(food -> food.at(bodyCm(), stage.fromLengthCm(), end).stream())
        .toList();
  }

  /** What the keeper feeds them instead of what their sheet says, while they are in this stage. */
  public Optional<OwnMenu> ownMenu() {
    return keeping.menu().filter(own -> own.stage().equals(stage().id()) && !own.foods().isEmpty());
  }

  /** The same animals, fed so. */
  public Resident fed(OwnMenu own) {
    return with(keeping.menu(own));
  }

  /** How they grow: by their own measurements where these tell, else by their sheet. */
  public Growth growth() {
    return size.growth().orElseGet(sheet()::growth);
  }

  /** The care sheet that holds for these animals: that of the school they are kept by. */
  public CareSheet sheet() {
    return school().map(species::as).orElse(species);
  }

  /** The same animals kept by another school. */
  public Resident by(String schoolName) {
    return by(Optional.of(schoolName));
  }

  /** The same animals kept by the school, or by the default one. */
  public Resident by(Optional<String> schoolName) {
    return with(keeping.by(schoolName));
  }

  /** The same animals, come into this enclosure that day. */
  public Resident arrived(LocalDate day) {
    return with(keeping.arrived(day));
  }

  /** The same animals, given these foods besides those of their sheet. */
  public Resident alsoFed(List<FoodItem> foods) {
    return with(keeping.alsoFed(foods));
  }

  /** The same animals, given so much of the sheet's portions. */
  public Resident ration(double share) {
    return with(keeping.ration(share));
  }

  /**
   * The same animals in a stage of their sheet, seen today, and as long as is usual if unmeasured.
   */
  public Resident seenAs(Stage next) {
    boolean otherForm = stage().endsInChange() || stage().hatch().isPresent();
    Size then =
        otherForm
            ? Size.of(OptionalDouble.of(sheet().typicalLengthCm(next)), OptionalDouble.empty())
            : size;
    return with(then).with(keeping.at(Optional.of(next.id())));
  }

  private Resident with(Keeping newKeeping) {
    return new Resident(name, species, heads, size, newKeeping);
  }

  /** The same animals, named to be in a stage of their sheet. */
  Resident at(Stage stage) {
    return with(keeping.at(Optional.of(stage.id())));
  }

  Resident with(Size newSize) {
    return new Resident(name, species, heads, newSize, keeping);
  }

  /** So many of the same animals, their sexes no longer known. */
  public Resident ofCount(int count) {
    return asOneOf(name, Heads.of(count), alsoFed());
  }

  /** The same body, of so many animals. */
  Resident asOneOf(String names, Heads all, List<FoodItem> foods) {
    return new Resident(
        names, species, all, size.downTo(OptionalDouble.empty()), keeping.alsoFed(foods));
  }

  /** The same animals, of which the smallest is so long. */
  public Resident downTo(OptionalDouble cm) {
    return with(size.downTo(cm));
  }

  /** These animals by their sizes: the smallest by itself, where they differ. */
  public List<Resident> bySize() {
    if (smallestCm().isEmpty() || count() < 2) {
      return List.of(this);
    }
    int rest = count() - 1;
    int restMales = Math.min(males(), rest);
    int restFemales = Math.min(females(), rest - restMales);
    Size smallest =
        new Size(
            smallestCm(),
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            size.daysOld(),
            size.growth());
    return List.of(
        asOneOf(name, new Heads(rest, restMales, restFemales), alsoFed()),
        with(smallest)
            .asOneOf(name, new Heads(1, males() - restMales, females() - restFemales), alsoFed()));
  }

  /** The life stage: as stated, else by measured length, else the last; at rest while it rests. */
  public Stage stage() {
    return isResting() ? awakeStage().atRest() : awakeStage();
  }

  /** Whether it rests through winter or drought today. */
  public boolean isResting() {
    return keeping.resting();
  }

  /** The same animals, whose health asks for that. */
  public Resident noted(List<HealthNote> notes) {
    return with(keeping.noted(notes));
  }

  /** The same animals, at rest from a day on. */
  public Resident resting(Resting rest) {
    return with(keeping.resting(Optional.of(rest), keeping.resting()));
  }

  /**
   * The same animals on a day: at rest while a keeper said so, or while the cold makes them.
   *
   * @param cold whether the water or air under the sky lies below what they digest at
   */
  public Resident on(LocalDate day, boolean cold) {
    boolean rests = cold || keeping.rest().filter(rest -> rest.holdsOn(day)).isPresent();
    boolean can = awakeStage().needs().rest().isPresent();
    return (rests && can) == keeping.resting()
        ? this
        : with(keeping.resting(keeping.rest(), rests && can));
  }

  /** The life stage as if it were awake. */
  public Stage awakeStage() {
    return statedStage()
        .flatMap(sheet()::stage)
        .orElseGet(
            () ->
                lengthCm().isPresent()
                    ? sheet().stageAt(lengthCm().getAsDouble())
                    : sheet().grown());
  }

  /**
   * The same animals, measured again since their stage was named: growing moves a stage on, never
   * back, and not over a change of form, which is seen and not measured.
   */
  public Resident measuredSince() {
    Stage stage = stage();
    boolean outgrown =
        lengthCm().isPresent()
            && !stage.endsInChange()
            && !stage.phase()
            && sheet().stageAt(lengthCm().getAsDouble()).fromLengthCm() > stage.fromLengthCm();
    return outgrown && statedStage().isPresent() ? with(keeping.at(Optional.empty())) : this;
  }

  /** Measured length, or what is usual for the stage, cm. */
  public double bodyCm() {
    return lengthCm().orElseGet(() -> sheet().typicalLengthCm(stage()));
  }

  /** Weighed mass, or the estimate from length, g. */
  public double bodyG() {
    double share = stage().id().equals("tadpole") ? TADPOLE_SHARE : 1;
    return massG().orElseGet(() -> share * sheet().body().massG(bodyCm()));
  }

  /**
   * The same animals in {@code days}, grown as expected since they were measured: by their own
   * curve where there is one.
   */
  public Resident after(double days) {
    double growing = days + size.daysOld();
    boolean egg = stage().hatch().isPresent();
    double later = egg ? bodyCm() : growth().lengthCm(bodyCm(), growing);
    double cubed = Math.pow(later / bodyCm(), 3);
    OptionalDouble mass =
        massG().isPresent() ? OptionalDouble.of(massG().getAsDouble() * cubed) : massG();
    Size grown = size.now(OptionalDouble.of(later), mass).downTo(grown(smallestCm(), growing));
    return changesWithin(days)
        .map(next -> changedInto(next, days))
        .orElseGet(() -> with(grown).measuredSince());
  }

  /** Days from today until they are so long, by their growth; nothing where it ends before. */
  public OptionalDouble daysUntil(double cm) {
    OptionalDouble days = growth().daysUntil(bodyCm(), cm);
    return days.isEmpty()
        ? days
        : OptionalDouble.of(Math.max(0, days.getAsDouble() - size.daysOld()));
  }

  private OptionalDouble grown(OptionalDouble cm, double days) {
    return cm.isPresent() ? OptionalDouble.of(growth().lengthCm(cm.getAsDouble(), days)) : cm;
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
    Size typical =
        Size.of(OptionalDouble.of(sheet().typicalLengthCm(next)), OptionalDouble.empty());
    return with(typical).with(keeping.at(Optional.of(next.id()))).after(left);
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
    return gapes(1, other);
  }

  /** Whether its mouth opens so many times as wide as the other is. */
  public boolean gapes(double times, Resident other) {
    return bodyCm() * sheet().body().mouthShare()
        >= times * other.bodyCm() * Math.min(1, other.sheet().body().widthShare());
  }

  /** As in {@code 2 axolotls (adult)}. */
  public String words() {
    String animals = count() == 1 ? sheet().name() : sheet().plural();
    // Not through a formatter: a review says it some hundred times.
    return count()
        + " "
        + English.name(animals)
        + " ("
        + stage().name().toLowerCase(Locale.ROOT)
        + ")";
  }
}

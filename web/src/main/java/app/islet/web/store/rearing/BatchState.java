package app.islet.web.store.rearing;

import app.islet.core.animal.RaisedStage;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Needs;
import app.islet.core.care.Stage;
import app.islet.core.livestock.Balance;
import app.islet.core.livestock.Expected;
import app.islet.core.livestock.Ledger;
import app.islet.core.livestock.Movement;
import app.islet.core.quantity.DayWindow;
import app.islet.core.quantity.Phrase;
import app.islet.core.rearing.DangerWindow;
import app.islet.core.rearing.Housing;
import app.islet.core.rearing.Losses;
import app.islet.core.rearing.Milestone;
import app.islet.core.rearing.Outlook;
import app.islet.core.rearing.RearingGuide;
import app.islet.core.rearing.RoundPace;
import app.islet.core.rearing.Sizes;
import app.islet.core.rearing.Timeline;
import app.islet.core.rearing.Tub;
import app.islet.core.rearing.TubBundle;
import app.islet.core.rearing.YoungFood;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.Books.Departure;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A batch as it stands today, put together from its book, its tubs and their logs.
 *
 * @param timeline empty while they are eggs
 * @param books of the batch and those singled out of it
 */
public record BatchState(
    Batch batch,
    Kind kind,
    Optional<Timeline> timeline,
    List<TubNow> tubs,
    Books books,
    LocalDate today) {
  /** Who they are and how they are raised. */
  public record Kind(Animal animal, CareSheet sheet, RearingGuide guide, Housing housing) {}

  /**
   * @param movements of all of them, in order of days
   */
  public record Books(Ledger ledger, List<Movement> movements, Losses losses) {}

  /**
   * A tub today.
   *
   * @param eggs whether it holds eggs
   * @param left by what some left it last today, which can be undone
   * @param seen whether somebody entered its stage; else it is a forecast
   */
  public record TubNow(
      TubRecord record,
      Tub tub,
      TubBundle bundle,
      TubLog log,
      boolean eggs,
      Optional<Departure> left,
      boolean seen) {
    public int animals() {
      return tub.animals();
    }

    /** The stage to look for next: the forecast itself, before anybody has seen it. */
    public Optional<Milestone> toSee(RearingGuide guide) {
      boolean expected = !seen && !tub.milestone().equals(guide.first());
      return expected ? Optional.of(tub.milestone()) : guide.next(tub.milestone());
    }
  }

  public BatchState {
    tubs = List.copyOf(tubs);
  }

  public Balance balance() {
    return books.ledger().balanceOfAll(kind.animal().key(), today);
  }

  /** Alive in its tubs. */
  public int left() {
    return tubs.stream().mapToInt(TubNow::animals).sum();
  }

  /** Tubs with animals in them. */
  public List<TubNow> inUse() {
    return tubs.stream().filter(tub -> tub.animals() > 0).toList();
  }

  /** Length of its longest tub: all are drawn to one scale. */
  public double longestTubCm() {
    return tubs.stream().mapToDouble(tub -> tub.record().size().lengthCm()).max().orElse(1);
  }

  /** The stage most of them are in. */
  public Milestone stage() {
    return timeline.map(t -> t.now(today).milestone()).orElse(kind.guide().first());
  }

  /** The same as a stage of their sheet; empty while they are eggs. */
  public Optional<RaisedStage> raised() {
    return timeline.flatMap(
        t -> {
          Timeline.Step step = t.now(today);
          return raised(step.milestone(), since(step), !t.isForecast());
        });
  }

  /** The same of those in one of its tubs; empty where it holds eggs, or is not its own. */
  public Optional<RaisedStage> raisedIn(String tubKey) {
    return tubs.stream()
        .filter(tub -> tub.tub().key().equals(tubKey) && !tub.eggs())
        .findFirst()
        .flatMap(
            tub -> {
              Milestone milestone = tub.tub().milestone();
              LocalDate seen = tub.log().stages().get(milestone.id());
              return seen != null
                  ? raised(milestone, seen, true)
                  : timeline.flatMap(t -> raised(milestone, since(t.step(milestone)), tub.seen()));
            });
  }

  /** When they are expected in a stage of their sheet; empty where their guide does not tell. */
  public Optional<DayWindow> expected(Stage stage) {
    return timeline.stream()
        .flatMap(t -> t.steps().stream())
        .filter(step -> step.milestone().stageOf(kind.sheet()).filter(stage::equals).isPresent())
        .findFirst()
        .map(Timeline.Step::expected);
  }

  private LocalDate since(Timeline.Step step) {
    LocalDate expected = step.expected().middle();
    return step.reached().orElse(expected.isAfter(today) ? today : expected);
  }

  private Optional<RaisedStage> raised(Milestone milestone, LocalDate since, boolean seen) {
    boolean last = milestone.equals(kind.guide().last());
    return milestone.stageOf(kind.sheet()).map(stage -> new RaisedStage(stage, since, seen, last));
  }

  /** What those in a tub are given at a meal; nothing while they are eggs. */
  public List<Phrase> meals(TubNow now) {
    double headCm = kind.sheet().body().headShare() * now.tub().milestone().lengthCm();
    return now.eggs()
        ? List.of()
        : now.tub().milestone().care().foods().stream()
            .filter(food -> food.kind().isGiven())
            .map(food -> food.meal(now.animals(), headCm))
            .toList();
  }

  /** Dangers that are on for any of them, or near for most; none while they are eggs. */
  public List<DangerWindow> dangers() {
    List<Milestone> present =
        inUse().stream()
            .filter(tub -> !tub.eggs())
            .map(tub -> tub.tub().milestone())
            .distinct()
            .toList();
    return timeline.map(t -> DangerWindow.of(t, present, today)).orElse(List.of());
  }

  /** The warmest water their stage tolerates, where theirs was measured to be warmer, °C. */
  public OptionalDouble tooWarm() {
    OptionalDouble now = batch.waterC();
    Optional<Needs.Temperature> water =
        stage().stageOf(kind.sheet()).map(Stage::needs).flatMap(Needs::water);
    return now.isPresent()
            && water.isPresent()
            && left() > 0
            && now.getAsDouble() > water.get().toleratedC().max()
        ? OptionalDouble.of(water.get().toleratedC().max())
        : OptionalDouble.empty();
  }

  /** When its eggs hatch; empty once they have, and where nobody knows. */
  public Optional<Expected> hatching() {
    LocalDate laid = batch.origin().laidOn();
    boolean eggs = tubs.stream().anyMatch(tub -> tub.eggs() && tub.animals() > 0);
    return laid == null || !eggs
        ? Optional.empty()
        : kind.sheet().stages().stream()
            .flatMap(stage -> stage.hatch().stream())
            .findFirst()
            .map(hatch -> Expected.hatching(hatch, laid, batch.waterC()));
  }

  /** How many are in a stage. */
  public int inStage(Milestone stage) {
    return inUse().stream()
        .filter(tub -> !tub.eggs() && tub.tub().milestone().equals(stage))
        .mapToInt(TubNow::animals)
        .sum();
  }

  /**
   * Minutes for what is left today: by the keeper's own pace where it is known, else by what such
   * jobs usually take.
   */
  public double minutesLeft() {
    OptionalDouble pace = minutesATub();
    long open = tubs.stream().filter(tub -> tub.bundle().left() > 0).count();
    return pace.isPresent()
        ? open * pace.getAsDouble()
        : tubs.stream().mapToDouble(tub -> tub.bundle().minutesLeft()).sum();
  }

  /** Minutes of a usual day. */
  public double minutesADay() {
    List<Tub> used = inUse().stream().filter(tub -> !tub.eggs()).map(TubNow::tub).toList();
    return Outlook.minutesADay(used, kind.housing(), minutesATub());
  }

  /** Newly hatched brine shrimp that all of them eat in a day. */
  public int naupliiADay() {
    return inUse().stream()
        .filter(tub -> !tub.eggs())
        .flatMapToInt(
            tub ->
                tub.tub().milestone().care().foods().stream()
                    .filter(food -> food.kind() == YoungFood.Kind.NAUPLII)
                    .mapToInt(food -> food.pieces(tub.animals()) * food.timesADay()))
        .sum();
  }

  /** Empty until enough tubs were ticked one by one. */
  public OptionalDouble minutesATub() {
    return RoundPace.minutesATub(
        tubs.stream().flatMap(tub -> tub.log().ticked().stream()).toList());
  }

  /** Of the smallest and the largest wherever they are; empty where nobody measured. */
  public Optional<Sizes> sizes() {
    return inUse().stream().flatMap(tub -> tub.tub().state().sizes().stream()).reduce(Sizes::with);
  }

  public int jobsLeft() {
    return tubs.stream().mapToInt(tub -> tub.bundle().left()).sum();
  }

  /** The tubs in the order of the walk. */
  public List<TubNow> walk() {
    return inUse().stream()
        .filter(tub -> !tub.eggs())
        .sorted(Comparator.comparing(TubNow::bundle, TubBundle.walk(kind.guide(), today)))
        .toList();
  }
}

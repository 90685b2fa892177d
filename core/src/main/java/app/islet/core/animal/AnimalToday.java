package app.islet.core.animal;

import app.islet.core.care.CareSheet;
import app.islet.core.care.Stage;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;

/**
 * What some animals are on a day, put together from all that is known of them. This is the one
 * place that decides in which stage they are; {@link StageBasis} has the order.
 *
 * @param formSince since when they have the form they have, where known: what was measured before
 *     says nothing of them
 * @param sizes of this form, the oldest first
 */
public record AnimalToday(
    Resident resident, StageBasis basis, Optional<LocalDate> formSince, List<Sizing> sizes) {
  private static final double DAYS_A_MONTH = 30.44;

  public AnimalToday {
    sizes = List.copyOf(sizes);
  }

  /**
   * @param day what was measured later does not count
   */
  public static AnimalToday of(AnimalFacts facts, LocalDate day) {
    Resident unmeasured =
        new Resident(facts.name(), facts.species(), facts.heads(), Size.UNKNOWN, facts.keeping());
    Optional<RaisedStage> raised =
        facts
            .life()
            .raised()
            .filter(r -> !facts.life().eggs() && !outgrown(r, unmeasured, facts, day));
    Optional<LocalDate> formSince =
        raised
            .filter(r -> isOtherForm(r.stage(), unmeasured.sheet()))
            .map(RaisedStage::since)
            .or(facts.life()::formSince);
    List<Sizing> sizes =
        facts.sizes().stream()
            .filter(s -> !s.day().isAfter(day))
            .filter(s -> formSince.map(since -> !s.day().isBefore(since)).orElse(true))
            .sorted(Comparator.comparing(Sizing::day))
            .toList();
    StageBasis basis = basis(facts, raised, unmeasured, sizes);
    Resident resident =
        measured(inStage(basis, unmeasured, raised, facts, day), sizes, formSince, day);
    boolean grows = basis == StageBasis.STATED || raised.isPresent();
    boolean since = sizes.stream().anyMatch(s -> s.day().isAfter(stageSince(facts, raised, day)));
    Resident now = grows && since ? resident.measuredSince() : resident;
    return new AnimalToday(fed(now, facts).on(day, false), basis, formSince, sizes);
  }

  /** A length measured after that day may show that they have grown out of the stage. */
  private static LocalDate stageSince(
      AnimalFacts facts, Optional<RaisedStage> raised, LocalDate day) {
    return raised.map(RaisedStage::since).or(facts.keeping()::arrivedOn).orElse(day);
  }

  private static StageBasis basis(
      AnimalFacts facts, Optional<RaisedStage> raised, Resident unmeasured, List<Sizing> sizes) {
    if (facts.life().eggs() && egg(unmeasured.sheet()).isPresent()) {
      return StageBasis.EGGS;
    }
    if (raised.isPresent()) {
      return raised.get().seen() ? StageBasis.BATCH_SEEN : StageBasis.BATCH_FORECAST;
    }
    if (unmeasured.statedStage().flatMap(unmeasured.sheet()::stage).isPresent()) {
      return StageBasis.STATED;
    }
    if (sizes.stream().anyMatch(s -> s.lengthCm().isPresent())) {
      return StageBasis.LENGTH;
    }
    return facts.life().hatchedOn().isPresent() ? StageBasis.AGE : StageBasis.USUAL;
  }

  private static Resident inStage(
      StageBasis basis,
      Resident r,
      Optional<RaisedStage> raised,
      AnimalFacts facts,
      LocalDate day) {
    return switch (basis) {
      case EGGS -> r.at(egg(r.sheet()).orElseThrow());
      case BATCH_SEEN, BATCH_FORECAST -> r.at(raised.orElseThrow().stage());
      case AGE -> r.at(stageAtAge(r, facts.life().hatchedOn().orElseThrow(), day));
      case STATED, LENGTH, USUAL -> r;
    };
  }

  private static Optional<Stage> egg(CareSheet sheet) {
    return sheet.stages().stream().filter(stage -> stage.hatch().isPresent()).findFirst();
  }

  private static Stage stageAtAge(Resident r, LocalDate hatchedOn, LocalDate day) {
    long days = Math.max(0, ChronoUnit.DAYS.between(hatchedOn, day));
    return r.sheet().stageAtAge(days / DAYS_A_MONTH);
  }

  /** Whether by their age they have left the last stage that their batch tells of. */
  private static boolean outgrown(
      RaisedStage raised, Resident r, AnimalFacts facts, LocalDate day) {
    List<Stage> row = r.sheet().row();
    return raised.last()
        && !raised.stage().endsInChange()
        && facts
            .life()
            .hatchedOn()
            .map(hatched -> row.indexOf(stageAtAge(r, hatched, day)) > row.indexOf(raised.stage()))
            .orElse(false);
  }

  private static boolean isOtherForm(Stage stage, CareSheet sheet) {
    return sheet.row().stream()
        .takeWhile(s -> !s.id().equals(stage.id()))
        .anyMatch(Stage::endsInChange);
  }

  /** The same, as long as was measured, and grown since by what all lengths tell. */
  private static Resident measured(
      Resident r, List<Sizing> sizes, Optional<LocalDate> formSince, LocalDate day) {
    Size size =
        Size.of(newest(sizes, Sizing::lengthCm), newest(sizes, Sizing::massG))
            .downTo(smallest(sizes));
    Resident sized = r.with(size);
    List<Measure> lengths = lengths(sizes);
    if (lengths.isEmpty()) {
      return sized;
    }
    LocalDate last = lengths.get(lengths.size() - 1).day();
    return sized.with(
        size.measured(
            (int) ChronoUnit.DAYS.between(last, day),
            OwnGrowth.of(sized.sheet(), sized.stage(), lengths, formSince).map(OwnGrowth::growth)));
  }

  /** The same, as they are where they live. */
  public AnimalToday as(Resident there) {
    return new AnimalToday(there, basis, formSince, sizes);
  }

  /** The same, of whose health that is known. */
  public AnimalToday noted(List<HealthNote> notes) {
    return notes.isEmpty() ? this : as(resident.noted(notes));
  }

  private static Resident fed(Resident resident, AnimalFacts facts) {
    return facts.menus().stream()
        .filter(menu -> menu.stage().equals(resident.stage().id()))
        .findFirst()
        .map(resident::fed)
        .orElse(resident);
  }

  /** Lengths of the form they have now, the oldest first. */
  public List<Measure> lengths() {
    return lengths(sizes);
  }

  private static List<Measure> lengths(List<Sizing> sizes) {
    return sizes.stream()
        .filter(s -> s.lengthCm().isPresent())
        .map(s -> new Measure(s.day(), s.lengthCm().getAsDouble()))
        .toList();
  }

  /** Masses of the form they have now, the oldest first. */
  public List<Condition.Weighing> weighings() {
    return sizes.stream()
        .filter(s -> s.massG().isPresent())
        .map(s -> new Condition.Weighing(s.day(), s.massG().getAsDouble()))
        .toList();
  }

  /** How they grow by what was measured of the form they have; empty where that is too little. */
  public Optional<OwnGrowth> growth() {
    return OwnGrowth.of(resident.sheet(), resident.stage(), lengths(), formSince);
  }

  /** Whether they are thin or fat, by length and mass. */
  public Optional<Condition> condition() {
    return Condition.of(resident, lengths(), weighings());
  }

  /** Measured together with the length that counts; a later length of all speaks for all. */
  private static OptionalDouble smallest(List<Sizing> sizes) {
    return sizes.stream()
        .filter(s -> s.lengthCm().isPresent())
        .reduce((earlier, later) -> later)
        .map(Sizing::smallestCm)
        .orElse(OptionalDouble.empty());
  }

  private static OptionalDouble newest(List<Sizing> sizes, Function<Sizing, OptionalDouble> what) {
    return sizes.stream()
        .map(what)
        .filter(OptionalDouble::isPresent)
        .reduce((earlier, later) -> later)
        .map(Objects::requireNonNull)
        .orElse(OptionalDouble.empty());
  }
}

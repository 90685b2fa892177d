package app.islet.core.animal;

import app.islet.core.care.FoodItem;
import app.islet.core.care.OwnMenu;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * How some animals are kept.
 *
 * @param statedStage the stage the keeper names; where none is, the length decides
 * @param school the school they are kept by; the species' default where there is none
 * @param arrivedOn the day they came into this enclosure, where known
 * @param alsoFed what they get besides the foods of their sheet
 * @param wellbeing whether they rest, and what their health asks for
 * @param ration of the portions of their sheet, 1 as it says; less for one too fat, more for one
 *     too thin
 */
public record Keeping(
    Optional<String> statedStage,
    Optional<String> school,
    Optional<LocalDate> arrivedOn,
    List<FoodItem> alsoFed,
    double ration,
    Optional<OwnMenu> menu,
    Wellbeing wellbeing) {
  /** By their sheet, long at home, their stage by their length. */
  public static final Keeping USUAL =
      new Keeping(
          Optional.empty(), Optional.empty(), Optional.empty(), List.of(), 1, Optional.empty());

  /** Of which nobody said that they rest or are ill. */
  public Keeping(
      Optional<String> statedStage,
      Optional<String> school,
      Optional<LocalDate> arrivedOn,
      List<FoodItem> alsoFed,
      double ration,
      Optional<OwnMenu> menu) {
    this(statedStage, school, arrivedOn, alsoFed, ration, menu, Wellbeing.WELL);
  }

  /** Nobody feeds less than half of what a sheet says, or more than half again. */
  public static final double MIN_RATION = 0.5;

  public static final double MAX_RATION = 1.5;

  public Keeping {
    alsoFed = List.copyOf(alsoFed);
    if (!(ration >= MIN_RATION && ration <= MAX_RATION)) {
      throw new IllegalArgumentException(
          "a ration must be half to one and a half of the sheet's: %s".formatted(ration));
    }
  }

  public Keeping at(Optional<String> stage) {
    return new Keeping(stage, school, arrivedOn, alsoFed, ration, menu, wellbeing);
  }

  public Keeping by(Optional<String> schoolName) {
    return new Keeping(statedStage, schoolName, arrivedOn, alsoFed, ration, menu, wellbeing);
  }

  public Keeping arrived(LocalDate day) {
    return new Keeping(statedStage, school, Optional.of(day), alsoFed, ration, menu, wellbeing);
  }

  public Keeping alsoFed(List<FoodItem> foods) {
    return new Keeping(statedStage, school, arrivedOn, foods, ration, menu, wellbeing);
  }

  public Keeping ration(double share) {
    return new Keeping(statedStage, school, arrivedOn, alsoFed, share, menu, wellbeing);
  }

  public Keeping menu(OwnMenu own) {
    return new Keeping(
        statedStage, school, arrivedOn, alsoFed, ration, Optional.of(own), wellbeing);
  }

  public Keeping resting(Optional<Resting> planned, boolean today) {
    return being(new Wellbeing(planned, today, wellbeing.notes()));
  }

  public Keeping noted(List<HealthNote> notes) {
    return being(new Wellbeing(rest(), resting(), notes));
  }

  private Keeping being(Wellbeing now) {
    return new Keeping(statedStage, school, arrivedOn, alsoFed, ration, menu, now);
  }

  public Optional<Resting> rest() {
    return wellbeing.rest();
  }

  public boolean resting() {
    return wellbeing.resting();
  }
}

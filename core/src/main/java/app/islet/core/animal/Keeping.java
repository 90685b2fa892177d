package app.islet.core.animal;

import app.islet.core.care.FoodItem;
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
 */
public record Keeping(
    Optional<String> statedStage,
    Optional<String> school,
    Optional<LocalDate> arrivedOn,
    List<FoodItem> alsoFed) {
  /** By their sheet, long at home, their stage by their length. */
  public static final Keeping USUAL =
      new Keeping(Optional.empty(), Optional.empty(), Optional.empty(), List.of());

  public Keeping {
    alsoFed = List.copyOf(alsoFed);
  }

  public Keeping at(Optional<String> stage) {
    return new Keeping(stage, school, arrivedOn, alsoFed);
  }

  public Keeping by(Optional<String> schoolName) {
    return new Keeping(statedStage, schoolName, arrivedOn, alsoFed);
  }

  public Keeping arrived(LocalDate day) {
    return new Keeping(statedStage, school, Optional.of(day), alsoFed);
  }

  public Keeping alsoFed(List<FoodItem> foods) {
    return new Keeping(statedStage, school, arrivedOn, foods);
  }
}

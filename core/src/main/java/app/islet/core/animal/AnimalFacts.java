package app.islet.core.animal;

import app.islet.core.care.CareSheet;
import app.islet.core.care.OwnMenu;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * What the books tell of some animals of one kind.
 *
 * @param species its care sheet, with all schools
 * @param menus what they are fed in a stage instead of what their sheet says
 * @param sizes in any order, those of earlier forms among them
 */
public record AnimalFacts(
    String name,
    CareSheet species,
    Heads heads,
    Keeping keeping,
    Life life,
    List<OwnMenu> menus,
    List<Sizing> sizes) {
  /**
   * How far they have come.
   *
   * @param eggs whether all of them lie in their eggs
   * @param raised the stage of the batch or the tub they are raised in
   * @param hatchedOn or born, as far as known
   * @param formSince the day a keeper saw them change their form
   */
  public record Life(
      boolean eggs,
      Optional<RaisedStage> raised,
      Optional<LocalDate> hatchedOn,
      Optional<LocalDate> formSince) {}

  public AnimalFacts {
    menus = List.copyOf(menus);
    sizes = List.copyOf(sizes);
  }
}

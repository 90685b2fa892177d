package app.islet.web.store.animal;

import app.islet.core.care.OwnMenu;
import app.islet.core.document.MenuJson;
import app.islet.web.base.log.LogEntry;
import app.islet.web.base.log.Stamp;
import jakarta.persistence.Entity;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What an animal is fed in a stage instead of what its sheet says, as the store knows it. */
@Entity
public class MenuEntry extends LogEntry {
  private Long animalId;
  private String stage;
  private String foods;
  private String fasting;
  private LocalDate since;
  private String reason;

  /** For Hibernate only. */
  protected MenuEntry() {}

  MenuEntry(long animalId, OwnMenu menu, Stamp stamp) {
    super(stamp, null);
    this.animalId = animalId;
    this.stage = menu.stage();
    this.foods = MenuJson.write(menu.foods());
    this.fasting =
        menu.fasting().stream().sorted().map(DayOfWeek::name).collect(Collectors.joining(" "));
    this.since = menu.since();
    this.reason = menu.reason();
  }

  /** With no foods where the sheet holds again. */
  public OwnMenu menu() {
    Set<DayOfWeek> days =
        Stream.of(fasting.split(" "))
            .filter(day -> !day.isEmpty())
            .map(DayOfWeek::valueOf)
            .collect(Collectors.toSet());
    return new OwnMenu(stage, MenuJson.read(foods, reason), days, since, reason);
  }

  public Long animalId() {
    return animalId;
  }
}

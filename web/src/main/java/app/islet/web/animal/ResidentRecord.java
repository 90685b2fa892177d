package app.islet.web.animal;

import app.islet.core.care.FoodItem;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * One animal, or a group of one kind and size, as the store knows it. Its size is in its
 * measurements.
 */
@Entity
@Table(name = "resident")
public class ResidentRecord {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long enclosureId;
  private String species;
  private String name;

  @Column(name = "head_count")
  private int count;

  private int males;
  private int females;
  private @Nullable String statedStage;
  private @Nullable String school;
  private String alsoFed = "";
  private LocalDate since;
  private @Nullable LocalDate leftOn;
  private UUID clientId;

  /** For Hibernate only. */
  protected ResidentRecord() {}

  public ResidentRecord(long enclosureId, String species, LocalDate since, UUID clientId) {
    this.enclosureId = enclosureId;
    this.species = species;
    this.name = species;
    this.count = 1;
    this.since = since;
    this.clientId = clientId;
  }

  public ResidentRecord describe(
      String newName, int newCount, int newMales, int newFemales, @Nullable String stage) {
    this.name = newName;
    this.count = newCount;
    this.males = newMales;
    this.females = newFemales;
    this.statedStage = stage;
    return this;
  }

  /** Chooses the school they are kept by; null for the default of the species. */
  public ResidentRecord keepBy(@Nullable String newSchool) {
    this.school = newSchool;
    return this;
  }

  /** Lets another care sheet of the same kind hold for them. */
  public ResidentRecord followSheet(String sheet) {
    this.species = sheet;
    return this;
  }

  public @Nullable String school() {
    return school;
  }

  /** What they get besides the foods of their sheet, by the ids of the foods. */
  public ResidentRecord feedAlso(List<FoodItem> foods) {
    this.alsoFed = String.join(" ", foods.stream().map(FoodItem::id).toList());
    return this;
  }

  public List<FoodItem> alsoFed() {
    return Stream.of(alsoFed.split(" ")).flatMap(id -> FoodItem.find(id).stream()).toList();
  }

  /** Corrects the day they came into this enclosure. */
  public ResidentRecord cameOn(LocalDate day) {
    this.since = day;
    return this;
  }

  /** Ends the stay on that day; one that ended already stays as it is. */
  public void leave(LocalDate day) {
    if (leftOn == null) {
      leftOn = day;
    }
  }

  public void stay() {
    this.leftOn = null;
  }

  public @Nullable LocalDate leftOn() {
    return leftOn;
  }

  public boolean livesHereOn(LocalDate day) {
    return leftOn == null || leftOn.isAfter(day);
  }

  public Long id() {
    return id;
  }

  public Long enclosureId() {
    return enclosureId;
  }

  public String species() {
    return species;
  }

  public String name() {
    return name;
  }

  public int count() {
    return count;
  }

  public int males() {
    return males;
  }

  public int females() {
    return females;
  }

  public @Nullable String statedStage() {
    return statedStage;
  }

  public LocalDate since() {
    return since;
  }
}

package app.islet.web.store.animal;

import app.islet.core.care.FoodItem;
import jakarta.persistence.Column;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * One animal with a name, or a group of one kind that is counted and not told apart: what lasts,
 * wherever it is kept. Where it is and how many there are stands in its movements, its size in its
 * measurements.
 */
@Entity
public class Animal {
  private static final int PERCENT = 100;

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long collectionId;
  private String species;
  private String name;
  private boolean single;
  private int males;
  private int females;
  private @Nullable String statedStage;
  private @Nullable String school;
  private String alsoFed = "";
  @Embedded private Background background = Background.UNKNOWN;
  private @Nullable LocalDate formSince;
  private int rationPercent = PERCENT;

  @Column(updatable = false)
  private UUID clientId;

  /** For Hibernate only. */
  protected Animal() {}

  public Animal(long collectionId, String species, boolean single, UUID clientId) {
    this.collectionId = collectionId;
    this.species = species;
    this.name = species;
    this.single = single;
    this.clientId = clientId;
  }

  public Animal describe(String newName, int newMales, int newFemales, @Nullable String stage) {
    this.name = newName;
    this.males = newMales;
    this.females = newFemales;
    this.statedStage = stage;
    return this;
  }

  /** Chooses the school they are kept by; null for the default of the species. */
  public Animal keepBy(@Nullable String newSchool) {
    this.school = newSchool;
    return this;
  }

  /** Lets another care sheet of the same kind hold for them. */
  public Animal followSheet(String sheet) {
    this.species = sheet;
    return this;
  }

  /** One animal, or several: what was one may turn out to be more, and the other way round. */
  public Animal asOne(boolean one) {
    this.single = one;
    return this;
  }

  /** What they get besides the foods of their sheet, by the ids of the foods. */
  public Animal feedAlso(List<FoodItem> foods) {
    this.alsoFed = String.join(" ", foods.stream().map(FoodItem::id).toList());
    return this;
  }

  /** Another of the same kind, kept in the same way: one singled out of this group, say. */
  public Animal another(String newName, boolean one, UUID newClientId) {
    Animal other = new Animal(collectionId, species, one, newClientId);
    other.name = newName;
    other.statedStage = statedStage;
    other.school = school;
    other.alsoFed = alsoFed;
    other.background = background.ofOffshoot(id);
    other.formSince = formSince;
    other.rationPercent = rationPercent;
    return other;
  }

  /** Where it came from and how old it is. */
  public Animal know(Background known) {
    this.background = known;
    return this;
  }

  /** It was seen in a stage; where that is another form, the lengths before count no longer. */
  public Animal seenAs(String stage, boolean otherForm, LocalDate day) {
    this.statedStage = stage;
    this.formSince = otherForm ? day : formSince;
    return this;
  }

  /** Gives it so much of the portions of its sheet, in per cent. */
  public Animal feed(int percent) {
    this.rationPercent = percent;
    return this;
  }

  public Background background() {
    return background;
  }

  public Optional<LocalDate> formSince() {
    return Optional.ofNullable(formSince);
  }

  public int rationPercent() {
    return rationPercent;
  }

  /** The same as a share. */
  public double ration() {
    return (double) rationPercent / PERCENT;
  }

  /** Key on the books. */
  public String key() {
    return String.valueOf(id);
  }

  public @Nullable String school() {
    return school;
  }

  public List<FoodItem> alsoFed() {
    return Stream.of(alsoFed.split(" ")).flatMap(food -> FoodItem.find(food).stream()).toList();
  }

  public Long id() {
    return id;
  }

  public Long collectionId() {
    return collectionId;
  }

  public String species() {
    return species;
  }

  public String name() {
    return name;
  }

  public boolean single() {
    return single;
  }

  /** As far as known, of the whole group when that was told. */
  public int males() {
    return males;
  }

  public int females() {
    return females;
  }

  public @Nullable String statedStage() {
    return statedStage;
  }
}

package app.islet.core.care;

import app.islet.core.quantity.Range;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * All that is known of one species.
 *
 * @param basedOn the sheet this one was copied from, where a keeper wrote it
 * @param stages in order of growth, the first from length 0; among them those no length leads to
 * @param law what must be said of law and release, in general terms
 * @param mistakes what newcomers get wrong
 * @param otherSchools the same species as other schools keep it; none in those themselves
 */
public record CareSheet(
    String id,
    Optional<String> basedOn,
    String name,
    String plural,
    String scientificName,
    AnimalGroup group,
    School school,
    Lifespan lifespan,
    Body body,
    Growth growth,
    Breeding breeding,
    List<Stage> stages,
    HumanSafety people,
    List<LawNote> law,
    List<String> mistakes,
    List<CareSheet> otherSchools) {
  private static final double DAYS_A_MONTH = 30.44;

  public CareSheet {
    stages = List.copyOf(stages);
    law = List.copyOf(law);
    mistakes = List.copyOf(mistakes);
    otherSchools = List.copyOf(otherSchools);
    List<Stage> row = stages.stream().filter(stage -> !stage.phase()).toList();
    if (row.isEmpty() || row.get(0).fromLengthCm() != 0) {
      throw new IllegalArgumentException("the first stage begins at length 0");
    }
    for (int i = 1; i < row.size(); i++) {
      if (!(row.get(i).fromLengthCm() > row.get(i - 1).fromLengthCm())) {
        throw new IllegalArgumentException(
            "stage \"%s\" must begin at a greater length than the one before"
                .formatted(row.get(i).id()));
      }
    }
  }

  /** The species as such: a keeper's copy is of the kind it was copied from. */
  public String kind() {
    return basedOn.orElse(id);
  }

  public Optional<Stage> stage(String stageId) {
    return stages.stream().filter(s -> s.id().equals(stageId)).findFirst();
  }

  /**
   * This species as a school keeps it; as the default school does where there is none of that name.
   */
  public CareSheet as(String schoolName) {
    for (CareSheet other : otherSchools) {
      if (other.school().name().equals(schoolName)) {
        return other;
      }
    }
    return this;
  }

  /** Names of all schools, the default first. */
  public List<String> schoolNames() {
    return Stream.concat(
            Stream.of(school.name()), otherSchools.stream().map(other -> other.school().name()))
        .toList();
  }

  /** The stages that follow from one another by growing, without those no length leads to. */
  public List<Stage> row() {
    return stages.stream().filter(stage -> !stage.phase()).toList();
  }

  /** The stage of an animal {@code lengthCm} long. */
  public Stage stageAt(double lengthCm) {
    List<Stage> row = row();
    Stage found = row.get(0);
    for (Stage stage : row) {
      if (lengthCm >= stage.fromLengthCm()) {
        found = stage;
      }
    }
    return found;
  }

  /**
   * The stage of an animal so many months old, by the ages its stages are said for; by the average
   * growth where none are.
   *
   * @param months since it hatched or was born, 0 or more
   */
  public Stage stageAtAge(double months) {
    List<Stage> row = row();
    Stage found = row.get(0);
    for (int i = 1; i < row.size() && months >= beginsAtMonths(row.get(i - 1), row.get(i)); i++) {
      found = row.get(i);
    }
    return found;
  }

  private double beginsAtMonths(Stage before, Stage stage) {
    OptionalDouble said =
        Stream.concat(
                before.recognised().ageMonths().map(Range::max).stream(),
                stage.recognised().ageMonths().map(Range::min).stream())
            .mapToDouble(months -> months)
            .average();
    return said.orElseGet(
        () ->
            growth
                    .daysUntil(typicalLengthCm(row().get(0)), stage.fromLengthCm())
                    .orElse(Double.POSITIVE_INFINITY)
                / DAYS_A_MONTH);
  }

  /** The last stage it grows into. */
  public Stage grown() {
    List<Stage> row = row();
    return row.get(row.size() - 1);
  }

  /** The stage after {@code stage}, if there is one; after the egg the first. */
  public Optional<Stage> next(Stage stage) {
    List<Stage> row = row();
    if (stage.hatch().isPresent()) {
      return Optional.of(row.get(0));
    }
    // By its name: at rest it is the same stage, with other needs.
    List<String> names = row.stream().map(Stage::id).toList();
    int at = names.indexOf(stage.id()) + 1;
    return at > 0 && at < row.size() ? Optional.of(row.get(at)) : Optional.empty();
  }

  /**
   * Length taken for an unmeasured animal of a stage: the middle of the stage, or adult size in the
   * last. An egg is as large as its sheet says.
   */
  public double typicalLengthCm(Stage stage) {
    if (stage.hatch().isPresent()) {
      return stage.fromLengthCm();
    }
    return next(stage)
        .map(n -> (stage.fromLengthCm() + n.fromLengthCm()) / 2)
        .orElse(Math.max(body.adultLengthCm(), stage.fromLengthCm()));
  }

  public boolean hasHazard(Hazard hazard) {
    return people.hazards().contains(hazard);
  }
}

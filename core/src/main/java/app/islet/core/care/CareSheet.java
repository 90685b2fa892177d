package app.islet.core.care;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * All that is known of one species.
 *
 * @param basedOn the sheet this one was copied from, where a keeper wrote it
 * @param stages in order of growth, the first from length 0
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
    List<Stage> stages,
    HumanSafety people,
    List<LawNote> law,
    List<String> mistakes,
    List<CareSheet> otherSchools) {
  public CareSheet {
    stages = List.copyOf(stages);
    law = List.copyOf(law);
    mistakes = List.copyOf(mistakes);
    otherSchools = List.copyOf(otherSchools);
    if (stages.isEmpty() || stages.get(0).fromLengthCm() != 0) {
      throw new IllegalArgumentException("the first stage begins at length 0");
    }
    for (int i = 1; i < stages.size(); i++) {
      if (!(stages.get(i).fromLengthCm() > stages.get(i - 1).fromLengthCm())) {
        throw new IllegalArgumentException(
            "stage \"%s\" must begin at a greater length than the one before"
                .formatted(stages.get(i).id()));
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

  /** The stage of an animal {@code lengthCm} long. */
  public Stage stageAt(double lengthCm) {
    Stage found = stages.get(0);
    for (Stage stage : stages) {
      if (lengthCm >= stage.fromLengthCm()) {
        found = stage;
      }
    }
    return found;
  }

  /** The stage after {@code stage}, if there is one. */
  public Optional<Stage> next(Stage stage) {
    int at = stages.indexOf(stage) + 1;
    return at < stages.size() ? Optional.of(stages.get(at)) : Optional.empty();
  }

  /**
   * Length taken for an unmeasured animal of a stage: the middle of the stage, or adult size in the
   * last.
   */
  public double typicalLengthCm(Stage stage) {
    return next(stage)
        .map(n -> (stage.fromLengthCm() + n.fromLengthCm()) / 2)
        .orElse(Math.max(body.adultLengthCm(), stage.fromLengthCm()));
  }

  public boolean hasHazard(Hazard hazard) {
    return people.hazards().contains(hazard);
  }
}

package app.islet.core.care;

import app.islet.core.quantity.Range;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * All that is known of one species.
 *
 * @param massAt10Cm mass of an animal 10 cm long, g; others follow with the cube of their length.
 *     An estimate, until the keeper weighs the animal
 * @param mouthShare widest prey it swallows, as a share of its own length
 * @param bodyWidthShare width of the body as a share of its length
 * @param stages in order of growth, the first from length 0
 * @param cautions what must be said of people, law and release
 * @param otherSchools the same species as other schools keep it; none in those themselves
 */
public record CareSheet(
        String id,
        String name,
        String plural,
        String scientificName,
        AnimalGroup group,
        School school,
        Range lifespanYears,
        double adultLengthCm,
        double massAt10Cm,
        double mouthShare,
        double bodyWidthShare,
        Growth growth,
        List<Stage> stages,
        List<String> cautions,
        List<CareSheet> otherSchools) {
    public CareSheet {
        stages = List.copyOf(stages);
        cautions = List.copyOf(cautions);
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

    public Optional<Stage> stage(String stageId) {
        return stages.stream().filter(s -> s.id().equals(stageId)).findFirst();
    }

    /**
     * This species as a school keeps it; as the default school does where there is none of that
     * name.
     */
    public CareSheet as(String schoolName) {
        return otherSchools.stream()
                .filter(other -> other.school().name().equals(schoolName))
                .findFirst()
                .orElse(this);
    }

    /** Names of all schools, the default first. */
    public List<String> schoolNames() {
        return Stream.concat(
                        Stream.of(school.name()),
                        otherSchools.stream().map(other -> other.school().name()))
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
     * Length taken for an unmeasured animal of a stage: the middle of the stage, or adult size in
     * the last.
     */
    public double typicalLengthCm(Stage stage) {
        return next(stage)
                .map(n -> (stage.fromLengthCm() + n.fromLengthCm()) / 2)
                .orElse(Math.max(adultLengthCm, stage.fromLengthCm()));
    }

    /** Estimated mass, g: isometric, so with the cube of length. */
    public double massG(double lengthCm) {
        return massAt10Cm * Math.pow(lengthCm / 10, 3);
    }
}

package app.islet.web.enclosure;

import app.islet.core.Assessment;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.resident.Resident;
import app.islet.core.review.Acceptance;

import java.time.LocalDate;
import java.util.List;

/**
 * An enclosure on a day, with everything the core says of it.
 *
 * @param acceptances findings the keeper lives with for a while, the newest first
 * @param revision number of the design's revision, so that a save can tell whether somebody else
 *     saved in between
 */
public record EnclosureState(
        EnclosureRecord record,
        Room room,
        Enclosure design,
        int revision,
        List<Occupant> occupants,
        List<Acceptance> acceptances,
        Assessment assessment) {
    /** A resident of the store beside the core's. */
    public record Occupant(
            ResidentRecord record, Resident resident, List<Measurement> measurements) {}

    public long id() {
        return record.id();
    }

    public String name() {
        return record.name();
    }

    /** The same enclosure on the same day with another design. */
    public EnclosureState with(Enclosure other) {
        return new EnclosureState(
                record,
                room,
                other,
                revision,
                occupants,
                acceptances,
                Assessment.of(other, assessment.residents(), day()).accepting(acceptances));
    }

    public LocalDate day() {
        return assessment.situation().date();
    }

    /** Who lives here in a line, as {@code 2 axolotls (adult)}. */
    public String who() {
        return occupants.isEmpty()
                ? "nobody yet"
                : String.join(", ", occupants.stream().map(o -> o.resident().words()).toList());
    }
}

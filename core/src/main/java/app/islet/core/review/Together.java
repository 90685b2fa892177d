package app.islet.core.review;

import app.islet.core.care.Hazard;
import app.islet.core.care.Life;
import app.islet.core.care.Temper;
import app.islet.core.resident.Resident;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Two residents of one enclosure, and what can be asked of any two. */
public record Together(Resident one, Resident other) {
    /** Each two residents once, in the order they are listed. */
    public static Stream<Together> eachPair(List<Resident> residents) {
        List<Together> pairs = new ArrayList<>();
        for (int i = 0; i < residents.size(); i++) {
            for (int j = i + 1; j < residents.size(); j++) {
                pairs.add(new Together(residents.get(i), residents.get(j)));
            }
        }
        return pairs.stream();
    }

    public boolean sameKind() {
        return one.species().kind().equals(other.species().kind());
    }

    public Resident otherThan(Resident resident) {
        return resident == one ? other : one;
    }

    /** The fiercer of the two, where it bites or kills its company. */
    public Optional<Resident> fierce() {
        Resident fiercer = temper(one).compareTo(temper(other)) >= 0 ? one : other;
        return temper(fiercer).compareTo(Temper.BITES) >= 0
                ? Optional.of(fiercer)
                : Optional.empty();
    }

    /**
     * The one whose skin poisons the other: of another kind, and both in the same water or biting.
     */
    public Optional<Resident> poisonous() {
        if (sameKind()) {
            return Optional.empty();
        }
        return Stream.of(one, other)
                .filter(r -> r.sheet().hasHazard(Hazard.SKIN_TOXIN))
                .filter(r -> !otherThan(r).sheet().hasHazard(Hazard.SKIN_TOXIN))
                .filter(r -> r.stage().life() != Life.LAND || temper(otherThan(r)) != Temper.CALM)
                .findFirst();
    }

    private static Temper temper(Resident r) {
        return r.stage().needs().group().temper();
    }
}

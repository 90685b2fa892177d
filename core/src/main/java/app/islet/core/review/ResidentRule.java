package app.islet.core.review;

import app.islet.core.resident.Resident;

import java.util.Optional;
import java.util.stream.Stream;

/** A rule asked of each resident by itself. */
public interface ResidentRule extends Rule {
    Optional<Finding> judge(Situation situation, Resident resident);

    @Override
    default Stream<Finding> judge(Situation situation) {
        return situation.residents().stream()
                .flatMap(resident -> judge(situation, resident).stream());
    }
}

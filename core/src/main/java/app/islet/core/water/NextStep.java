package app.islet.core.water;

import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.resident.Resident;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What to do with the water now, in one sentence with its litres and drops; and when to test next.
 *
 * @param urgent whether it cannot wait until tomorrow
 * @param further what else is worth doing, the more pressing first
 * @param nextTest by how much is at stake
 */
public record NextStep(boolean urgent, Phrase what, List<Phrase> further, LocalDate nextTest) {
    /** Days until the next test where all is well, while it starts up, and while it is bad. */
    private static final int WELL_DAYS = 7;

    private static final int STARTING_DAYS = 2;
    private static final int BAD_DAYS = 1;

    /** A quiet tank of an animal that stands much is tested so often; common practice. */
    private static final int QUIET_DAYS = 14;

    public NextStep {
        further = List.copyOf(further);
    }

    public static NextStep of(Waters waters, LocalDate today) {
        StartUp startUp = waters.startUp(today);
        Optional<Poison> poison =
                waters.residents().isEmpty() ? Optional.empty() : Poison.of(waters, today);
        Optional<ChangePlan> plan = waters.changes(today);
        List<Phrase> all = new ArrayList<>();
        poison.ifPresent(p -> all.add(poisoned(waters, p)));
        if (startUp.phase() == StartUp.Phase.CRASHED) {
            all.add(Phrase.of(StartUp.RESCUE.get(0)));
        }
        salt(waters).ifPresent(all::add);
        starting(waters, startUp).ifPresent(all::add);
        LocalDate test = nextTest(waters, startUp, poison, today);
        if (!test.isAfter(today)) {
            all.add(
                    Phrase.of(
                            waters.record().tests().isEmpty()
                                    ? "Test the water today: ammonia, nitrite, nitrate, pH and its warmth."
                                    : "A test is due today, before any change."));
        }
        plan.flatMap(p -> change(waters, p, today)).ifPresent(all::add);
        if (all.isEmpty()) {
            all.add(
                    Phrase.of(
                            "Nothing today: the next test is in {}.",
                            Quantity.days(ChronoUnit.DAYS.between(today, test))));
        }
        return new NextStep(
                poison.isPresent() || startUp.phase() == StartUp.Phase.CRASHED,
                all.get(0),
                all.subList(1, all.size()),
                test);
    }

    private static Phrase poisoned(Waters waters, Poison p) {
        double litres = waters.survey().waterL() * p.percentEach() / 100;
        return Phrase.of(
                p.changes() <= 1
                        ? "Change {} ({} of it) now, at the tank's temperature{}; feed nothing, test again tomorrow."
                        : "Change {} ({} of it) now and as much again tomorrow, at the tank's temperature{}; feed nothing, test before each.",
                Quantity.litres(litres),
                Quantity.percent(p.percentEach()),
                conditioner(waters, litres));
    }

    private static Object conditioner(Waters waters, double litres) {
        return waters.conditioner(litres)
                .<Object>map(
                        d ->
                                d.ml() < 1
                                        ? Phrase.of(
                                                ", with {} drops of conditioner",
                                                Quantity.count(Math.max(1, Math.round(d.drops()))))
                                        : Phrase.of(
                                                ", with {} of conditioner",
                                                new Quantity(Dimension.DOSE, d.ml())))
                .orElse(", conditioner by its label for these litres only");
    }

    /** Salt that has wandered from what they need, by a test. */
    private static Optional<Phrase> salt(Waters waters) {
        List<SaltSteps> steps = waters.saltWay();
        if (steps.isEmpty() || waters.record().newest(Parameter.SALINITY).isEmpty()) {
            return Optional.empty();
        }
        double aim = waters.saltAim().orElseThrow();
        SaltSteps first = steps.get(0);
        return Optional.of(
                first.saltG() > 0
                        ? Phrase.of(
                                "Dissolve {} of marine salt in a bucket of its water and add it slowly; so for {}, to {}.",
                                Quantity.grams(first.saltG()),
                                Quantity.days(steps.size()),
                                new Quantity(Dimension.SALINITY, aim))
                        : Phrase.of(
                                "Take out {} and fill up with fresh water; so for {}, to {}.",
                                Quantity.litres(first.freshL()),
                                Quantity.days(steps.size()),
                                new Quantity(Dimension.SALINITY, aim)));
    }

    private static Optional<Phrase> starting(Waters waters, StartUp startUp) {
        boolean filtered =
                waters.residents().isEmpty()
                        || waters.residents().stream()
                                .map(Resident::stage)
                                .anyMatch(stage -> stage.needs().filtration().isPresent());
        if (!filtered) {
            return Optional.empty();
        }
        return switch (startUp.phase()) {
            case AMMONIA, NITRITE, PROVING -> Optional.of(startUp.why());
            default -> Optional.empty();
        };
    }

    private static Optional<Phrase> change(Waters waters, ChangePlan plan, LocalDate today) {
        Optional<LocalDate> last =
                waters.record()
                        .all(WaterEvent.Kind.CHANGE)
                        .map(WaterEvent::day)
                        .reduce((earlier, later) -> later);
        if (last.isEmpty() || ChronoUnit.DAYS.between(last.get(), today) < plan.everyDays()) {
            return Optional.empty();
        }
        return Optional.of(
                Phrase.of(
                        "The part change is due: {} ({} of it), within {} of the tank's temperature{}.",
                        Quantity.litres(plan.litres()),
                        Quantity.percent(plan.percent()),
                        Quantity.kelvin(plan.mostOffK()),
                        conditioner(waters, plan.litres())));
    }

    private static LocalDate nextTest(
            Waters waters, StartUp startUp, Optional<Poison> poison, LocalDate today) {
        Optional<LocalDate> last =
                waters.record().tests().isEmpty()
                        ? Optional.empty()
                        : Optional.of(
                                waters.record()
                                        .tests()
                                        .get(waters.record().tests().size() - 1)
                                        .day());
        if (last.isEmpty()) {
            return today;
        }
        int days =
                poison.isPresent() || startUp.phase() == StartUp.Phase.CRASHED
                        ? BAD_DAYS
                        : startUp.phase() == StartUp.Phase.AMMONIA
                                        || startUp.phase() == StartUp.Phase.NITRITE
                                        || startUp.phase() == StartUp.Phase.PROVING
                                ? STARTING_DAYS
                                : ChangePlan.isSensitive(waters.residents())
                                        ? WELL_DAYS
                                        : QUIET_DAYS;
        return last.get().plusDays(days);
    }
}

package app.islet.core.review;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * The review asked again in the months to come, with the residents grown as expected: what fails
 * first, and when.
 *
 * <p>Growth is an average; an animal may be half as fast or twice. A measurement moves the whole
 * outlook.
 *
 * @param events the first month in which each judgement turns Danger or Wrong, soonest first
 */
public record Outlook(List<Event> events) {
    private static final double DAYS_PER_MONTH = 30.44;

    /**
     * @param month months from now, from 1
     * @param finding what the review says then
     */
    public record Event(int month, LocalDate day, Finding finding) {}

    public Outlook {
        events = List.copyOf(events);
    }

    /** Asks for each of the next {@code months}; what already fails today is not an event. */
    public static Outlook of(Situation now, int months) {
        Set<String> known = new HashSet<>();
        failing(now).forEach(finding -> known.add(key(finding)));
        List<Event> events = new ArrayList<>();
        for (int month = 1; month <= months; month++) {
            Situation then = now.after((int) Math.round(month * DAYS_PER_MONTH));
            for (Finding finding : failing(then)) {
                if (known.add(key(finding))) {
                    events.add(new Event(month, then.date(), finding));
                }
            }
        }
        return new Outlook(events);
    }

    /** What grows worse by growing: a filter or a tube ages too, but is mended on the rounds. */
    private static List<Finding> failing(Situation situation) {
        return Review.judged(situation)
                .filter(f -> f.severity() == Severity.DANGER || f.severity() == Severity.WRONG)
                .filter(f -> f.step() != Step.LIGHT)
                .toList();
    }

    private static String key(Finding finding) {
        return finding.rule() + "/" + finding.who();
    }
}

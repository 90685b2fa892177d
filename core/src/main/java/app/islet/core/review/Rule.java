package app.islet.core.review;

import java.util.stream.Stream;

/**
 * One question an experienced keeper asks of every enclosure. Stateless; found by {@link
 * java.util.ServiceLoader}.
 */
public interface Rule {
    /** The class name with hyphens, as {@code water-too-deep}. */
    default String id() {
        return RuleName.OF.get(getClass());
    }

    /** Findings in this situation; none when all is well or nothing is known. */
    Stream<Finding> judge(Situation situation);

    /** A finding of this rule to be filled in. */
    default Finding.Builder finding(Severity severity, Step step) {
        return Finding.by(this, severity, step);
    }
}

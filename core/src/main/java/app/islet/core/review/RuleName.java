package app.islet.core.review;

import java.util.Locale;

/** Names of rules, made of their classes once: every review asks for all of them. */
final class RuleName {
    static final ClassValue<String> OF =
            new ClassValue<>() {
                @Override
                protected String computeValue(Class<?> rule) {
                    return rule.getSimpleName()
                            .replaceAll("(?<!^)([A-Z])", "-$1")
                            .toLowerCase(Locale.ROOT);
                }
            };

    private RuleName() {}
}

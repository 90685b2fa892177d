package app.islet.core.care;

/**
 * How far a number can be trusted.
 *
 * @param source the publication; empty unless the kind is {@link Kind#PUBLISHED}
 */
public record Basis(Kind kind, String source) {
    public enum Kind {
        PUBLISHED,
        PRACTICE,
        MEMORY
    }

    public static final Basis PRACTICE = new Basis(Kind.PRACTICE, "");
    public static final Basis MEMORY = new Basis(Kind.MEMORY, "");

    public Basis {
        if ((kind == Kind.PUBLISHED) == source.isBlank()) {
            throw new IllegalArgumentException(
                    "a published basis names its source, the others do not");
        }
    }

    public static Basis published(String source) {
        return new Basis(Kind.PUBLISHED, source);
    }

    /**
     * Reads {@code practice}, {@code memory} or {@code published: the source}.
     *
     * @throws IllegalArgumentException if it is none of these
     */
    public static Basis of(String text) {
        if (text.equals("practice")) {
            return PRACTICE;
        }
        if (text.equals("memory")) {
            return MEMORY;
        }
        if (text.startsWith("published:")) {
            return published(text.substring("published:".length()).strip());
        }
        throw new IllegalArgumentException(
                "\"%s\" is not practice, memory or published: SOURCE".formatted(text));
    }

    /** As shown beside a verdict. */
    public String words() {
        return switch (kind) {
            case PUBLISHED -> source;
            case PRACTICE -> "common practice, no source";
            case MEMORY -> "from memory, unchecked";
        };
    }
}

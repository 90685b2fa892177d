package app.islet.core.care;

/**
 * How far a number can be trusted.
 *
 * @param source the publication, the keeper's reason, or what was measured; empty where the kind is
 *     {@link Kind#PRACTICE} or {@link Kind#MEMORY}
 * @param like the relative it was found with, where the number is shared; else empty
 */
public record Evidence(Kind kind, String source, String like) {
  public enum Kind {
    PUBLISHED,
    PRACTICE,
    MEMORY,
    KEEPER,
    /** Told from the keeper's own measurements; no sheet says so. */
    MEASURED
  }

  public static final Evidence PRACTICE = new Evidence(Kind.PRACTICE, "", "");
  public static final Evidence MEMORY = new Evidence(Kind.MEMORY, "", "");

  public Evidence {
    boolean named = kind != Kind.PRACTICE && kind != Kind.MEMORY;
    if (named == source.isBlank()) {
      throw new IllegalArgumentException(
          "a published basis names its source, a keeper's its reason, a measured one what was measured; the others do not");
    }
  }

  public static Evidence published(String source) {
    return new Evidence(Kind.PUBLISHED, source, "");
  }

  /** A number the keeper set, and why. */
  public static Evidence keeper(String reason) {
    return new Evidence(Kind.KEEPER, reason, "");
  }

  /** What the keeper's own measurements tell. */
  public static Evidence measured(String what) {
    return new Evidence(Kind.MEASURED, what, "");
  }

  /**
   * Reads {@code practice}, {@code memory}, {@code published: the source} or {@code keeper: the
   * reason}.
   *
   * @throws IllegalArgumentException if it is none of these
   */
  public static Evidence of(String text) {
    if (text.equals("practice")) {
      return PRACTICE;
    }
    if (text.equals("memory")) {
      return MEMORY;
    }
    if (text.startsWith("published:")) {
      return published(text.substring("published:".length()).strip());
    }
    if (text.startsWith("keeper:")) {
      return keeper(text.substring("keeper:".length()).strip());
    }
    throw new IllegalArgumentException(
        "\"%s\" is not practice, memory, published: SOURCE or keeper: REASON".formatted(text));
  }

  /** The same, shared with a relative. */
  Evidence sharedWith(String relative) {
    return new Evidence(kind, source, relative);
  }

  /** As shown beside a verdict. */
  public String words() {
    String words =
        switch (kind) {
          case PUBLISHED -> source;
          case PRACTICE -> "common practice, no source";
          case MEMORY -> "from memory, unchecked";
          case KEEPER -> "set by the keeper: " + source;
          case MEASURED -> "measured: " + source;
        };
    return like.isEmpty() ? words : words + "; as for the " + like;
  }
}

package app.islet.core.water;

import java.util.Optional;

/** What is sold as salt, and whether it makes brackish water. Common practice, no source. */
public enum SaltKind {
  MARINE_MIX("Marine salt mix", ""),
  SEA_SALT("Pure sea salt, nothing added", ""),
  AQUARIUM_SALT(
      "Aquarium salt (sodium chloride only)",
      "It has no calcium, magnesium or buffer: for short baths by a vet's advice, not to live in. Use marine salt."),
  TABLE_SALT(
      "Table salt",
      "Iodine and what keeps it from caking harm crabs and terrapins. Use marine salt.");

  private final String words;
  private final String against;

  SaltKind(String words, String against) {
    this.words = words;
    this.against = against;
  }

  public String words() {
    return words;
  }

  /** Why not; nothing where it will do. */
  public Optional<String> against() {
    return against.isEmpty() ? Optional.empty() : Optional.of(against);
  }
}

package app.islet.core.text;

/**
 * One thing wrong in a text.
 *
 * @param path where in the structure, as {@code /vessel/lengthCm}; empty for the text as a whole
 * @param line counted from 1
 * @param sentence what is wrong and what would be right
 */
public record Problem(String path, int line, String sentence) {
  @Override
  public String toString() {
    return path.isEmpty()
        ? "line " + line + ": " + sentence
        : "line " + line + ", " + path + ": " + sentence;
  }
}

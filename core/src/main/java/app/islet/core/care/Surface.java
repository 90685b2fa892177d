package app.islet.core.care;

/** What an animal walks up on. */
public enum Surface {
  GLASS("glass"),
  SMOOTH("smooth plastic or stone"),
  LOOSE("sand, soil or gravel"),
  ROUGH("wood, cork, net or rough stone");

  private final String words;

  Surface(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}

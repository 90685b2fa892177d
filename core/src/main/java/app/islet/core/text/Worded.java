package app.islet.core.text;

/** One of a choice, as a keeper reads it. */
public interface Worded {
  String words();
}

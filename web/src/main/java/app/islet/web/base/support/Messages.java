package app.islet.web.base.support;

import java.text.MessageFormat;
import java.util.Locale;
import java.util.MissingResourceException;
import java.util.Optional;
import java.util.ResourceBundle;

/** The catalogue of texts, for what is put together outside the templates. */
public final class Messages {
  private static final ResourceBundle TEXTS =
      ResourceBundle.getBundle(
          "messages",
          Locale.ENGLISH,
          ResourceBundle.Control.getNoFallbackControl(ResourceBundle.Control.FORMAT_PROPERTIES));

  private Messages() {}

  /**
   * The text of a key, with its places {0}, {1} filled where there are any.
   *
   * @throws MissingResourceException if the catalogue has none
   */
  public static String text(String key, Object... parts) {
    String text = TEXTS.getString(key);
    return parts.length == 0 ? text : new MessageFormat(text, Locale.ENGLISH).format(parts);
  }

  /** The text of a key that need not be there. */
  public static Optional<String> find(String key) {
    return TEXTS.containsKey(key) ? Optional.of(TEXTS.getString(key)) : Optional.empty();
  }
}

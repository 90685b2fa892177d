package app.islet.web.people.account;

import app.islet.web.base.support.Messages;
import ua_parser.Client;
import ua_parser.Parser;

/** What a browser says of itself, in words: "Firefox on Android". */
final class BrowserName {
  /** What the reader calls what it does not know. */
  private static final String UNKNOWN = "Other";

  private static final Parser READER = new Parser();

  private BrowserName() {}

  /**
   * @param userAgent as it was sent, which can be anything
   */
  static String of(String userAgent) {
    Client told = READER.parse(userAgent);
    if (told.userAgent.family.equals(UNKNOWN)) {
      return Messages.text("account.browser.unknown");
    }
    return told.os.family.equals(UNKNOWN)
        ? told.userAgent.family
        : Messages.text("account.browser.on", told.userAgent.family, told.os.family);
  }
}

package app.islet.web.base.support;

/** A file is no text in UTF-8. */
public class NotTextException extends RefusedException {
  NotTextException(Throwable cause) {
    super("This is not a text file in UTF-8. Save it as UTF-8 and send it again.", cause);
  }
}

package app.islet.web.store.animal;

/** A file that is no photo Islet can keep; the message says why, and what would be right. */
public class UnusablePhotoException extends RuntimeException {
  UnusablePhotoException(String message) {
    super(message);
  }

  UnusablePhotoException(String message, Throwable cause) {
    super(message, cause);
  }
}

package app.islet.web.base.backup;

/** A backup cannot be written or read; the message says why, in a sentence for a person. */
public final class BackupException extends RuntimeException {
  BackupException(String sentence) {
    super(sentence);
  }

  BackupException(String sentence, Throwable cause) {
    super(sentence, cause);
  }
}

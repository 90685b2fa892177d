package app.islet.web.base.support;

import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.ResponseStatus;

/** Something sent cannot be done; the message says what is wrong and what would be right. */
@ResponseStatus(HttpStatus.UNPROCESSABLE_ENTITY)
public class RefusedException extends RuntimeException {
  public RefusedException(String sentence) {
    super(sentence);
  }

  public RefusedException(String sentence, Throwable cause) {
    super(sentence, cause);
  }
}

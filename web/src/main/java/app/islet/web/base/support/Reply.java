package app.islet.web.base.support;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.web.servlet.FlashMap;

/**
 * The three ways a page answers what was sent to it. A handler takes one as its argument.
 *
 * <p>A browser that sends a form of a page gets a page. A script that sends the same form and
 * accepts JSON gets the sentence alone: it has the page already.
 */
public final class Reply {
  private final HttpServletResponse response;
  private final FlashMap flash;
  private final Outcome outcome;
  private final boolean asJson;

  Reply(HttpServletResponse response, FlashMap flash, Outcome outcome, boolean asJson) {
    this.response = response;
    this.flash = flash;
    this.outcome = outcome;
    this.asJson = asJson;
  }

  /** It was done: says so on the page it goes on to. */
  public String saved(String sentence, String address) {
    outcome.says(sentence);
    flash.put("saved", sentence);
    return done(address);
  }

  /** It was done, and the page it goes on to shows that. */
  public String done(String address) {
    return asJson ? Outcome.VIEW : "redirect:" + address;
  }

  /** It was done; the page it goes on to gets these too. */
  public String done(String address, Map<String, Object> model) {
    flash.putAll(model);
    return done(address);
  }

  /** It was not done, and there is no form to show again: says so on the page it goes on to. */
  public String notDone(String sentence, String address) {
    return notDone(HttpStatus.UNPROCESSABLE_ENTITY, sentence, address);
  }

  /** Somebody else had done it: says so on the page it goes on to. */
  public String already(String sentence, String address) {
    return notDone(HttpStatus.CONFLICT, sentence, address);
  }

  private String notDone(HttpStatus status, String sentence, String address) {
    outcome.says(sentence);
    if (asJson) {
      response.setStatus(status.value());
      return Outcome.VIEW;
    }
    flash.put("refused", sentence);
    return done(address);
  }

  /** It was not done: the page shows what was typed, and beside it what is wrong (422). */
  public String refused(String view) {
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    return asJson ? Outcome.VIEW : view;
  }

  /** It was not done, as somebody else was faster: the page shows what was typed (409). */
  public String conflict(String view) {
    response.setStatus(HttpStatus.CONFLICT.value());
    return asJson ? Outcome.VIEW : view;
  }
}

package app.islet.web.support;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.web.servlet.FlashMap;

/** The three ways a page answers what was sent to it. A handler takes one as its argument. */
public final class Reply {
  private final HttpServletResponse response;
  private final FlashMap flash;

  Reply(HttpServletResponse response, FlashMap flash) {
    this.response = response;
    this.flash = flash;
  }

  /** It was done: says so on the page it goes on to. */
  public String saved(String sentence, String address) {
    flash.put("saved", sentence);
    return done(address);
  }

  /** It was done, and the page it goes on to shows that. */
  public String done(String address) {
    return "redirect:" + address;
  }

  /** It was done; the page it goes on to gets these too. */
  public String done(String address, Map<String, Object> model) {
    flash.putAll(model);
    return done(address);
  }

  /** It was not done, and there is no form to show again: says so on the page it goes on to. */
  public String notDone(String sentence, String address) {
    flash.put("refused", sentence);
    return done(address);
  }

  /** It was not done: the page shows what was typed, and beside it what is wrong (422). */
  public String refused(String view) {
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    return view;
  }

  /** It was not done, as somebody else was faster: the page shows what was typed (409). */
  public String conflict(String view) {
    response.setStatus(HttpStatus.CONFLICT.value());
    return view;
  }
}

package app.islet.web.base.support;

import java.util.UUID;
import org.springframework.stereotype.Component;

/** Ids made with a page, so that sending a form of it twice is harmless. */
@Component("ids")
public class Ids {
  public String fresh() {
    return UUID.randomUUID().toString();
  }
}

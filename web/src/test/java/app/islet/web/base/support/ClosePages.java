package app.islet.web.base.support;

import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/** Closes what a test opened in the browser, so that no page of an earlier test takes time. */
public final class ClosePages implements AfterEachCallback {
  @Override
  public void afterEach(ExtensionContext context) {
    Islet.closePages();
  }
}

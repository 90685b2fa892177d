package app.islet.web.base.support;

import app.islet.web.IsletApplication;
import jakarta.servlet.Filter;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;

/** The application by the clock of the tests; its answers say their time by it too. */
final class ServerOfTheDay {
  private ServerOfTheDay() {}

  public static void main(String[] args) {
    start(args);
  }

  static ConfigurableApplicationContext start(String... args) {
    SpringApplication application = new SpringApplication(IsletApplication.class);
    application.addInitializers(context -> byTheClock((GenericApplicationContext) context));
    return application.run(args);
  }

  private static void byTheClock(GenericApplicationContext context) {
    context.registerBean("clock", Clock.class, () -> TestClock.INSTANCE);
    context.registerBean(
        "dateOfAnswers",
        Filter.class,
        () ->
            (request, response, chain) -> {
              ((HttpServletResponse) response)
                  .setDateHeader("Date", TestClock.now().toEpochMilli());
              chain.doFilter(request, response);
            });
  }
}

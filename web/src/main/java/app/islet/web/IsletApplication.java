package app.islet.web;

import java.time.Clock;
import java.util.Locale;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.autoconfigure.condition.ConditionalOnMissingBean;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.context.annotation.Bean;

/** Starts Islet on the web. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class IsletApplication {
  static {
    // The pages speak English, whatever the machine speaks: a comma for a point would misread a
    // dose.
    Locale.setDefault(Locale.ENGLISH);
  }

  public static void main(String[] args) {
    SpringApplication.run(IsletApplication.class, args);
  }

  /** The only clock; the core is handed dates. */
  @Bean
  @ConditionalOnMissingBean
  Clock clock() {
    return Clock.systemUTC();
  }
}

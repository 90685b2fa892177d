package app.islet.web;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.context.annotation.Bean;

/** Starts Islet on the web. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class IsletApplication {
  public static void main(String[] args) {
    SpringApplication.run(IsletApplication.class, args);
  }

  /** The only clock; the core is handed dates. */
  @Bean
  Clock clock() {
    return Clock.systemUTC();
  }
}

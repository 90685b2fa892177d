package app.islet.web.care;

import app.islet.core.care.CareLibrary;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The care sheets the application works with. */
@Configuration
class CareConfiguration {
    @Bean
    CareLibrary careLibrary() {
        return CareLibrary.bundled();
    }
}

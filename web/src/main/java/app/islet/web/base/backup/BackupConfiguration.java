package app.islet.web.base.backup;

import java.io.IOException;
import javax.sql.DataSource;
import net.javacrumbs.shedlock.core.LockProvider;
import net.javacrumbs.shedlock.provider.jdbctemplate.JdbcTemplateLockProvider;
import net.javacrumbs.shedlock.spring.annotation.EnableSchedulerLock;
import org.flywaydb.core.api.MigrationInfo;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.scheduling.annotation.EnableScheduling;

/** What is done by the clock, and by one server of several; and no data of a newer Islet. */
@Configuration(proxyBeanMethods = false)
@EnableScheduling
@EnableSchedulerLock(defaultLockAtMostFor = "2h")
class BackupConfiguration {
  @Bean
  LockProvider locks(DataSource database) {
    return new JdbcTemplateLockProvider(
        JdbcTemplateLockProvider.Configuration.builder()
            .withJdbcTemplate(new JdbcTemplate(database))
            .usingDbTime()
            .build());
  }

  @Bean
  FlywayMigrationStrategy noNewerData() {
    return flyway -> {
      MigrationInfo current = flyway.info().current();
      int there =
          current == null || current.getVersion() == null
              ? 0
              : current.getVersion().getMajor().intValue();
      if (there > newest()) {
        throw new IllegalStateException(
            "The data was written by a newer Islet (tables %d; this one knows %d). Start that one or a newer one; nothing was changed."
                .formatted(there, newest()));
      }
      flyway.migrate();
    };
  }

  private static int newest() {
    try {
      return KnownSchema.newest();
    } catch (IOException e) {
      throw new IllegalStateException("the program is not whole", e);
    }
  }
}

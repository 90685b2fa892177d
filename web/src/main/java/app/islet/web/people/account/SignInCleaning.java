package app.islet.web.people.account;

import net.javacrumbs.shedlock.spring.annotation.SchedulerLock;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Takes out, every night, what was kept of sign-ins and is of no use any more. */
@Component
class SignInCleaning {
  private final SignInGuard guard;
  private final JdbcTemplate sql;

  SignInCleaning(SignInGuard guard, JdbcTemplate sql) {
    this.guard = guard;
    this.sql = sql;
  }

  @Scheduled(cron = "0 50 3 * * *")
  @SchedulerLock(name = "sign-in-cleaning", lockAtLeastFor = "5m")
  void clean() {
    guard.clean();
    sql.update("delete from password_reset where expires_at < now() - interval '30 days'");
  }
}

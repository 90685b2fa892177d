package app.islet.web.people.account;

import java.time.Duration;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.session.config.SessionRepositoryCustomizer;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.transaction.support.TransactionTemplate;

/** How visits are kept in PostgreSQL. */
@Configuration(proxyBeanMethods = false)
class SessionConfiguration {
  /**
   * That somebody was seen is written down once a minute: a drag asks twenty times a second, and
   * each writing would wait for the disk. Anything else of a visit is written at once.
   */
  private static final String SEEN_ONCE_A_MINUTE =
      """
            update %TABLE_NAME% s
            set session_id = n.id, last_access_time = n.seen, max_inactive_interval = n.idle,
                expiry_time = n.ends, principal_name = n.who
            from (values (?::char(36), ?::bigint, ?::integer, ?::bigint, ?::varchar, ?::char(36)))
                 as n (id, seen, idle, ends, who, visit)
            where s.primary_id = n.visit
              and (n.seen - s.last_access_time > 60000 or s.session_id <> n.id
                   or s.max_inactive_interval <> n.idle or s.principal_name is distinct from n.who)""";

  /**
   * Each statement of a visit stands alone, as a drag asks for it three times in an answer: a
   * transaction of Hibernate's around each would cost more than they do. Should the server be
   * killed between the statements of a sign-in, one has to sign in again.
   */
  @Bean
  TransactionOperations springSessionTransactionOperations() {
    return TransactionOperations.withoutTransaction();
  }

  /** Spring Boot makes none of its own beside the one above; everything else works with this. */
  @Bean
  TransactionTemplate transactionTemplate(PlatformTransactionManager transactions) {
    return new TransactionTemplate(transactions);
  }

  @Bean
  CookieSerializer cookieOfVisit(@Value("${server.servlet.session.timeout}") Duration kept) {
    return OwnCookies.visit((int) kept.toSeconds());
  }

  @Bean
  SessionRepositoryCustomizer<JdbcIndexedSessionRepository> visitsAsKept() {
    return visits -> {
      visits.setUpdateSessionQuery(SEEN_ONCE_A_MINUTE);
      visits.setSessionIdGenerator(Tokens::ofVisit);
    };
  }
}

package app.islet.web.people.account;

import io.github.bucket4j.Bandwidth;
import io.github.bucket4j.BucketConfiguration;
import io.github.bucket4j.ConsumptionProbe;
import io.github.bucket4j.distributed.BucketProxy;
import io.github.bucket4j.distributed.ExpirationAfterWriteStrategy;
import io.github.bucket4j.distributed.jdbc.PrimaryKeyMapper;
import io.github.bucket4j.distributed.proxy.ExpiredEntriesCleaner;
import io.github.bucket4j.distributed.proxy.ProxyManager;
import io.github.bucket4j.postgresql.Bucket4jPostgreSQL;
import java.time.Duration;
import javax.sql.DataSource;
import org.springframework.stereotype.Component;

/**
 * Slows guessing down, for each account and for each address. What is left is kept in PostgreSQL,
 * so that it is the same for every server and after a restart. Ten at once and then one in three
 * minutes let a forgetful keeper in and a program out.
 */
@Component
class SignInGuard {
  private static final int GUESSES = 10;
  private static final Duration ONE_MORE_AFTER = Duration.ofMinutes(3);

  /** A school or a museum signs in from one address. */
  private static final int GUESSES_OF_ADDRESS = 40;

  private static final Duration ADDRESS_ONE_MORE_AFTER = Duration.ofSeconds(30);
  private static final int CLEANED_AT_ONCE = 1000;

  private final ProxyManager<String> buckets;

  SignInGuard(DataSource database) {
    buckets =
        Bucket4jPostgreSQL.selectForUpdateBasedBuilder(database)
            .primaryKeyMapper(PrimaryKeyMapper.STRING)
            .expirationAfterWrite(
                ExpirationAfterWriteStrategy.basedOnTimeForRefillingBucketUpToMax(
                    Duration.ofMinutes(1)))
            .build();
  }

  /**
   * Takes a guess.
   *
   * @return how long to wait first; zero where it may be tried
   */
  Duration take(String login, String address) {
    Duration first = take(ofAddress(address));
    return first.isZero() ? take(ofAccount(login)) : first;
  }

  private static Duration take(BucketProxy bucket) {
    ConsumptionProbe probe = bucket.tryConsumeAndReturnRemaining(1);
    return probe.isConsumed() ? Duration.ZERO : Duration.ofNanos(probe.getNanosToWaitForRefill());
  }

  /** The password was right, and more is wanted: the address has its guess back, no more. */
  void half(String address) {
    ofAddress(address).addTokens(1);
  }

  /** It was right: all guesses of the account are there again, and the address has its one back. */
  void right(String login, String address) {
    ofAccount(login).reset();
    ofAddress(address).addTokens(1);
  }

  private BucketProxy ofAccount(String login) {
    return bucket("account " + login, GUESSES, ONE_MORE_AFTER);
  }

  private BucketProxy ofAddress(String address) {
    return bucket("address " + network(address), GUESSES_OF_ADDRESS, ADDRESS_ONE_MORE_AFTER);
  }

  private BucketProxy bucket(String key, int most, Duration oneMoreAfter) {
    return buckets
        .builder()
        .build(
            key,
            () ->
                BucketConfiguration.builder()
                    .addLimit(
                        Bandwidth.builder().capacity(most).refillGreedy(1, oneMoreAfter).build())
                    .build());
  }

  /** Whoever has an IPv6 address has a whole network of them: its first half counts. */
  static String network(String address) {
    String[] groups = address.split(":", -1);
    return groups.length < 4 || address.contains(".")
        ? address
        : String.join(":", groups[0], groups[1], groups[2], groups[3]);
  }

  /** Takes out what is full again. */
  void clean() {
    if (buckets instanceof ExpiredEntriesCleaner cleaner) {
      while (cleaner.removeExpired(CLEANED_AT_ONCE) == CLEANED_AT_ONCE) {
        // Until all are gone.
      }
    }
  }
}

package app.islet.web.base.support;

import java.sql.SQLException;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.postgresql.util.PSQLException;

/** Why nothing could be saved, by the code PostgreSQL gives (appendix A of its manual). */
enum Outage {
  DISK_FULL(
      List.of("53100"),
      "The disk of this server is full. What you just sent was not saved; tell whoever runs Islet, and send it again then."),
  READ_ONLY(
      List.of("25006"),
      "Islet can only be read right now. What you just sent was not saved; tell whoever runs Islet, and send it again then."),
  AWAY(
      List.of("57P01", "57P02", "57P03", "08001", "08003", "08006", Outage.OF_THE_POOL),
      "Islet cannot reach its data right now. What you just sent was not saved; send it again in a minute.");

  /** Said by no server: the line to it was closed under the request. */
  private static final String OF_THE_POOL = "";

  private final List<String> codes;
  private final String sentence;

  Outage(List<String> codes, String sentence) {
    this.codes = codes;
    this.sentence = sentence;
  }

  /** Empty where a fault is none of these. */
  static Optional<Outage> of(Throwable fault) {
    return Stream.iterate(fault, t -> t != null, Throwable::getCause)
        .filter(SQLException.class::isInstance)
        .map(t -> Objects.requireNonNullElse(((SQLException) t).getSQLState(), OF_THE_POOL))
        .flatMap(code -> Arrays.stream(values()).filter(o -> o.codes.contains(code)))
        .findFirst();
  }

  /**
   * Whether the number of a new row is another's already: we hold some in advance, and PostgreSQL,
   * when it was killed, gives again what it had not yet written down. The next ones are free.
   */
  static boolean isNumberGivenTwice(Throwable fault) {
    return Stream.iterate(fault, t -> t != null, Throwable::getCause)
        .filter(PSQLException.class::isInstance)
        .map(t -> ((PSQLException) t).getServerErrorMessage())
        .anyMatch(m -> m != null && String.valueOf(m.getDetail()).startsWith("Key (id)="));
  }

  String sentence() {
    return sentence;
  }
}

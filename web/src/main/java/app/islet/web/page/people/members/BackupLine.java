package app.islet.web.page.people.members;

import app.islet.core.text.English;
import app.islet.web.base.backup.NightlyBackup;
import app.islet.web.base.support.Messages;
import app.islet.web.people.collection.CollectionContext;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;

/**
 * How old the last good backup is, worded.
 *
 * @param isLate whether somebody should look
 */
record BackupLine(String words, boolean isLate) {
  /** One night may fail; not three. */
  private static final Duration OLD = Duration.ofDays(3);

  static BackupLine of(NightlyBackup backups, CollectionContext context, Clock clock) {
    if (!backups.isOn()) {
      return new BackupLine(Messages.text("backup.off"), true);
    }
    return backups
        .status()
        .map(status -> of(status, context, clock.instant()))
        .orElse(new BackupLine(Messages.text("backup.none-yet"), false));
  }

  private static BackupLine of(
      NightlyBackup.Status status, CollectionContext context, Instant now) {
    String last =
        status
            .lastGood()
            .map(
                good ->
                    Messages.text(
                        "backup.last", English.moment(good.atZone(context.collection().zone()))))
            .orElse(Messages.text("backup.never"));
    boolean old = status.lastGood().filter(good -> good.plus(OLD).isAfter(now)).isEmpty();
    return status.error().isEmpty()
        ? new BackupLine(last, old)
        : new BackupLine(last + " " + Messages.text("backup.failed", status.error()), true);
  }
}

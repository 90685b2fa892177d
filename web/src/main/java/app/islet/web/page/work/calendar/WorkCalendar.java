package app.islet.web.page.work.calendar;

import app.islet.core.plan.DueTask;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Units;
import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.property.DateStart;
import biweekly.property.RefreshInterval;
import biweekly.property.Uid;
import biweekly.util.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Date;
import java.util.List;
import java.util.stream.Collectors;

/**
 * What is to be done, one entry of the whole day for each enclosure, as iCalendar (RFC 5545).
 *
 * @param name of the calendar
 * @param made the moment it was written
 */
record WorkCalendar(String name, Units units, Instant made) {
  private static final int REFRESH_HOURS = 6;

  /** The work of one enclosure on one day. */
  record Day(long enclosureId, String enclosure, LocalDate day, List<DueTask> tasks, String link) {}

  String write(List<Day> days) {
    ICalendar calendar = new ICalendar();
    calendar.setProductId("-//Islet//Work//EN");
    calendar.setName(name);
    calendar.setRefreshInterval(
        new RefreshInterval(new Duration.Builder().hours(REFRESH_HOURS).build()));
    days.stream()
        .filter(day -> !day.tasks().isEmpty())
        .forEach(day -> calendar.addEvent(event(day)));
    return Biweekly.write(calendar).go();
  }

  private VEvent event(Day day) {
    VEvent event = new VEvent();
    event.setUid(new Uid("%d-%s@islet".formatted(day.enclosureId(), day.day())));
    event.setDateTimeStamp(Date.from(made));
    event.setDateStart(new DateStart(midnight(day.day()), false));
    event.setSummary(Messages.text("calendar.entry", day.enclosure(), minutes(day.tasks())));
    event.setDescription(
        day.tasks().stream().map(this::line).collect(Collectors.joining("\n")) + "\n" + day.link());
    event.setTransparency(true);
    return event;
  }

  /** The library writes a date in the zone of the machine. */
  private static Date midnight(LocalDate day) {
    return Date.from(day.atStartOfDay(ZoneId.systemDefault()).toInstant());
  }

  private static long minutes(List<DueTask> tasks) {
    return Math.round(tasks.stream().mapToDouble(due -> due.task().minutes()).sum());
  }

  private String line(DueTask due) {
    return units.text(due.task().title()) + ": " + units.text(due.amount());
  }
}

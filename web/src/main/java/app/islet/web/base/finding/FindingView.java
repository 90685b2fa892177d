package app.islet.web.base.finding;

import app.islet.core.enclosure.DesignField;
import app.islet.core.review.Finding;
import app.islet.core.text.English;
import app.islet.web.base.support.Ids;
import app.islet.web.base.support.Units;
import java.util.List;
import java.util.Locale;

/**
 * A finding, worded for one keeper.
 *
 * @param key names it among the findings, however it reads
 * @param css class that goes with the severity's word
 * @param things what in the drawing it is about, apart by blanks
 * @param link words and page of the enclosure where what it concerns can be changed; empty for what
 *     concerns people
 * @param accepted until when and why the keeper lives with it; empty while nobody said so
 */
public record FindingView(
    String key,
    String rule,
    String severity,
    String css,
    String step,
    String who,
    String what,
    String why,
    List<RemedyView> remedies,
    String things,
    Link link,
    String school,
    String otherwise,
    String source,
    String accepted) {

  /**
   * @param page of the enclosure, with the field on it where there is one
   */
  public record Link(String words, String page) {}

  /**
   * @param changes the numbers it sets, as {@link RemedyText} writes them; empty where it is a
   *     thing of hands
   */
  public record RemedyView(String text, String changes) {
    public boolean applies() {
      return !changes.isEmpty();
    }
  }

  static FindingView of(Units u, Finding f, String key) {
    return new FindingView(
        key,
        f.rule(),
        f.severity().word(),
        f.severity().word().toLowerCase(Locale.ROOT),
        f.step().word(),
        f.who(),
        u.text(f.what()),
        u.text(f.why()),
        f.remedies().stream()
            .map(r -> new RemedyView(u.text(r.text()), RemedyText.write(r.changes())))
            .toList(),
        String.join(" ", f.things()),
        link(f),
        f.school().map(s -> s.name()).orElse(""),
        String.join(", ", f.otherwise()),
        f.basis().words(),
        f.accepted().map(a -> "until " + English.day(a.askAgain()) + ": " + a.reason()).orElse(""));
  }

  /** Where it can be put right: the field of its first number, or the page of its step. */
  private static Link link(Finding f) {
    return f.remedies().stream()
        .flatMap(r -> r.changes().stream())
        .map(change -> DesignField.of(change.field()))
        .filter(DesignField::isInDesignForm)
        .findFirst()
        .map(field -> new Link("Show it in the design", "build#" + field.key()))
        .orElseGet(
            () ->
                switch (f.step()) {
                  case RESIDENTS -> new Link("Go to the residents", "residents");
                  case SITE -> new Link("Go to the room", "site");
                  case PEOPLE -> new Link("", "");
                  default -> new Link("Go to the design", "build");
                });
  }

  /** Tells how it reads: a page on which it reads so need not be sent it again. */
  public String says() {
    return Ids.ofContent(toString());
  }

  /** What a keeper may put off: not a Danger, and a Note asks for nothing. */
  public boolean acceptable() {
    return severity.equals("Wrong") || severity.equals("Watch");
  }

  public boolean isAccepted() {
    return !accepted.isEmpty();
  }

  /** Whether it asks for an act: not a note, and not put off. */
  public boolean isOpen() {
    return !severity.equals("Note") && !isAccepted();
  }
}

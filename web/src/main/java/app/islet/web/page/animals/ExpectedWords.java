package app.islet.web.page.animals;

import app.islet.core.care.Breeding;
import app.islet.core.livestock.Expected;
import app.islet.core.livestock.Expected.What;
import app.islet.core.livestock.LifeEvent;
import app.islet.core.text.English;
import app.islet.web.base.support.Messages;
import java.util.List;

/** What is expected of mating and eggs, in words. */
record ExpectedWords(String what, String when, String note, String basis) {
  static List<ExpectedWords> of(Subject s) {
    if (!s.isHere()) {
      return List.of();
    }
    return Expected.of(breeders(s), s.events(), s.today()).stream().map(e -> of(e, s)).toList();
  }

  private static Expected.Breeders breeders(Subject s) {
    boolean south = s.home().map(home -> home.design().site().isSouth()).orElse(false);
    return Expected.Breeders.of(s.resident(), s.waterC(), south);
  }

  private static ExpectedWords of(Expected e, Subject s) {
    String when = English.day(e.window().from()) + " to " + English.day(e.window().to());
    String what =
        switch (e.what()) {
          case HATCHING ->
              Messages.text("breeding.hatching", e.since().map(English::day).orElse(""));
          case BROOD -> Messages.text("breeding.brood", e.since().map(English::day).orElse(""));
          case LAYING -> Messages.text("breeding.laying", laid(s));
        };
    return new ExpectedWords(what, when, English.capital(e.note()), e.basis().words());
  }

  private static String laid(Subject s) {
    return s.resident().sheet().breeding().laying().map(Breeding.Laying::what).orElse("");
  }

  /** Whether any of it is worth a word on the first page: a season is told where it is asked. */
  static List<ExpectedWords> young(Subject s) {
    boolean bred =
        s.events().stream()
            .anyMatch(e -> e.kind() == LifeEvent.Kind.EGGS || e.kind() == LifeEvent.Kind.BERRIED);
    if (!bred) {
      return List.of();
    }
    return Expected.of(breeders(s), s.events(), s.today()).stream()
        .filter(e -> e.what() != What.LAYING)
        .map(e -> of(e, s))
        .toList();
  }
}

package app.islet.core.review.rule;

import app.islet.core.animal.Cohort;
import app.islet.core.animal.SpaceNeeds;
import app.islet.core.care.Needs;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.Outlook;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import app.islet.core.text.English;
import com.google.auto.service.AutoService;
import java.time.LocalDate;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/** Floor or water that fails within the months of growth a school counts in; a year for most. */
@AutoService(Rule.class)
public final class SoonOutgrown implements Rule {
  @Override
  public String id() {
    return "soon-outgrown";
  }

  private static boolean tooSmall(HusbandryState s, SpaceNeeds needs) {
    return s.geometry().footprintCm2() < needs.floorCm2()
        || s.geometry().waterL() < needs.waterL().orElse(0);
  }

  /** How far ahead the one of them looks whose vessel is chosen the longest ahead, months. */
  private static int ahead(HusbandryState s) {
    return s.residents().stream()
        .mapToInt(r -> r.stage().needs().space().ahead().months())
        .max()
        .orElse(0);
  }

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    if (tooSmall(s, new SpaceNeeds(s.cohorts()))) {
      return Stream.empty();
    }
    for (int month = 1; month <= ahead(s); month++) {
      SpaceNeeds then = new SpaceNeeds(Cohort.of(s.grown(Outlook.days(month))));
      if (tooSmall(s, then)) {
        return Stream.of(outgrown(s, month, then));
      }
    }
    return Stream.empty();
  }

  private Finding outgrown(HusbandryState s, int month, SpaceNeeds then) {
    Cohort most = then.mostFloor();
    LocalDate day = s.date().plusDays(Outlook.days(month));
    boolean own = most.members().stream().anyMatch(r -> r.size().growth().isPresent());
    return finding(Severity.WATCH, Step.BUILD)
        .who(s.cohorts(), most)
        .basis(most.all().growth().basis())
        .what(
            "Outgrown {} ({}): then {}, {} long.",
            when(month),
            English.month(day),
            Cohort.words(then.cohorts()),
            Quantity.cm(most.all().bodyCm()))
        .why(
            own
                ? "Told from their own measurements; each new one makes it surer."
                : "An average of many animals: yours may be half as fast or twice. Measure, and Islet corrects it.")
        .remedy("{} by {}.", plan(s, then), English.day(day))
        .build();
  }

  /** What will be too small, and only that. */
  private static Phrase plan(HusbandryState s, SpaceNeeds then) {
    boolean floor = !Needs.Space.isEnough(s.geometry().footprintCm2(), then.floorCm2());
    OptionalDouble litres = then.waterL();
    boolean water =
        litres.isPresent() && !Needs.Space.isEnough(s.geometry().waterL(), litres.getAsDouble());
    Phrase floorWords = Phrase.of("Plan a floor of {}", Quantity.cm2(then.floorCm2()));
    if (!water) {
      return floorWords;
    }
    Quantity all = Quantity.litres(litres.getAsDouble());
    return floor
        ? Phrase.of("{} and {} of water", floorWords, all)
        : Phrase.of("Plan {} of water", all);
  }

  /** It still fits when last asked, and no longer a month later. */
  private static String when(int month) {
    return month == 1 ? "within a month" : "in about %d to %d months".formatted(month - 1, month);
  }
}

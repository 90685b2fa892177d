package app.islet.web.page.animals;

import app.islet.core.animal.Condition;
import app.islet.core.care.AnimalGroup;
import app.islet.core.livestock.LifeEvent;
import app.islet.core.livestock.RationAdvice;
import app.islet.core.quantity.Dimension;
import app.islet.core.text.English;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Units;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Whether it is thin or fat, in words, with the ration that follows.
 *
 * @param grave whether something is to be done
 * @param ration in per cent of the sheet's portions, where another is advised
 * @param askBelly whether its belly can be measured against its head
 * @param askScutes whether it has scutes that can pile up
 */
record ConditionWords(
    List<String> lines,
    boolean grave,
    Optional<Integer> ration,
    boolean askBelly,
    boolean askScutes) {
  private static final int PERCENT = 100;

  static ConditionWords of(Subject s, Units u) {
    List<String> lines = new ArrayList<>();
    Optional<Condition> condition = s.facts().condition();
    condition.ifPresent(c -> lines.add(words(c, u)));
    Optional<Double> loss = Condition.loss(s.facts().weighings());
    loss.ifPresent(
        share -> lines.add(Messages.text("condition.loss", Math.round(PERCENT * share))));
    RationAdvice advice = RationAdvice.of(condition, s.events(), s.animal().ration(), s.today());
    RationAdvice.recent(s.events(), LifeEvent.Kind.BELLY, s.today())
        .ifPresent(e -> lines.add(words(e, advice.belly())));
    if (advice.raised()) {
      lines.add(Messages.text("condition.raised"));
    }
    AnimalGroup group = s.resident().sheet().group();
    return new ConditionWords(
        lines,
        advice.ration().isPresent() || loss.isPresent(),
        advice.ration().isPresent()
            ? Optional.of((int) Math.round(PERCENT * advice.ration().getAsDouble()))
            : Optional.empty(),
        group == AnimalGroup.SALAMANDER && !s.isEggs(),
        group == AnimalGroup.TURTLE && !s.isEggs());
  }

  private static String words(Condition c, Units u) {
    String percent = String.valueOf(Math.round(PERCENT * c.share()));
    String normal = u.range(c.normalG(), Dimension.MASS);
    String weighed = u.grams(c.massG()) + ", " + English.day(c.day());
    return switch (c.verdict()) {
      case THIN -> Messages.text("condition.thin", weighed, percent, normal);
      case NORMAL -> Messages.text("condition.normal", weighed, percent, normal);
      case FAT -> Messages.text("condition.fat", weighed, percent, normal);
    };
  }

  private static String words(LifeEvent seen, RationAdvice.Belly belly) {
    String percent = String.valueOf(Math.round(seen.amount().orElse(PERCENT)));
    String day = English.day(seen.day());
    return switch (belly) {
      case THIN -> Messages.text("condition.belly-thin", percent, day);
      case FAT -> Messages.text("condition.belly-fat", percent, day);
      default -> Messages.text("condition.belly-normal", percent, day);
    };
  }
}

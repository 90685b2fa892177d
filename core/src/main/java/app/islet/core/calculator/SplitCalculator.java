package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import app.islet.core.quantity.Dimension;
import app.islet.core.rearing.Split;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Map;

/** So many young in so many boxes. */
@AutoService(Calculator.class)
public final class SplitCalculator extends AbstractCalculator {
  private static final int MAX = 100_000;

  public SplitCalculator() {
    super(
        "split",
        "Young into boxes",
        "As even as can be: the two sizes differ by one, and every animal is in a box.",
        Evidence.published("arithmetic"),
        List.of(
            Input.whole("animals", "Animals", 0, MAX),
            Input.whole("boxes", "Boxes", 1, MAX),
            Input.whole("mostPerBox", "Most in a box", 1, MAX).orDefault(MAX)),
        List.of(
            new Output("fullerBoxes", "Boxes with more", Dimension.COUNT),
            new Output("animalsInFuller", "Animals in each", Dimension.COUNT),
            new Output("otherBoxes", "Other boxes", Dimension.COUNT),
            new Output("animalsInOther", "Animals in each of the others", Dimension.COUNT)));
  }

  @Override
  public Map<String, Double> compute(Values in) {
    int animals = (int) in.get("animals");
    int boxes = (int) in.get("boxes");
    int most = (int) in.get("mostPerBox");
    Split split = Split.of(animals, boxes);
    if (split.animalsInFuller() > most) {
      throw new RefusedException(
          "boxes",
          "boxes must be at least %d, so that none holds more than %d of %d animals, but was %d"
              .formatted(Split.boxesFor(animals, most), most, animals, boxes));
    }
    return answer(
        split.fullerBoxes(), split.animalsInFuller(), split.otherBoxes(), split.animalsInOther());
  }
}

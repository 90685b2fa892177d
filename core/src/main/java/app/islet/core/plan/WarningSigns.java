package app.islet.core.plan;

import app.islet.core.care.AnimalGroup;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.stream.Stream;

/**
 * What somebody who knows nothing of the animals can see: what calls for help, and what looks
 * alarming and is not. Common practice, no source; a vet decides what it is.
 *
 * @param wrong call at once
 * @param normal leave alone
 */
public record WarningSigns(List<String> wrong, List<String> normal) {
  private static final List<String> WRONG_FOR_ALL =
      List.of(
          "All of them at the surface, or gasping: something is wrong with the water.",
          "Water that is cloudy, smells, or is far too warm or cold.",
          "A wound, a swelling, white threads or patches.",
          "A leak, a dry pump, a lamp or heater that is off, a lid that is open.",
          "An animal outside its enclosure, or fewer than there should be.");

  private static final List<String> NORMAL_FOR_ALL =
      List.of("Begging. It is not hunger: do not feed more than the sheet says.");

  public WarningSigns {
    wrong = List.copyOf(wrong);
    normal = List.copyOf(normal);
  }

  /** Of all kinds that live together. */
  public static WarningSigns of(Collection<AnimalGroup> groups) {
    return new WarningSigns(
        join(WRONG_FOR_ALL, groups.stream().distinct().sorted().flatMap(WarningSigns::wrong)),
        join(NORMAL_FOR_ALL, groups.stream().distinct().sorted().flatMap(WarningSigns::normal)));
  }

  private static List<String> join(List<String> all, Stream<String> own) {
    List<String> lines = new ArrayList<>(own.toList());
    lines.addAll(all);
    return lines;
  }

  private static Stream<String> wrong(AnimalGroup group) {
    return switch (group) {
      case TURTLE ->
          Stream.of(
              "It lies on its back, cannot dive, or tilts when it swims.",
              "It gapes, or has bubbles at the nose.",
              "A female that digs and paces on land and does not eat: she may hold eggs.");
      case SALAMANDER ->
          Stream.of(
              "Red or sore skin, gills that curl forward or shrink.",
              "It floats and cannot sink, or is restless by day.");
      case FROG ->
          Stream.of("A bloated or very thin frog, red thighs or belly, skin that hangs in rags.");
      case CRAB ->
          Stream.of(
              "It hangs out of its shell, or drops legs.",
              "A smell of fish: a dead crab. Look for it without digging up who is buried.");
    };
  }

  private static Stream<String> normal(AnimalGroup group) {
    return switch (group) {
      case TURTLE -> Stream.of("Thin, clear pieces of shell that peel off. Never pull at them.");
      case SALAMANDER ->
          Stream.of("It sheds its skin and eats it. Two or three days without food.");
      case FROG ->
          Stream.of("It hangs still at the surface, hums at night, or sheds its skin and eats it.");
      case CRAB ->
          Stream.of(
              "One that is unseen or buried for weeks: it moults. Leave it, and leave the old skin.");
    };
  }
}

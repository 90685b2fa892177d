package app.islet.core.field;

import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Things that a document names by their id.
 *
 * @param word for one of them in a sentence
 * @param all every id there is
 */
public record Catalogue<T>(
    Class<T> type,
    String word,
    Function<T, String> id,
    Function<String, Optional<T>> find,
    Supplier<Stream<T>> all) {
  String idOf(Object thing) {
    return id.apply(type.cast(thing));
  }

  String unknown(String wrong) {
    return "there is no %s \"%s\"; there are: %s"
        .formatted(word, wrong, all.get().map(id).sorted().collect(Collectors.joining(", ")));
  }
}

package app.islet.core.field;

import app.islet.core.quantity.Limit;
import app.islet.core.text.Fields;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Reads and writes records as groups of fields, going by their components alone: what is read is
 * what is written.
 */
public final class RecordFormat {
  private static final String KIND = "kind";

  private final Map<Class<?>, Catalogue<?>> catalogues;

  /**
   * @param catalogues of what is written by its id
   */
  public RecordFormat(Catalogue<?>... catalogues) {
    this.catalogues = Arrays.stream(catalogues).collect(Collectors.toMap(Catalogue::type, c -> c));
  }

  /**
   * @throws IllegalArgumentException where it cannot be put together; why is written down in {@code
   *     f}, or in the message
   */
  public <T extends Record> T read(Fields f, Class<T> type) {
    List<@Nullable Object> values = values(f, type);
    if (values.stream().anyMatch(Objects::isNull)) {
      f.stopIfProblems();
    }
    return type.cast(RecordShape.of(type).make(values.toArray()));
  }

  /** As {@link #read}, but nothing is put together of what has a problem in it. */
  public <T extends Record> T readWhole(Fields f, Class<T> type) {
    List<@Nullable Object> values = values(f, type);
    f.stopIfProblems();
    return type.cast(RecordShape.of(type).make(values.toArray()));
  }

  private List<@Nullable Object> values(Fields f, Class<?> type) {
    List<@Nullable Object> values = new ArrayList<>();
    RecordShape.of(type).slots().forEach(slot -> values.add(value(f, slot)));
    return values;
  }

  private @Nullable Object value(Fields f, Slot s) {
    return switch (s.many()) {
      case LIST -> list(f, s);
      case OPTIONAL -> s.isFlat() ? flat(f, s) : optional(f, s);
      case ONE -> s.isFlat() ? record(f, s.type()) : one(f, s);
    };
  }

  private Record record(Fields f, Class<?> type) {
    return read(f, type.asSubclass(Record.class));
  }

  /** All of its fields, or none. */
  private Optional<Object> flat(Fields f, Slot s) {
    List<String> names = RecordShape.of(s.type()).fields().map(Slot::name).toList();
    long there = names.stream().filter(f::has).count();
    if (there > 0 && there < names.size()) {
      throw new IllegalArgumentException(
          String.join(" and ", names) + " are given both, or neither");
    }
    return there == 0 ? Optional.empty() : Optional.of(record(f, s.type()));
  }

  private Object optional(Fields f, Slot s) {
    Class<?> type = s.type();
    if (type == double.class) {
      return f.optionalNumber(s.name(), s.range());
    }
    if (type == Boolean.class) {
      return f.optionalFlag(s.name());
    }
    if (type == LocalDate.class) {
      return f.optionalDate(s.name());
    }
    return type.isEnum() ? choice(f, s) : f.optionalGroup(s.name(), g -> record(g, type));
  }

  @SuppressWarnings({"unchecked", "rawtypes"})
  private static Optional<?> choice(Fields f, Slot s) {
    return f.optionalChoice(s.name(), (Class) s.type());
  }

  @SuppressWarnings({"unchecked", "rawtypes"})
  private @Nullable Object one(Fields f, Slot s) {
    String name = s.name();
    Class<?> type = s.type();
    if (type == double.class) {
      return s.usual().isPresent()
          ? f.optionalNumber(name, s.range()).orElse((double) s.usual().get())
          : f.number(name, s.range());
    }
    if (type == int.class) {
      Limit limit = s.range();
      int min = (int) limit.min();
      int max = (int) limit.max();
      return s.usual().isPresent()
          ? f.whole(name, min, max, limit.unit(), (int) s.usual().get())
          : f.whole(name, min, max, limit.unit());
    }
    if (type == boolean.class) {
      return f.flag(name, (boolean) s.usual().orElse(false));
    }
    if (type == String.class) {
      return f.text(name, s.layout().most());
    }
    if (type.isEnum()) {
      return s.usual().isPresent()
          ? ((Optional<Object>) choice(f, s)).orElse(s.usual().get())
          : f.choice(name, (Class) type);
    }
    if (catalogues.containsKey(type)) {
      return named(f, name, f.text(name, s.layout().most()), type).findFirst().orElse(null);
    }
    return s.usual().isPresent()
        ? f.optionalGroup(name, g -> (Object) record(g, type)).orElse(s.usual().get())
        : f.group(name, g -> record(g, type));
  }

  private Stream<?> named(Fields f, String field, String id, Class<?> type) {
    Catalogue<?> catalogue = Objects.requireNonNull(catalogues.get(type));
    Optional<?> found = catalogue.find().apply(id);
    if (found.isEmpty()) {
      f.problem(field, catalogue.unknown(id));
    }
    return found.stream();
  }

  private List<?> list(Fields f, Slot s) {
    Class<?> type = s.type();
    if (catalogues.containsKey(type)) {
      return f.texts(s.name(), s.layout().most()).stream()
          .flatMap(id -> named(f, s.name(), id, type))
          .toList();
    }
    return f.groups(
        s.name(), s.layout().most(), g -> type.isSealed() ? member(g, type) : record(g, type));
  }

  /** One of a sealed type, by what its field {@code kind} says. */
  private Record member(Fields f, Class<?> type) {
    List<Class<?>> members = List.of(type.getPermittedSubclasses());
    String all = members.stream().map(Slot::kindOf).collect(Collectors.joining(", "));
    Optional<String> said = f.optionalText(KIND, 40);
    Optional<Class<?>> member =
        members.stream()
            .filter(m -> said.isPresent() && Slot.kindOf(m).equals(said.get()))
            .findFirst();
    if (member.isEmpty()) {
      f.problem(
          KIND,
          said.map(kind -> "\"%s\" is not one of %s".formatted(kind, all))
              .orElse("this is missing: one of " + all));
      f.stopIfProblems();
    }
    return record(f, member.orElseThrow());
  }

  /** Its fields by name, as plain values, groups and lists. */
  public Map<String, Object> written(Record record) {
    Map<String, Object> map = new LinkedHashMap<>();
    if (Arrays.stream(record.getClass().getInterfaces()).anyMatch(Class::isSealed)) {
      map.put(KIND, Slot.kindOf(record.getClass()));
    }
    for (Slot slot : RecordShape.of(record.getClass()).slots()) {
      put(map, slot, slot.of(record));
    }
    return map;
  }

  private void put(Map<String, Object> map, Slot s, Object value) {
    if (value instanceof OptionalDouble number) {
      number.ifPresent(n -> map.put(s.name(), plain(n)));
    } else if (value instanceof Optional<?> optional) {
      optional.ifPresent(v -> putOne(map, s, v));
    } else if (value instanceof List<?> list) {
      if (s.layout().always() || !list.isEmpty()) {
        map.put(s.name(), list.stream().map(this::plain).toList());
      }
    } else if (s.layout().always() || !s.usual().equals(Optional.of(value))) {
      putOne(map, s, value);
    }
  }

  private void putOne(Map<String, Object> map, Slot s, Object value) {
    if (s.isFlat()) {
      map.putAll(written((Record) value));
    } else {
      map.put(s.name(), plain(value));
    }
  }

  private Object plain(Object value) {
    if (value instanceof Double number) {
      return number(number);
    }
    if (value instanceof Enum<?> constant) {
      return Fields.written(constant);
    }
    if (value instanceof LocalDate) {
      return value.toString();
    }
    Catalogue<?> catalogue = catalogues.get(value.getClass());
    if (catalogue != null) {
      return catalogue.idOf(value);
    }
    return value instanceof Record record ? written(record) : value;
  }

  /** Whole numbers without a point, so that a document reads as it was typed. */
  public static Object number(double value) {
    return value == Math.rint(value) && Math.abs(value) < 1e9
        ? (Object) (long) value
        : (Object) value;
  }
}

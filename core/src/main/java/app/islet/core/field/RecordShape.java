package app.islet.core.field;

import app.islet.core.quantity.Limit;
import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/** The fields of a record in a document, in the order they are written. */
public final class RecordShape {
  private static final ClassValue<RecordShape> SHAPES =
      new ClassValue<>() {
        @Override
        protected RecordShape computeValue(Class<?> type) {
          return new RecordShape(type);
        }
      };

  private final Constructor<?> canonical;
  private final List<Slot> slots;

  private RecordShape(Class<?> type) {
    this.slots = Arrays.stream(type.getRecordComponents()).map(RecordShape::slot).toList();
    try {
      this.canonical =
          type.getConstructor(
              slots.stream().map(s -> s.component().getType()).toArray(Class<?>[]::new));
    } catch (NoSuchMethodException e) {
      throw new IllegalStateException(e);
    }
  }

  public static RecordShape of(Class<?> type) {
    return SHAPES.get(type);
  }

  /** One for each component. */
  public List<Slot> slots() {
    return slots;
  }

  /** As in a document: what is flat is replaced by its own fields. */
  public Stream<Slot> fields() {
    return slots.stream().flatMap(s -> s.isFlat() ? of(s.type()).fields() : Stream.of(s));
  }

  /** Those without which a document is refused. */
  public Stream<Slot> required() {
    return slots.stream()
        .filter(s -> s.isRequired())
        .flatMap(s -> s.isFlat() ? of(s.type()).required() : Stream.of(s));
  }

  /**
   * The field at a place of a document, as {@code /vessel/lengthCm}. A device is named by its kind,
   * {@code /equipment/heater/powerW}; the entries of other lists have no name.
   */
  public Optional<Slot> at(String pointer) {
    String[] names = pointer.substring(1).split("/", 2);
    Optional<Slot> slot = fields().filter(s -> s.name().equals(names[0])).findFirst();
    return names.length == 1 ? slot : slot.flatMap(s -> inside(s.type(), names[1]));
  }

  private static Optional<Slot> inside(Class<?> type, String pointer) {
    if (!type.isSealed()) {
      return of(type).at("/" + pointer);
    }
    String[] names = pointer.split("/", 2);
    return Arrays.stream(type.getPermittedSubclasses())
        .filter(member -> names.length == 2 && Slot.kindOf(member).equals(names[0]))
        .findFirst()
        .flatMap(member -> of(member).at("/" + names[1]));
  }

  /**
   * A record with these components.
   *
   * @throws IllegalArgumentException if it refuses them
   */
  Record make(Object... components) {
    try {
      return (Record) canonical.newInstance(components);
    } catch (InvocationTargetException e) {
      if (e.getCause() instanceof RuntimeException refused) {
        throw refused;
      }
      throw new IllegalStateException(e);
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException(e);
    }
  }

  private static Slot slot(RecordComponent component) {
    Class<?> raw = component.getType();
    Slot.Many many =
        raw == Optional.class || raw == OptionalDouble.class
            ? Slot.Many.OPTIONAL
            : raw == List.class ? Slot.Many.LIST : Slot.Many.ONE;
    Class<?> type = raw == OptionalDouble.class ? double.class : element(component);
    Stored stored = component.getAnnotation(Stored.class);
    Between between = component.getAnnotation(Between.class);
    return new Slot(
        stored == null || stored.as().isEmpty() ? component.getName() : stored.as(),
        type,
        many,
        Optional.ofNullable(between).map(RecordShape::limit),
        usual(type, stored),
        stored == null
            ? new Slot.Layout(false, false, 0)
            : new Slot.Layout(stored.flat(), stored.always(), stored.most()),
        component);
  }

  private static Class<?> element(RecordComponent component) {
    Type generic = component.getGenericType();
    return generic instanceof ParameterizedType of
        ? (Class<?>) of.getActualTypeArguments()[0]
        : component.getType();
  }

  private static Limit limit(Between between) {
    Limit limit = Limit.of(between.of(), between.min(), between.max());
    return between.unit().isEmpty()
        ? limit
        : new Limit(limit.dimension(), limit.min(), limit.max(), between.unit());
  }

  private static Optional<Object> usual(Class<?> type, Stored stored) {
    if (stored == null || stored.usual().isEmpty()) {
      return type == boolean.class ? Optional.of(false) : Optional.empty();
    }
    String word = stored.usual();
    if (type == double.class) {
      return Optional.of(Double.valueOf(word));
    }
    if (type == int.class) {
      return Optional.of(Integer.valueOf(word));
    }
    try {
      return Optional.of(type.getField(word).get(null));
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException(e);
    }
  }
}

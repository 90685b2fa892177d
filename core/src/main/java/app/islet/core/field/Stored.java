package app.islet.core.field;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** How a component of a record stands in a document, where that is not plain from its type. */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface Stored {
  /** Its name there, where it is another. */
  String as() default "";

  /** Its fields stand among those of the record it is in, not in a group of their own. */
  boolean flat() default false;

  /**
   * What counts where it is left out: a number, {@code true}, or the name of a constant of its
   * type.
   */
  String usual() default "";

  /** Written even where it is as usual. */
  boolean always() default false;

  /** Most entries of a list, most characters of a text. */
  int most() default 40;
}

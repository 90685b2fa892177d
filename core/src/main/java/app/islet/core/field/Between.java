package app.islet.core.field;

import app.islet.core.quantity.Dimension;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * Between what the number of this component may lie, both ends included: in a document and in every
 * form alike. Beyond it somebody has mistyped.
 */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface Between {
  Dimension of();

  /** In the SI unit of the dimension. */
  double min();

  double max();

  /** As a document says it; that of the dimension where this is empty. */
  String unit() default "";
}

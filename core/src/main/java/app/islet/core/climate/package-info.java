/**
 * How warm the water and the air will be, and what heating or cooling it takes. Estimates, with
 * their range stated.
 */
@NullMarked
package app.islet.core.climate;

import org.jspecify.annotations.NullMarked;

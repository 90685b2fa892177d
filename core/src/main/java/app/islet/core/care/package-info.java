/**
 * What is known of the animals: care sheets, one a species, with needs by life stage.
 *
 * <p>A sheet is a YAML file a keeper can read. Every block of numbers carries its {@link
 * app.islet.core.care.Evidence}: published, common practice, or written from memory. Lengths are
 * those keepers measure: carapace length for turtles, total length for salamanders, snout to vent
 * for frogs, carapace width for crabs.
 */
@NullMarked
package app.islet.core.care;

import org.jspecify.annotations.NullMarked;

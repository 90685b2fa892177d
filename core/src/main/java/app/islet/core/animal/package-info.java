/** The animals that live in an enclosure, singly or in groups of one kind and size. */
@NullMarked
package app.islet.core.animal;

import org.jspecify.annotations.NullMarked;

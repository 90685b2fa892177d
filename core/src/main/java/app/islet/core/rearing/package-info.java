/**
 * Raising young: from eggs to animals that stand on their own. A guide (YAML, one a life course)
 * says by what signs a stage is told, when it is expected, what it eats and what threatens it; a
 * batch's own dates correct the days. Lengths in cm, water in L, days counted from birth or
 * hatching. Counts stand on the books of the animals (package {@code livestock}), never here.
 */
@NullMarked
package app.islet.core.rearing;

import org.jspecify.annotations.NullMarked;

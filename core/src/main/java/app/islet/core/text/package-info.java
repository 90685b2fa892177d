/**
 * Structured text, JSON or YAML, read into a tree that remembers line and column.
 *
 * <p>Care sheets and enclosure documents are written by people. When one is wrong, the answer must
 * name the place and say what would be right; so they are read through {@link
 * app.islet.core.text.Fields}, which collects every problem before it refuses the whole.
 */
@NullMarked
package app.islet.core.text;

import org.jspecify.annotations.NullMarked;

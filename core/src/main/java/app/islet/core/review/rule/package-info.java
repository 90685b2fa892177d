/**
 * The rules, one small class each. A rule registers itself by {@code @AutoService}; nothing else
 * needs to know it.
 */
@NullMarked
package app.islet.core.review.rule;

import org.jspecify.annotations.NullMarked;

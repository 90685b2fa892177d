/**
 * Menus and the order in which their foods take turns.
 *
 * <p>Uses care alone: what an animal weighs and what a piece of food is, others know.
 */
@NullMarked
package app.islet.core.feeding;

import org.jspecify.annotations.NullMarked;

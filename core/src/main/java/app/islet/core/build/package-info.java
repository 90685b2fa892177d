/**
 * The build sheet: what a design takes in material and power, and the order in which it is built,
 * with its waits.
 */
@NullMarked
package app.islet.core.build;

import org.jspecify.annotations.NullMarked;

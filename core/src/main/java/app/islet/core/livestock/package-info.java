/**
 * The books of the animals: who was where on which day, how they came and how they left. Every
 * movement takes from one place what it gives to another, so the numbers always add up.
 */
@NullMarked
package app.islet.core.livestock;

import org.jspecify.annotations.NullMarked;

/**
 * Calculators: one definition each, from which the shell command, the HTTP answer and the page are
 * made.
 */
@NullMarked
package app.islet.core.calculator;

import org.jspecify.annotations.NullMarked;

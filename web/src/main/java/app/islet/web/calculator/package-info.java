/** The calculators of the core as pages. */
@NullMarked
package app.islet.web.calculator;

import org.jspecify.annotations.NullMarked;

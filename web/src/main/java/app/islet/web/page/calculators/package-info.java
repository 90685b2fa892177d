/** The calculators of the core as pages. */
@NullMarked
package app.islet.web.page.calculators;

import org.jspecify.annotations.NullMarked;

/** A finding worded and linked for one keeper. */
@NullMarked
package app.islet.web.base.finding;

import org.jspecify.annotations.NullMarked;

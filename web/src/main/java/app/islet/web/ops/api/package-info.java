/** The assessment of an enclosure as JSON. */
@NullMarked
package app.islet.web.ops.api;

import org.jspecify.annotations.NullMarked;

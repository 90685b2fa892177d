/** Who lives in an enclosure, and their measurements. */
@NullMarked
package app.islet.web.store.animal;

import org.jspecify.annotations.NullMarked;

/** A whole collection as one open file, and back. */
@NullMarked
package app.islet.web.reading.archive;

import org.jspecify.annotations.NullMarked;

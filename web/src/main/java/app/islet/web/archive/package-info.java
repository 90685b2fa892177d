/** A whole collection as one open file, and back. */
@NullMarked
package app.islet.web.archive;

import org.jspecify.annotations.NullMarked;

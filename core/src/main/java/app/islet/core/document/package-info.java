/** Reading and writing the enclosure document, the open format of a design (see docs/format.md). */
@NullMarked
package app.islet.core.document;

import org.jspecify.annotations.NullMarked;

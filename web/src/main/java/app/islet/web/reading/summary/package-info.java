/**
 * What lists of enclosures show of each: small, worked out once for each version of an enclosure,
 * and kept for all of them.
 */
@NullMarked
package app.islet.web.reading.summary;

import org.jspecify.annotations.NullMarked;

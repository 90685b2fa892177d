/** An enclosure as it stands on a day, judged, kept until something of it changes. */
@NullMarked
package app.islet.web.reading.snapshot;

import org.jspecify.annotations.NullMarked;

/** Raising young: how many to a box. Counts are of animals; nothing here knows a calendar. */
@NullMarked
package app.islet.core.rearing;

import org.jspecify.annotations.NullMarked;

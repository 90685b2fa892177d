/**
 * The enclosure as designed: vessel, ground, water line, land, equipment, and the site it stands
 * at. Plain immutable data.
 *
 * <p>Axes: x along the length from the left end, y upward from the inner floor of the vessel. The
 * water lies to the left, the land to the right. All lengths are inner ones.
 */
@NullMarked
package app.islet.core.enclosure;

import org.jspecify.annotations.NullMarked;

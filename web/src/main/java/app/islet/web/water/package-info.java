/** The Water step of an enclosure: its tests, its start-up, its salt, and what to do now. */
@NullMarked
package app.islet.web.water;

import org.jspecify.annotations.NullMarked;

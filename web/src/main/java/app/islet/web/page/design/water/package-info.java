/** The Water step of an enclosure: its tests, its start-up, its salt, and what to do now. */
@NullMarked
package app.islet.web.page.design.water;

import org.jspecify.annotations.NullMarked;

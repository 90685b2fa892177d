/** A room: its name, its climate through the year, where on earth it lies. */
@NullMarked
package app.islet.web.page.design.room;

import org.jspecify.annotations.NullMarked;

/** The day of the lamps, UVB at the animal, light for plants, winter rest. */
@NullMarked
package app.islet.web.page.design.light;

import org.jspecify.annotations.NullMarked;

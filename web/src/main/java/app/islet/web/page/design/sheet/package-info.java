/** What an enclosure is made of, what it costs, and in which order it is built. */
@NullMarked
package app.islet.web.page.design.sheet;

import org.jspecify.annotations.NullMarked;

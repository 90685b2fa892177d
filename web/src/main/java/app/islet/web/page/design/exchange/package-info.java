/** A new enclosure, and files in and out. */
@NullMarked
package app.islet.web.page.design.exchange;

import org.jspecify.annotations.NullMarked;
